package org.waxbell.desk;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.waxbell.check.Problems;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.words.Wording;

/**
 * What the answers of a desk to its viewers may say.
 *
 * @param values the values that they may have, with a sample of each
 */
public record AnswerWords(Map<String, String> values) {
    private static final String ANSWERS = "answers.";
    private static final String HEADING = "What viewers are told";
    private static final int LONGEST = 300;

    public AnswerWords {
        values = Map.copyOf(values);
    }

    /** The field of the form in which one of them is written. @param key its name among the answers */
    public Field field(String key, String label) {
        return Field.words(ANSWERS + key, label).most(LONGEST).under(HEADING);
    }

    /** Adds why words cannot be said, where they cannot. */
    public void check(Problems problems, Field field, String words) {
        Wording.Fault fault = Wording.faultOf(words);
        if (fault != null) {
            add(
                    problems,
                    field,
                    words,
                    "The words cannot be read at character " + (fault.at() + 1) + ": " + fault.message() + ".");
            return;
        }
        Wording.uses(words).stream()
                .filter(use -> !values.containsKey(use.name()))
                .findFirst()
                .ifPresent(use -> add(problems, field, words, "Nothing here is called \"" + use.name() + "\"."));
    }

    /** Adds why any of the answers of a document cannot be said. @param kind of the document, whose fields they are */
    public void check(Kind<?> kind, Object document, Problems problems) {
        kind.fields().stream()
                .filter(field -> field.key().startsWith(ANSWERS))
                .forEach(field ->
                        check(problems, field, Kind.at(document, field.key()).toString()));
    }

    /** An answer with its values. Who presses at the desk is no viewer, so nobody is addressed then. */
    public static String filled(String pattern, Map<String, String> with) {
        if (!with.getOrDefault("viewer", "").isEmpty()) {
            return Wording.of(pattern).fill(with);
        }
        String said = Wording.of(pattern.replace("{viewer}, ", "")).fill(with);
        // What begins with somebody's name keeps its letters.
        return said.isEmpty() || !pattern.startsWith("{viewer}, ")
                ? said
                : said.substring(0, 1).toUpperCase(Locale.ROOT) + said.substring(1);
    }

    private void add(Problems problems, Field field, String words, String fault) {
        List<String> names =
                values.keySet().stream().sorted().map(name -> "{" + name + "}").toList();
        problems.at(field.key()).add(words, fault, "Use " + String.join(", ", names) + ".");
    }
}
