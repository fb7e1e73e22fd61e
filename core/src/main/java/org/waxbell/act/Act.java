package org.waxbell.act;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.waxbell.actor.Right;
import org.waxbell.check.Problems;

/**
 * Something that one can ask a desk for.
 *
 * @param name     how wirings name it, such as {@code fill}
 * @param title    what it does, as a button says it
 * @param fields   what has to be said with it
 * @param right    what one must be allowed to ask for it by hand; a cue has gates instead
 * @param outcomes what may come of it where it is not refused, as words know it by {@code {outcome}}
 * @param undoing  the acts that undo it, by what came of it; empty for one that no act undoes
 */
public record Act(
        String name,
        String title,
        List<ActField> fields,
        Right right,
        List<String> outcomes,
        Map<String, String> undoing) {
    public Act {
        fields = List.copyOf(fields);
        outcomes = List.copyOf(outcomes);
        undoing = Map.copyOf(undoing);
    }

    /** One that no act undoes. */
    public Act(String name, String title, List<ActField> fields, Right right, List<String> outcomes) {
        this(name, title, fields, right, outcomes, Map.of());
    }

    /** The same, undone by another act where that came of it. */
    public Act undone(String outcome, String by) {
        Map<String, String> more = new HashMap<>(undoing);
        more.put(outcome, by);
        return new Act(name, title, fields, right, outcomes, more);
    }

    /** One that the host may ask for by hand, and whoever the host lets. */
    public static Act of(String name, String title, List<ActField> fields, String... outcomes) {
        return new Act(name, title, fields, Right.ASK, List.of(outcomes));
    }

    /** The field of that key; where there is none, that is added to what is wrong. */
    public Optional<ActField> field(String key, Problems with) {
        Optional<ActField> field =
                fields.stream().filter(each -> each.key().equals(key)).findFirst();
        if (field.isEmpty()) {
            with.at(key).add(key, "Nothing of that name is asked for here.", "Take it away.");
        }
        return field;
    }

    /** Adds what is wrong with what is said, what stands there before anybody wrote included. */
    public void check(Map<String, String> said, Problems with) {
        said.keySet().forEach(key -> field(key, with));
        fields.forEach(field -> field.check(said(field.key(), said), with.at(field.key())));
    }

    /** What was said for a field, or what stands there before anybody wrote. */
    public String said(String key, Map<String, String> with) {
        return with.getOrDefault(
                key,
                fields.stream()
                        .filter(each -> each.key().equals(key))
                        .map(ActField::fresh)
                        .findFirst()
                        .orElse(""));
    }
}
