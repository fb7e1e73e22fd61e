package org.waxbell.app;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import tools.jackson.databind.JsonNode;

/** Bodies and parts of addresses as the description of the interface has them, with what nobody should send mixed in. The same seed makes the same. */
final class MadeUpRequests {
    private static final int DEEP = 8;
    private static final List<String> NAUGHTY = List.of(
            "",
            "\0",
            "<script>alert(1)</script>",
            "'; drop table cue;--",
            "../../etc/passwd",
            "%",
            "{",
            "{wax",
            "{{}}",
            "\uD83D\uDD6F",
            "\u202Eabc",
            "wax".repeat(2_000),
            "-1",
            "NaN",
            "1e309",
            "99999999999999999999",
            "null",
            "[]",
            "\n\r\t",
            "(?<",
            "e\u0301",
            "\u0130",
            "C:\\x",
            "//",
            "?",
            " ");
    private static final List<Object> NUMBERS = List.of(
            0,
            1,
            -1,
            3,
            100,
            60_000,
            0.5,
            -0.0,
            Integer.MAX_VALUE + 1L,
            Integer.MIN_VALUE,
            Long.MAX_VALUE,
            Long.MIN_VALUE,
            1e308);

    private final JsonNode schemas;
    private final List<String> known;
    private final Random random;
    private double wild;

    /** @param known what is there, so that not everything is refused at the door */
    MadeUpRequests(JsonNode schemas, List<String> known, long seed) {
        this.schemas = schemas;
        this.known = known;
        random = new Random(seed);
    }

    /** The next is a request of its own: as it should be, a little wild, or wilder. */
    void next() {
        wild = List.of(0.0, 0.005, 0.03).get(random.nextInt(3));
    }

    boolean oftenTrue() {
        return random.nextInt(5) > 0;
    }

    private String text() {
        List<String> from = random.nextBoolean() ? NAUGHTY : known;
        return from.get(random.nextInt(from.size()));
    }

    private Object anything(int depth) {
        return switch (random.nextInt(depth > 3 ? 3 : 5)) {
            case 0 -> NUMBERS.get(random.nextInt(NUMBERS.size()));
            case 1 -> random.nextBoolean();
            case 2 -> text();
            case 3 -> List.of(anything(depth + 1));
            default -> Map.of(text(), anything(depth + 1));
        };
    }

    /** A value of what the description says, mostly. */
    Object value(JsonNode schema, int depth) {
        if (depth > DEEP || random.nextDouble() < wild) {
            return anything(0);
        }
        if (schema.has("$ref")) {
            String name = schema.get("$ref").asString();
            return value(schemas.get(name.substring(name.lastIndexOf('/') + 1)), depth + 1);
        }
        for (String choice : List.of("oneOf", "anyOf")) {
            if (schema.has(choice)) {
                return value(
                        schema.get(choice).get(random.nextInt(schema.get(choice).size())), depth + 1);
            }
        }
        if (schema.has("allOf")) {
            Map<String, Object> all = new LinkedHashMap<>();
            for (JsonNode each : schema.get("allOf")) {
                if (value(each, depth + 1) instanceof Map<?, ?> part) {
                    part.forEach((key, value) -> all.put(key.toString(), value));
                }
            }
            return all;
        }
        if (schema.has("enum")) {
            return schema.get("enum")
                    .get(random.nextInt(schema.get("enum").size()))
                    .asString();
        }
        return plain(schema, depth);
    }

    private Object plain(JsonNode schema, int depth) {
        return switch (schema.path("type").asString(schema.has("properties") ? "object" : "")) {
            case "object" -> object(schema, depth);
            case "array" -> {
                List<Object> all = new ArrayList<>();
                for (int i = random.nextInt(3); i > 0; i--) {
                    all.add(value(schema.get("items"), depth + 1));
                }
                yield all;
            }
            case "string" -> text();
            case "integer", "number" -> NUMBERS.get(random.nextInt(NUMBERS.size()));
            case "boolean" -> random.nextBoolean();
            default -> anything(depth);
        };
    }

    private Object object(JsonNode schema, int depth) {
        Map<String, Object> all = new LinkedHashMap<>();
        for (Map.Entry<String, JsonNode> each : schema.path("properties").properties()) {
            if (random.nextDouble() >= wild) {
                all.put(each.getKey(), value(each.getValue(), depth + 1));
            }
        }
        if (schema.path("additionalProperties").isObject()) {
            all.put(text(), value(schema.get("additionalProperties"), depth + 1));
        }
        return all;
    }
}
