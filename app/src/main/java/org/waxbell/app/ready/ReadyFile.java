package org.waxbell.app.ready;

import java.util.List;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.waxbell.ready.Question;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * A ready-made piece as its file has it. In its content {@code [[key]]} stands for an answer, {@code [[sign]]} for what stands before chat words, and {@code [[key*60000]]} alone for a number of it.
 *
 * @param group   under which it is offered
 * @param says    what it does, in a sentence
 * @param fits    where it fits, in a few words
 * @param shows   what happens where it is drawn, the last of it looked at after {@code drawMs}
 * @param tries   patterns (regular expressions) of the ids of the cues that ring when it is tried, in order
 * @param files   what it brings of our shelf, each as {@code Bench/bell.wav}
 * @param content what it is made of, each with the fields that differ from a fresh one
 */
record ReadyFile(
        String id,
        String name,
        String group,
        String says,
        String fits,
        List<Question> questions,
        List<JsonNode> shows,
        long drawMs,
        List<String> tries,
        List<String> files,
        JsonNode content) {
    /** What stands for the sign before chat words, such as {@code !}. */
    static final String SIGN = "sign";

    private static final Pattern NUMBER = Pattern.compile("\\[\\[(\\w+)(?:\\*(\\d+))?]]");

    /** Something of it with these answers in it. */
    JsonNode filled(JsonNode node, Map<String, String> answers) {
        if (node instanceof ObjectNode object) {
            ObjectNode made = JsonNodeFactory.instance.objectNode();
            object.properties().forEach(each -> made.set(each.getKey(), filled(each.getValue(), answers)));
            return made;
        }
        if (node instanceof ArrayNode list) {
            ArrayNode made = JsonNodeFactory.instance.arrayNode();
            list.forEach(each -> made.add(filled(each, answers)));
            return made;
        }
        return node.isString() ? filled(node.asString(), answers) : node;
    }

    private JsonNode filled(String text, Map<String, String> answers) {
        Matcher alone = NUMBER.matcher(text);
        if (alone.matches() && isNumber(alone.group(1))) {
            long factor = alone.group(2) == null ? 1 : Long.parseLong(alone.group(2));
            return JsonNodeFactory.instance.numberNode(factor * Long.parseLong(answer(alone.group(1), answers)));
        }
        return JsonNodeFactory.instance.stringNode(alone.reset()
                .replaceAll((MatchResult found) -> Matcher.quoteReplacement(answer(found.group(1), answers))));
    }

    private boolean isNumber(String key) {
        return !key.equals(SIGN) && question(key).sort() == Question.Sort.NUMBER;
    }

    private String answer(String key, Map<String, String> answers) {
        return key.equals(SIGN) ? answers.getOrDefault(SIGN, "") : question(key).answer(answers);
    }

    private Question question(String key) {
        return questions.stream()
                .filter(each -> each.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException(id + " asks nothing called " + key));
    }
}
