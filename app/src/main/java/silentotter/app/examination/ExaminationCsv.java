package silentotter.app.examination;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import silentotter.app.part.CsvTable;
import silentotter.app.part.CsvTable.Column;
import silentotter.core.input.AllowedRange;
import silentotter.core.input.Problems;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * What was looked at before the gauges as comma-separated values: one line a finding, named as in the case file,
 * such as {@code plugs,plugs.3.shade,TAN}.
 */
final class ExaminationCsv {
    /** Fields that hold several figures, with blanks between. */
    private static final Set<String> LISTS = Set.of("intakeMm", "exhaustMm", "gapsMm");

    /** A finding on a line of its own. */
    private record Finding(String part, String field, Object value) {}

    private static final List<Column<Finding>> COLUMNS = List.of(
            Column.needed("part", Finding::part),
            Column.needed("field", Finding::field),
            Column.needed("value", Finding::value));

    private static final int DEEPEST = 6;

    private ExaminationCsv() {}

    static String write(ObjectNode examination) {
        List<Finding> lines = new ArrayList<>();
        examination.properties().forEach(part -> write(lines, part.getKey(), "", part.getValue()));
        return CsvTable.write(COLUMNS, lines);
    }

    private static void write(List<Finding> lines, String part, String path, JsonNode node) {
        for (Map.Entry<String, JsonNode> e : node.properties()) {
            String field = path.isEmpty() ? e.getKey() : path + "." + e.getKey();
            JsonNode value = e.getValue();
            if (value.isObject()) {
                write(lines, part, field, value);
            } else if (value.isArray()) {
                lines.add(new Finding(
                        part,
                        field,
                        StreamSupport.stream(value.spliterator(), false)
                                .map(JsonNode::asString)
                                .collect(Collectors.joining(" "))));
            } else {
                lines.add(new Finding(part, field, value.isNumber() ? value.numberValue() : value.asString()));
            }
        }
    }

    /**
     * The findings of a file as one patch a part.
     *
     * @throws silentotter.core.input.InvalidInput with everything that is wrong with its form, by line
     */
    static Map<ExaminationPart, ObjectNode> read(byte[] content) {
        Problems problems = new Problems();
        Map<ExaminationPart, ObjectNode> patches = new EnumMap<>(ExaminationPart.class);
        CsvTable.read(content, COLUMNS).forEach(line -> add(line, patches, problems));
        problems.throwIfAny();
        return patches;
    }

    private static void add(CsvTable.Line line, Map<ExaminationPart, ObjectNode> patches, Problems problems) {
        String field = line.get("field");
        Optional<ExaminationPart> part = line.choice(ExaminationPart.class, "part", problems);
        String[] steps = field.split("\\.");
        if (part.isEmpty() || field.isEmpty() || steps.length == 0 || steps.length > DEEPEST) {
            if (part.isPresent() || line.get("part").isEmpty()) {
                problems.add(line.at(), "needs a part, a field and a value");
            }
            return;
        }
        ObjectNode into = patches.computeIfAbsent(part.get(), p -> JsonNodeFactory.instance.objectNode());
        for (int i = 0; i < steps.length - 1; i++) {
            into = into.get(steps[i]) instanceof ObjectNode o ? o : into.putObject(steps[i]);
        }
        put(into, steps[steps.length - 1], part.get().key() + "." + field, line, problems);
    }

    private static void put(ObjectNode into, String name, String field, CsvTable.Line line, Problems problems) {
        String value = line.get("value");
        if (AllowedRange.at(field).isPresent()) {
            if (LISTS.contains(name)) {
                ArrayNode list = into.putArray(name);
                for (String each : value.split("\\s+")) {
                    line.part(field, each).number(problems).ifPresent(list::add);
                }
            } else {
                line.part(field, value).number(problems).ifPresent(v -> into.put(name, v));
            }
        } else if (value.equals("true") || value.equals("false")) {
            into.put(name, Boolean.parseBoolean(value));
        } else {
            into.put(name, value);
        }
    }
}
