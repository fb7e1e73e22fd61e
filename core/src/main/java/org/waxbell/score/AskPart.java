package org.waxbell.score;

import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.waxbell.act.Act;
import org.waxbell.act.ActField;
import org.waxbell.act.Asking;
import org.waxbell.act.DeskDocument;
import org.waxbell.check.Problems;
import org.waxbell.directive.Directive;
import org.waxbell.words.Wording;

/**
 * Asks a desk for one of its acts: the one part behind every chat word, key, gift and schedule that moves a desk. What came of
 * it is known to parts after it as {@code {outcome}} and {@code {answer}}; with several such parts as {@code {askOutcome}} and
 * {@code {askAnswer}}, where the part is called {@code ask}. What is refused counts as a failure of the part.
 *
 * @param desk  the desk by name
 * @param about place of what it runs, such as {@code main/dyes}
 * @param act   the act by name
 * @param with  what is said with it, by the keys of the act's fields; words with values
 */
public record AskPart(
        String id, Anchor start, String desk, String about, String act, Map<String, String> with, Manner manner)
        implements Part {
    private static final List<String> PLAIN = List.of("outcome", "answer");

    public AskPart {
        with = Collections.unmodifiableMap(new TreeMap<>(with));
    }

    @Override
    public Lane lane() {
        return Lane.BOOKS;
    }

    @Override
    public Set<String> results() {
        return Set.of("outcome", "answer", name("outcome"), name("answer"));
    }

    private String name(String what) {
        return id.replace("-", "") + Character.toUpperCase(what.charAt(0)) + what.substring(1);
    }

    @Override
    public List<String> patterns() {
        return List.copyOf(with.values());
    }

    @Override
    public Optional<Asking> asks() {
        return Optional.of(new Asking(desk, about, act, with));
    }

    @Override
    public Map<String, String> answered(Map<String, String> answer) {
        Map<String, String> values = new HashMap<>();
        PLAIN.forEach(what -> {
            values.put(what, answer.getOrDefault(what, ""));
            values.put(name(what), answer.getOrDefault(what, ""));
        });
        return values;
    }

    @Override
    public @Nullable Directive direct(Telling telling) {
        return null;
    }

    @Override
    public String label(Telling telling) {
        String said = telling.value(name("answer"));
        return said.isEmpty() ? act + " · " + about : said;
    }

    @Override
    public void check(PartCheck check) {
        Problems problems = check.problems();
        DeskDocument document = check.ground().deskDocument(desk, about).orElse(null);
        if (document == null) {
            problems.at("about")
                    .add(about, "There is nothing there that can be asked.", "Choose one that is on a stage.");
            return;
        }
        Act wanted = document.act(act).orElse(null);
        if (wanted == null) {
            problems.at("act")
                    .add(
                            act,
                            document.name() + " cannot be asked for that.",
                            "Choose one of "
                                    + document.acts().stream().map(Act::name).toList() + ".");
            return;
        }
        with.forEach((key, words) -> field(check, wanted, key, words));
    }

    private static void field(PartCheck check, Act act, String key, String words) {
        ActField field = act.fields().stream()
                .filter(each -> each.key().equals(key))
                .findFirst()
                .orElse(null);
        Problems here = check.problems().at("with");
        if (field == null) {
            here.at(key).add(key, "Nothing of that name is asked for here.", "Take it away.");
            return;
        }
        check.at(here, Set.of()).words(key, words, true);
        boolean plain = Wording.faultOf(words) == null && Wording.uses(words).isEmpty();
        if (plain && !field.faultOf(words).isEmpty()) {
            here.at(key).add(words, field.faultOf(words), "Write another.");
        }
    }
}
