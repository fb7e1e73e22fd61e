package org.waxbell.act;

import java.util.List;
import java.util.Map;
import org.waxbell.actor.Right;

/**
 * Something that one can ask a desk for.
 *
 * @param name    how wirings name it, such as {@code fill}
 * @param title   what it does, as a button says it
 * @param fields  what has to be said with it
 * @param right   what one must be allowed to ask for it by hand; a cue has gates instead
 * @param outcomes what may come of it, by name; each has a wording
 * @param results names of values that its answer brings for words, beside outcome and answer
 */
public record Act(
        String name, String title, List<ActField> fields, Right right, List<String> outcomes, List<String> results) {
    public Act {
        fields = List.copyOf(fields);
        outcomes = List.copyOf(outcomes);
        results = List.copyOf(results);
    }

    /** What was said for a field, or what stands there before anybody wrote. */
    public String field(String key, Map<String, String> with) {
        return with.getOrDefault(
                key,
                fields.stream()
                        .filter(each -> each.key().equals(key))
                        .map(ActField::fresh)
                        .findFirst()
                        .orElse(""));
    }
}
