package org.waxbell.app.json;

import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.waxbell.event.ChatText;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;

/** Reads JSON from outside by JSON Pointers (RFC 6901). */
public final class Pointed {
    private Pointed() {}

    /** What stands at each of the pointers, in one line of bounded length; empty text for what is not there, or where {@code body} is no JSON. */
    public static Map<String, String> texts(Documents json, String body, Map<String, String> pointers) {
        Map<String, String> found = new TreeMap<>();
        if (!pointers.isEmpty()) {
            JsonNode told = tree(json, body);
            pointers.forEach((name, pointer) -> found.put(name, told == null ? "" : text(told, pointer)));
        }
        return found;
    }

    private static @Nullable JsonNode tree(Documents json, String body) {
        try {
            return json.tree(body);
        } catch (JacksonException noJson) {
            return null;
        }
    }

    private static String text(JsonNode told, String pointer) {
        JsonNode at = told.at(JsonPointer.compile(pointer));
        return ChatText.bounded(at.isMissingNode() ? "" : at.isValueNode() ? at.asString("") : at.toString());
    }
}
