package silentotter.app.part;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import silentotter.app.change.Step;
import silentotter.app.http.Refusals;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.Problems;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What parts have in common when they read from files. */
public final class Filed {

    private static final String SET_ASIDE = "setAside";

    private Filed() {}

    /** A value and where it stands in its file. */
    public record Placed<T>(String at, T value) {}

    /** The elements of a list; those that cannot be read are added to the problems. */
    public static <T> List<T> list(JsonMapper json, JsonNode filed, Class<T> type, Problems problems, String path) {
        List<T> all = new ArrayList<>();
        for (int i = 0; i < filed.size(); i++) {
            try {
                all.add(json.treeToValue(filed.get(i), type));
            } catch (JacksonException e) {
                FieldProblem p = Refusals.unreadable(e);
                problems.add(new FieldProblem(path + "[" + i + "]." + p.field(), p.message(), p.allowed()));
            }
        }
        return all;
    }

    /** Puts the reason for setting aside on what is filed; nothing where it counts. */
    public static ObjectNode withReason(ObjectNode one, @Nullable String setAside) {
        return setAside == null ? one : one.put(SET_ASIDE, setAside);
    }

    /** Takes the reason for setting aside off what was filed; null where it counts. */
    public static @Nullable String takeReason(ObjectNode one) {
        JsonNode aside = one.remove(SET_ASIDE);
        return aside == null ? null : aside.asString();
    }

    /** What a file says of a reading beside its value. */
    public static void reading(@Nullable String takenAt, @Nullable String setAside, Problems problems, String path) {
        problems.moment(path + "takenAt", takenAt);
        problems.text(path + SET_ASIDE, setAside, Step.LONGEST_REASON);
    }
}
