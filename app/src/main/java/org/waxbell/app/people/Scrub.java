package org.waxbell.app.people;

import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.waxbell.app.json.Documents;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Takes somebody out of what was written down: identity and name stand for nobody any more, and what they wrote is gone. */
final class Scrub {
    /** What stands in place of a name. */
    static final String NOBODY = "someone";
    /** What stands in place of what they wrote. */
    static final String GONE = "…";

    private static final Set<String> WRITTEN = Set.of("text", "note", "words", "line", "argument");
    /** A longer name that begins or ends alike is another one. */
    private static final String BEFORE = "(?<![\\p{L}\\p{N}_])";

    private static final String BEHIND = "(?![\\p{L}\\p{N}_]|-[\\p{L}\\p{N}])";
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private final String id;
    private final String name;
    private final String as;
    private final Pattern ids;
    private final Pattern names;
    private final Documents documents;

    /** @param as the identity that stands for nobody */
    Scrub(String id, String name, String as, Documents documents) {
        this.id = id;
        this.name = name;
        this.as = as;
        this.documents = documents;
        this.ids = Pattern.compile(BEFORE + Pattern.quote(id) + BEHIND);
        this.names =
                Pattern.compile(BEFORE + Pattern.quote(name) + BEHIND, Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    }

    /** Words without them. */
    String words(String text) {
        String bare = key(text);
        return name.isEmpty() ? bare : names.matcher(bare).replaceAll(Matcher.quoteReplacement(NOBODY));
    }

    /** A key with nobody's identity in place of theirs. */
    String key(String key) {
        return ids.matcher(key).replaceAll(Matcher.quoteReplacement(as));
    }

    /** A document without them. */
    String json(String text) {
        return documents.write(clean(documents.tree(text)));
    }

    private JsonNode clean(JsonNode node) {
        if (node.isString()) {
            return NODES.stringNode(words(node.asString()));
        }
        if (node instanceof ArrayNode list) {
            ArrayNode all = NODES.arrayNode();
            list.forEach(each -> all.add(clean(each)));
            return all;
        }
        if (!(node instanceof ObjectNode object)) {
            return node;
        }
        boolean theirs = isTheirs(object);
        ObjectNode all = NODES.objectNode();
        for (Map.Entry<String, JsonNode> each : object.properties()) {
            boolean gone =
                    theirs && WRITTEN.contains(each.getKey()) && each.getValue().isString();
            all.set(field(each.getKey()), gone ? NODES.stringNode(GONE) : clean(each.getValue()));
        }
        return all;
    }

    /** Names of people are fields where something is kept by them. */
    private String field(String key) {
        String bare = key(key);
        return bare.equals(name.toLowerCase(Locale.ROOT)) ? NOBODY : bare;
    }

    private boolean isTheirs(ObjectNode object) {
        return object.path("viewer").path("id").asString("").equals(id)
                || object.path("viewer").asString("").equals(id)
                || object.path("person").asString("").equals(id);
    }
}
