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
import org.waxbell.act.Asking;
import org.waxbell.check.Problems;
import org.waxbell.directive.Directive;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
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
    /** What it says of itself. */
    public static final Kind<Part> KIND = Kind.<Part>of(AskPart.class, "ask", "Ask a desk", "Ask")
            .also("wheel fill draw act queue timer")
            .with(
                    Field.of(Field.Type.OTHER, "about", "Of").from(From.DESKS),
                    Field.of(Field.Type.OTHER, "act", "Ask it to"),
                    Field.of(Field.Type.OTHER, "with", "With"))
            .making(on -> {
                List<String> asking = on.asking().isEmpty() ? List.of("", "", "") : on.asking();
                return new AskPart(
                        on.id(), Anchor.START, asking.get(0), asking.get(1), asking.get(2), Map.of(), Manner.PLAIN);
            });

    private static final List<String> PLAIN = List.of("outcome", "answer");

    public AskPart {
        with = Collections.unmodifiableMap(new TreeMap<>(with));
    }

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Lane lane() {
        return Lane.BOOKS;
    }

    @Override
    public Map<String, String> results() {
        return Map.of(
                "outcome",
                "done",
                "answer",
                "done",
                Brought.name(id, "outcome"),
                "done",
                Brought.name(id, "answer"),
                "done");
    }

    @Override
    public List<String> patterns() {
        return List.copyOf(with.values());
    }

    @Override
    public Map<String, String> wordings() {
        Map<String, String> all = new TreeMap<>();
        with.forEach((key, words) -> all.put("with." + key, words));
        return all;
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
            values.put(Brought.name(id, what), answer.getOrDefault(what, ""));
        });
        return values;
    }

    @Override
    public @Nullable Directive direct(Telling telling) {
        return null;
    }

    @Override
    public String label(Telling telling, Naming names) {
        String said = telling.value(Brought.name(id, "answer"));
        if (!said.isEmpty()) {
            return said;
        }
        return act + " · " + names.desk(about);
    }

    @Override
    public void check(PartCheck check) {
        Asking asking = new Asking(desk, about, act, with);
        asking.act(check.ground().deskDocument(desk, about), check.problems())
                .ifPresent(wanted -> with.forEach((key, words) -> said(check, wanted, key, words)));
    }

    /** What has values in it is looked at only when it is asked. */
    private static void said(PartCheck check, Act act, String key, String words) {
        Problems here = check.problems().at("with");
        act.field(key, here).ifPresent(field -> {
            check.at(here, Set.of()).words(key, words, true);
            if (Wording.faultOf(words) == null && Wording.uses(words).isEmpty()) {
                field.check(words, here.at(key));
            }
        });
    }
}
