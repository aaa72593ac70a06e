package silentotter.app.storage;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import org.springframework.stereotype.Component;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.Problems;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Writes and reads the JSON documents kept in the database. Reads leniently: what an earlier version accepted must open,
 * whatever is asked of new input today.
 */
@Component
public class Documents {
    private final JsonMapper json = JsonMapper.builder()
            .changeDefaultPropertyInclusion(v -> v.withValueInclusion(JsonInclude.Include.NON_ABSENT))
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    public String write(Object document) {
        return json.writeValueAsString(document);
    }

    public <T> T read(String text, Class<T> type) {
        return json.readValue(text, type);
    }

    public ObjectNode tree(Object document) {
        return json.valueToTree(document);
    }

    public <T> T fromTree(ObjectNode tree, Class<T> type) {
        return json.treeToValue(tree, type);
    }

    /** A value read from a stored document, and what of the document had to be left out for that. */
    public record Readable<D, V>(D document, V value, List<FieldProblem> leftOut) {}

    /**
     * Reads a stored document through its reader, and leaves out the fields that the reader would refuse today.
     *
     * @param reader adds what is wrong; empty when anything is
     */
    public <D, V> Readable<D, V> readable(D document, Class<D> type, BiFunction<D, Problems, Optional<V>> reader) {
        Problems problems = new Problems();
        Optional<V> value = reader.apply(document, problems);
        if (value.isPresent()) {
            return new Readable<>(document, value.get(), List.of());
        }
        ObjectNode tree = tree(document);
        problems.all().forEach(p -> tree.remove(p.field().replaceFirst("[.\\[].*$", "")));
        D rest = fromTree(tree, type);
        return reader.apply(rest, new Problems())
                .map(v -> new Readable<>(rest, v, problems.all()))
                .orElseThrow(() -> new IllegalStateException("unreadable document: " + document));
    }
}
