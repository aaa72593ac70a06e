package silentotter.app.change;

import java.util.Objects;
import java.util.TreeSet;
import silentotter.app.http.Conflict;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Takes back one change of a document that several jobs share, and leaves what others changed of it since. */
public final class FieldMerge {
    private FieldMerge() {}

    /**
     * The present document with the fields that differ between two others brought from the one to the other.
     *
     * @throws Conflict when such a field is no longer what the change had made of it
     */
    public static ObjectNode replay(ObjectNode present, ObjectNode from, ObjectNode to) {
        ObjectNode merged = present.deepCopy();
        TreeSet<String> names = new TreeSet<>(from.propertyNames());
        names.addAll(to.propertyNames());
        for (String name : names) {
            JsonNode was = from.get(name);
            JsonNode becomes = to.get(name);
            if (Objects.equals(was, becomes)) {
                continue;
            }
            if (!Objects.equals(present.get(name), was)) {
                throw new Conflict("This was changed again since, in another job of the same engine. Look at it first;"
                        + " nothing was taken back.");
            }
            if (becomes == null) {
                merged.remove(name);
            } else {
                merged.set(name, becomes);
            }
        }
        return merged;
    }
}
