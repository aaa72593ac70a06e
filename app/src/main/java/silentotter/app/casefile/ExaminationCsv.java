package silentotter.app.casefile;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import silentotter.app.examination.ExaminationPart;
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
    private static final Set<String> LISTS = Set.of("intakeMm", "exhaustMm");

    private static final String[] HEADER = {"part", "field", "value"};

    private ExaminationCsv() {}

    static String write(ObjectNode examination) {
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(
                out, CSVFormat.RFC4180.builder().setHeader(HEADER).get())) {
            for (Map.Entry<String, JsonNode> part : examination.properties()) {
                write(printer, part.getKey(), "", part.getValue());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    private static void write(CSVPrinter printer, String part, String path, JsonNode node) throws IOException {
        for (Map.Entry<String, JsonNode> e : node.properties()) {
            String field = path.isEmpty() ? e.getKey() : path + "." + e.getKey();
            if (e.getValue().isObject()) {
                write(printer, part, field, e.getValue());
            } else if (e.getValue().isArray()) {
                printer.printRecord(
                        part,
                        field,
                        StreamSupport.stream(e.getValue().spliterator(), false)
                                .map(JsonNode::asString)
                                .collect(Collectors.joining(" ")));
            } else {
                printer.printRecord(part, field, e.getValue().asString());
            }
        }
    }

    /**
     * The findings of a file as one patch a part.
     *
     * @throws silentotter.core.input.InvalidInput with everything that is wrong with its form, by line
     */
    static Map<ExaminationPart, ObjectNode> read(String text) {
        Problems problems = new Problems();
        Map<ExaminationPart, ObjectNode> patches = new EnumMap<>(ExaminationPart.class);
        try (var parser = CsvForm.parse(text)) {
            CsvForm.need(List.of(HEADER), parser, problems);
            for (CSVRecord line : parser) {
                add(line, patches, problems);
            }
        } catch (UncheckedIOException | IOException | IllegalArgumentException e) {
            problems.add("the file", e.getMessage());
        }
        if (problems.isEmpty() && patches.isEmpty()) {
            problems.add("the file", "holds no findings");
        }
        problems.throwIfAny();
        return patches;
    }

    private static void add(CSVRecord line, Map<ExaminationPart, ObjectNode> patches, Problems problems) {
        String at = CsvForm.at(line);
        String field = line.isSet("field") ? line.get("field") : "";
        String name = line.get("part").toLowerCase(Locale.ROOT);
        ExaminationPart part = List.of(ExaminationPart.values()).stream()
                .filter(p -> p.name().toLowerCase(Locale.ROOT).equals(name))
                .findFirst()
                .orElse(null);
        if (part == null || field.isEmpty() || !line.isSet("value")) {
            problems.add(at, part == null ? "there is no part '" + name + "'" : "needs a field and a value");
            return;
        }
        ObjectNode into = patches.computeIfAbsent(part, p -> JsonNodeFactory.instance.objectNode());
        String[] steps = field.split("\\.");
        for (int i = 0; i < steps.length - 1; i++) {
            into = into.get(steps[i]) instanceof ObjectNode o ? o : into.putObject(steps[i]);
        }
        put(into, steps[steps.length - 1], field, line.get("value"), at, problems);
    }

    private static void put(ObjectNode into, String name, String field, String value, String at, Problems problems) {
        if (AllowedRange.ofField(field).isPresent()) {
            try {
                if (LISTS.contains(name)) {
                    ArrayNode list = into.putArray(name);
                    for (String each : value.split("\\s+")) {
                        list.add(number(each));
                    }
                } else {
                    into.put(name, number(value));
                }
            } catch (NumberFormatException e) {
                problems.add(at, field + " must be a number, but was '" + value + "'");
            }
        } else if (value.equals("true") || value.equals("false")) {
            into.put(name, Boolean.parseBoolean(value));
        } else {
            into.put(name, value);
        }
    }

    private static double number(String text) {
        return Double.parseDouble(text.replace(',', '.'));
    }
}
