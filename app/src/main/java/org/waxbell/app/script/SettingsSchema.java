package org.waxbell.app.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.waxbell.app.json.Refused;
import org.waxbell.extension.ScriptSetting;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * The settings of an extension as JSON Schema (draft 2020-12): one object with fields that are text, a whole number, yes or no, or one of a few.
 * What else that language knows is refused by its place, references too, so that none leads in a circle.
 */
final class SettingsSchema {
    private static final String PLACE = ExtensionFile.MANIFEST + ": settings";
    private static final Set<String> OF_ALL = Set.of("$schema", "type", "title", "properties", "additionalProperties");
    private static final Set<String> OF_ONE =
            Set.of("type", "title", "description", "default", "minimum", "maximum", "maxLength", "enum");
    private static final long FAR = 1_000_000_000;
    private static final long LONGEST = 500;

    private SettingsSchema() {}

    /** Its fields; throws {@link Refused} with the place that is none of these. */
    static List<ScriptSetting> read(JsonNode schema) {
        if (!schema.isObject()
                || schema.has("type") && !schema.path("type").asString("").equals("object")) {
            throw refused("", schema, "The settings are described as an object.", "Write \"type\": \"object\".");
        }
        known("", schema, OF_ALL);
        List<ScriptSetting> all = new ArrayList<>();
        JsonNode fields = schema.path("properties");
        if (!fields.isMissingNode() && !fields.isObject()) {
            throw refused(".properties", fields, "This is no list of fields by their names.", "Write an object.");
        }
        for (Map.Entry<String, JsonNode> each : fields.properties()) {
            all.add(field(each.getKey(), each.getValue()));
        }
        return all;
    }

    private static void known(String at, JsonNode node, Set<String> names) {
        for (Map.Entry<String, JsonNode> each : node.properties()) {
            if (!names.contains(each.getKey())) {
                throw refused(
                        at + "." + each.getKey(),
                        each.getValue(),
                        "A form of settings has no use for \"" + each.getKey() + "\".",
                        "Each field is described where it stands, by "
                                + String.join(", ", names.stream().sorted().toList()) + ".");
            }
        }
    }

    private static ScriptSetting field(String key, JsonNode node) {
        String at = ".properties." + key;
        if (!node.isObject()) {
            throw refused(at, node, "This describes no field.", "Write an object.");
        }
        known(at, node, OF_ONE);
        String title = text(at, node, "title", key);
        String hint = text(at, node, "description", "");
        if (node.has("enum")) {
            List<String> choices = choices(at, node.path("enum"));
            return ScriptSetting.choice(key, title, hint, choices, text(at, node, "default", choices.get(0)));
        }
        String type = text(at, node, "type", "string");
        return switch (type) {
            case "string" ->
                ScriptSetting.text(
                        key, title, hint, number(at, node, "maxLength", LONGEST), text(at, node, "default", ""));
            case "integer" -> {
                long least = number(at, node, "minimum", -FAR);
                long most = number(at, node, "maximum", FAR);
                yield ScriptSetting.number(
                        key, title, hint, least, most, number(at, node, "default", Math.max(0, least)));
            }
            case "boolean" ->
                ScriptSetting.flag(key, title, hint, node.path("default").asBoolean(false));
            default ->
                throw refused(
                        at + ".type",
                        node.path("type"),
                        "A form of settings has no field of the type " + type + ".",
                        "Write string, integer, boolean, or enum.");
        };
    }

    private static List<String> choices(String at, JsonNode node) {
        List<String> all = new ArrayList<>();
        node.forEach(each -> {
            if (!each.isString()) {
                throw refused(at + ".enum", node, "A choice is text.", "Write each in quotes.");
            }
            all.add(each.asString());
        });
        if (all.isEmpty()) {
            throw refused(at + ".enum", node, "There is nothing to choose from.", "Write at least one text.");
        }
        return all;
    }

    private static String text(String at, JsonNode node, String name, String otherwise) {
        if (node.has(name) && !node.path(name).isString()) {
            throw refused(at + "." + name, node.path(name), "This is no text.", "Write it in quotes.");
        }
        return node.path(name).asString(otherwise);
    }

    private static long number(String at, JsonNode node, String name, long otherwise) {
        if (node.has(name) && !node.path(name).isIntegralNumber()) {
            throw refused(at + "." + name, node.path(name), "This is no whole number.", "Write digits alone.");
        }
        return node.path(name).asLong(otherwise);
    }

    private static Refused refused(String at, JsonNode value, String message, String remedy) {
        String shown = value.toString();
        return new Refused(PLACE + at, shown.substring(0, Math.min(80, shown.length())), message, remedy);
    }

    /** The same fields as JSON Schema. */
    static JsonNode write(List<ScriptSetting> form) {
        JsonNodeFactory make = JsonNodeFactory.instance;
        ObjectNode fields = make.objectNode();
        for (ScriptSetting each : form) {
            ObjectNode field = make.objectNode();
            switch (each.type()) {
                case TEXT ->
                    field.put("type", "string").put("maxLength", each.most()).put("default", each.fresh());
                case NUMBER ->
                    field.put("type", "integer")
                            .put("minimum", each.least())
                            .put("maximum", each.most())
                            .put("default", Long.parseLong(each.fresh()));
                case FLAG -> field.put("type", "boolean").put("default", Boolean.parseBoolean(each.fresh()));
                case CHOICE -> {
                    ArrayNode choices = make.arrayNode();
                    each.choices().forEach(choices::add);
                    field.set("enum", choices);
                    field.put("default", each.fresh());
                }
            }
            field.put("title", each.title());
            if (!each.hint().isEmpty()) {
                field.put("description", each.hint());
            }
            fields.set(each.key(), field);
        }
        return make.objectNode().put("type", "object").set("properties", fields);
    }
}
