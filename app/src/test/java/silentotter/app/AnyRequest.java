package silentotter.app;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.StreamSupport;
import silentotter.core.input.AllowedRange;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Makes up bodies from the API description: mostly as somebody might send them, now and then with something in them that
 * nobody should. Everything follows from the seed.
 */
final class AnyRequest {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;
    private static final JsonMapper MAPPER = JsonMapper.builder().build();
    private static final String[] TEXTS = {
        "", " ", "a", "Tarn", "=1+1", "'", "0", "ü–°", "<b>", "x".repeat(300), "\u0000"
    };
    private static final String[] ODD = {
        "null",
        "\"NaN\"",
        "\"Infinity\"",
        "1e999",
        "-1e308",
        "[]",
        "{}",
        "[null]",
        "\"\"",
        "0",
        "-1",
        "1.5",
        "true",
        "99999999999999999999",
        "\"0\"",
        "{\"a\":null}",
        "[[[]]]",
        "\"2026-13-45\"",
        "\"+999999999-01-01\""
    };

    private final JsonNode schemas;
    private final Random random;

    AnyRequest(JsonNode description, Random random) {
        this.schemas = description.at("/components/schemas");
        this.random = random;
    }

    /** A body for a named schema, spoilt somewhere in one of three. */
    String body(String schema, Map<String, JsonNode> known) {
        return spoilt(value(schemas.get(schema), "", known, 0));
    }

    /** A change of one part of the examination. */
    String patch(String part) {
        return spoilt(value(schemas.at("/Examination/properties/" + part), part, Map.of(), 0));
    }

    private String spoilt(JsonNode body) {
        if (random.nextInt(3) != 0) {
            return body.toString();
        }
        if (random.nextInt(12) == 0) {
            String text = body.toString();
            return switch (random.nextInt(4)) {
                case 0 -> "";
                case 1 -> text.substring(0, text.length() / 2);
                case 2 -> "[".repeat(2000);
                default -> ODD[random.nextInt(ODD.length)];
            };
        }
        List<ObjectNode> objects = new ArrayList<>();
        collect(body, objects);
        if (objects.isEmpty()) {
            return ODD[random.nextInt(ODD.length)];
        }
        ObjectNode at = objects.get(random.nextInt(objects.size()));
        List<String> names = List.copyOf(at.propertyNames());
        if (names.isEmpty() || random.nextInt(6) == 0) {
            at.put("horoscope", 1);
            return body.toString();
        }
        String name = names.get(random.nextInt(names.size()));
        if (random.nextInt(4) == 0) {
            at.remove(name);
            return body.toString();
        }
        String marker = "\"@odd@\"";
        at.put(name, "@odd@");
        return body.toString().replace(marker, ODD[random.nextInt(ODD.length)]);
    }

    private static void collect(JsonNode node, List<ObjectNode> into) {
        if (node instanceof ObjectNode o) {
            into.add(o);
        }
        node.forEach(child -> collect(child, into));
    }

    /** @param path where it stands, so that its range is that of its place */
    private JsonNode value(JsonNode schema, String path, Map<String, JsonNode> known, int depth) {
        String name = path.substring(path.lastIndexOf('.') + 1);
        if (known.containsKey(name) && random.nextInt(10) != 0) {
            return known.get(name);
        }
        if (schema.has("$ref")) {
            return value(schemas.get(schema.get("$ref").asString().replaceFirst(".*/", "")), path, known, depth + 1);
        }
        if (schema.has("enum")) {
            return schema.get("enum").get(random.nextInt(schema.get("enum").size()));
        }
        return switch (schema.path("type").asString("object")) {
            case "integer" -> JSON.numberNode(random.nextInt(8) == 0 ? random.nextInt(40) - 5 : 1 + random.nextInt(4));
            case "number" -> JSON.numberNode(number(path));
            case "boolean" -> JSON.booleanNode(random.nextBoolean());
            case "string" -> JSON.stringNode(text(name));
            case "array" -> {
                ArrayNode list = JSON.arrayNode();
                int length = name.equals("cylinders") ? 4 : random.nextInt(4);
                for (int i = 0; i < length; i++) {
                    list.add(
                            name.equals("cylinders")
                                    ? JSON.numberNode(i + 1)
                                    : value(schema.get("items"), path, known, depth + 1));
                }
                yield list;
            }
            default -> object(schema, path, known, depth);
        };
    }

    private ObjectNode object(JsonNode schema, String path, Map<String, JsonNode> known, int depth) {
        ObjectNode object = JSON.objectNode();
        List<String> required = StreamSupport.stream(schema.path("required").spliterator(), false)
                .map(JsonNode::asString)
                .toList();
        schema.path("properties").properties().forEach(p -> {
            if (required.contains(p.getKey()) || random.nextInt(depth < 2 ? 3 : 5) == 0) {
                object.set(p.getKey(), value(p.getValue(), path + "." + p.getKey(), known, depth + 1));
            }
        });
        JsonNode items = schema.path("additionalProperties");
        if (items.isObject()) {
            JsonNode keys = schema.path("propertyNames").path("enum");
            for (int i = random.nextInt(3); i > 0; i--) {
                String key = keys.isArray()
                        ? keys.get(random.nextInt(keys.size())).asString()
                        : Integer.toString(1 + random.nextInt(5));
                object.set(key, value(items, path + "." + key, known, depth + 1));
            }
        }
        return object;
    }

    private double number(String path) {
        AllowedRange range = AllowedRange.at(path).orElse(AllowedRange.READING);
        double share = random.nextInt(10) == 0 ? random.nextInt(2) : Math.pow(random.nextDouble(), 3);
        double value = range.min() + share * (range.max() - range.min());
        return random.nextInt(25) == 0 ? -value - 1 : value;
    }

    private String text(String name) {
        if (random.nextInt(12) == 0) {
            return TEXTS[random.nextInt(TEXTS.length)];
        }
        return switch (name) {
            case "date" -> "2026-11-0" + (1 + random.nextInt(9));
            case "startedAt", "takenAt" -> "2026-11-03T09:42:00Z";
            case "key" -> "k" + random.nextInt(1_000_000);
            default -> TEXTS[2 + random.nextInt(2)];
        };
    }

    static JsonNode number(long value) {
        return JSON.numberNode(value);
    }

    static JsonNode tree(String text) {
        return MAPPER.readTree(text);
    }
}
