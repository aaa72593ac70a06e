package silentotter.app.examination;

import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;
import silentotter.app.http.Refusals;
import silentotter.core.engine.Engine;
import silentotter.core.examination.Examination;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.FieldProblem;
import silentotter.core.input.InvalidInput;
import silentotter.core.input.Problems;
import silentotter.core.plugs.PlugSchool;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * An examination as JSON. A change is a merge patch (RFC 7396): only what changed is sent, null takes a field back, so
 * two windows that look at different things do not overwrite each other.
 */
@Component
class ExaminationDocument {
    private static final int LONGEST_TEXT = 400;
    private static final int LONGEST_LIST = 100;
    /** Parts keyed by cylinder number, and where. */
    private static final Set<String> BY_CYLINDER = Set.of("inside", "plugs.plugs", "valves.cylinders");

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
            numbersAndTexts(examination, path, problems);
            cylinders(examination, engine, path, problems);
            moments(examination, path, problems);
            return problems.all().size() > before ? Examination.EMPTY : toCore(examination);
        } catch (JacksonException e) {
            FieldProblem p = Refusals.unreadable(e);
            problems.add(new FieldProblem(path + p.field(), p.message(), p.allowed()));
            return Examination.EMPTY;
        }
    }

    private static void numbersAndTexts(JsonNode node, String path, Problems problems) {
        for (Iterator<Map.Entry<String, JsonNode>> i = node.properties().iterator(); i.hasNext(); ) {
            Map.Entry<String, JsonNode> e = i.next();
            String field = path + e.getKey();
            JsonNode value = e.getValue();
            if (value.isNumber()) {
                AllowedRange.at(field)
                        .flatMap(r -> r.problemWith(field, value.asDouble()))
                        .ifPresent(problems::add);
            } else if (value.isString() && value.asString().length() > LONGEST_TEXT) {
                problems.add(FieldProblem.of(field, "is too long", "at most " + LONGEST_TEXT + " characters"));
            } else if (value.isArray()) {
                if (value.size() > LONGEST_LIST) {
                    problems.add(FieldProblem.of(field, "is too long", "at most " + LONGEST_LIST + " values"));
                }
                // A list of figures, such as the clearances of several valves, has the range of its name.
                value.forEach(v -> AllowedRange.at(field)
                        .flatMap(r -> r.problemWith(field, v.asDouble()))
                        .ifPresent(problems::add));
            } else if (value.isObject()) {
                numbersAndTexts(value, field + ".", problems);
            }
        }
    }

    private static void cylinders(ObjectNode examination, Engine engine, String path, Problems problems) {
        int count = engine.arrangement().count();
        BY_CYLINDER.forEach(place -> {
            JsonNode at = examination.at("/" + place.replace('.', '/'));
            at.propertyNames().forEach(key -> {
                if (!key.matches("[1-9]\\d?") || Integer.parseInt(key) > count) {
                    problems.add(FieldProblem.of(
                            path + place + "." + key, "does not exist on this engine", "1 to " + count));
                }
            });
        });
    }

    private static void moments(ObjectNode examination, String path, Problems problems) {
        JsonNode soak = examination.at("/signs/soak/startedAt");
        if (!soak.isMissingNode()) {
            moment(soak, path + "signs.soak.startedAt", problems);
        }
        examination
                .at("/steps")
                .properties()
                .forEach(e -> moment(e.getValue(), path + "steps." + e.getKey(), problems));
    }

    private static void moment(JsonNode value, String path, Problems problems) {
        problems.moment(path, value.isString() ? value.asString() : "");
    }
}
