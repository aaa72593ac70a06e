package silentotter.app.examination;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import silentotter.app.http.Refusals;
import silentotter.core.engine.Engine;
import silentotter.core.examination.Examination;
import silentotter.core.examination.ExaminationReader;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import silentotter.core.plugs.PlugSchool;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * An examination as JSON. A change is a merge patch (RFC 7396): only what changed is sent, null takes a field back, so
 * two windows that look at different things do not overwrite each other.
 */
@Component
class ExaminationDocument {
    private static final TypeReference<Map<String, Object>> TREE = new TypeReference<>() {};

    private final JsonMapper json;

    ExaminationDocument(JsonMapper json) {
        this.json = json;
    }

    ObjectNode empty() {
        return json.createObjectNode();
    }

    ObjectNode parse(String document) {
        return (ObjectNode) json.readTree(document);
    }

    /** The part with a patch merged in; nothing empty is kept. */
    ObjectNode merged(ObjectNode part, JsonNode patch) {
        ObjectNode merged = part.deepCopy();
        if (!patch.isObject()) {
            throw InvalidInput.at("", "A change must be a JSON object.");
        }
        merge(merged, (ObjectNode) patch);
        return merged;
    }

    private static void merge(ObjectNode into, ObjectNode patch) {
        patch.properties().forEach(e -> {
            JsonNode value = e.getValue();
            if (value.isNull()) {
                into.remove(e.getKey());
            } else if (value.isObject()) {
                ObjectNode child = into.get(e.getKey()) instanceof ObjectNode o ? o : into.putObject(e.getKey());
                merge(child, (ObjectNode) value);
                if (child.isEmpty()) {
                    into.remove(e.getKey());
                }
            } else {
                into.set(e.getKey(), value);
            }
        });
    }

    /** What can be read of stored parts; a part that an earlier version let pass and this one cannot read is left out. */
    Examinations.Kept readable(ObjectNode examination, PlugSchool leading) {
        try {
            return new Examinations.Kept(examination, toCore(examination), List.of(), leading);
        } catch (JacksonException unreadable) {
            return withoutUnreadable(examination, leading);
        }
    }

    private Examinations.Kept withoutUnreadable(ObjectNode examination, PlugSchool leading) {
        ObjectNode rest = examination.deepCopy();
        examination.propertyNames().forEach(part -> {
            try {
                toCore(empty().set(part, examination.get(part)));
            } catch (JacksonException unreadable) {
                rest.remove(part);
            }
        });
        List<String> leftOut = examination.propertyNames().stream()
                .filter(part -> !rest.has(part))
                .toList();
        return new Examinations.Kept(rest, toCore(rest), leftOut, leading);
    }

    Examination toCore(ObjectNode examination) {
        return json.treeToValue(examination, Examination.class);
    }

    /** @throws InvalidInput with everything that is wrong, by field */
    Examination checked(ObjectNode examination, Engine engine, Problems problems, String path) {
        int before = problems.all().size();
        try {
            ExaminationReader.check(json.treeToValue(examination, TREE), engine, problems, path);
            return problems.all().size() > before ? Examination.EMPTY : toCore(examination);
        } catch (JacksonException e) {
            FieldProblem p = Refusals.unreadable(e);
            problems.add(new FieldProblem(path + p.field(), p.message(), p.allowed()));
            return Examination.EMPTY;
        }
    }
}
