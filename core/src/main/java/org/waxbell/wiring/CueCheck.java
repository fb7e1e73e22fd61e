package org.waxbell.wiring;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.waxbell.check.Problem;
import org.waxbell.check.Problems;
import org.waxbell.condition.Condition;
import org.waxbell.condition.Scope;
import org.waxbell.cue.CalendarPull;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.cue.HandPull;
import org.waxbell.cue.HeldAnswer;
import org.waxbell.cue.MarkPull;
import org.waxbell.cue.PatternPull;
import org.waxbell.cue.Pull;
import org.waxbell.cue.Take;
import org.waxbell.cue.TakeRule;
import org.waxbell.gate.Gate;
import org.waxbell.gate.OnGate;
import org.waxbell.gate.WhoGate;
import org.waxbell.port.Calendars;
import org.waxbell.score.Manner;
import org.waxbell.score.PartCheck;
import org.waxbell.score.ScoreCheck;
import org.waxbell.words.WordKey;

/** Checks a cue against the rest of the wiring before it is saved. */
public final class CueCheck {
    private static final int LONGEST_NAME = 60;
    private static final int MOST_TAKES = 12;

    private final Wiring wiring;
    private final Cue cue;
    private final Scope scope;
    private final Calendars calendars;
    private final Problems problems = new Problems();

    private CueCheck(Wiring wiring, Cue cue, Calendars calendars) {
        this.wiring = wiring;
        this.cue = cue;
        this.scope = wiring.scope(cue);
        this.calendars = calendars;
    }

    /** What is wrong with {@code cue} where {@code wiring} holds the others; empty where it may be saved. */
    public static List<Problem> check(Wiring wiring, Cue cue, Calendars calendars) {
        CueCheck check = new CueCheck(wiring, cue, calendars);
        check.head();
        check.pulls();
        check.gates();
        check.whenHeld();
        check.takes();
        return check.problems.found();
    }

    private void head() {
        problems.version(cue.formatVersion(), Cue.FORMAT);
        problems.at("id").id(cue.id(), "pour-the-taper");
        Cue.KIND.check(cue, problems);
        if (wiring.rack(cue.rack()).isEmpty()) {
            problems.at("rack").add(cue.rack(), "There is no such rack.", "Choose one that is in the list.");
        }
    }

    private void pulls() {
        if (cue.pulls().isEmpty()) {
            problems.at("pulls").add("[]", "Nothing sets this cue off.", "Add a chat word.");
        }
        for (int i = 0; i < cue.pulls().size(); i++) {
            Problems here = problems.at("pulls", i);
            cue.pulls().get(i).check(here);
            rest(here, cue.pulls().get(i));
            List<String> words = cue.pulls().get(i).chatWords(wiring.house().prefix());
            for (int j = 0; j < words.size(); j++) {
                taken(here.at("words", j), words.get(j), i);
            }
        }
        long bare = Stream.concat(
                        wiring.cues().stream().filter(other -> !other.id().equals(cue.id())), Stream.of(cue))
                .flatMap(each -> each.pulls().stream())
                .filter(pull ->
                        pull instanceof PatternPull pattern && pattern.literal().isEmpty())
                .count();
        if (bare > PatternPull.MOST_WITHOUT_LITERAL && cue.pulls().stream().anyMatch(PatternPull.class::isInstance)) {
            problems.at("pulls")
                    .add(
                            bare + " patterns",
                            "Too many patterns have no literal, so every line would be tried with each.",
                            "Give this pattern a literal that its lines always have.");
        }
    }

    /** What a pull names elsewhere must be there. */
    private void rest(Problems here, Pull pull) {
        pull.waitsFor().ifPresent(other -> {
            if (other.equals(cue.id())) {
                here.at("cue").add(other, "A cue cannot wait for itself.", "Choose another cue.");
            } else if (wiring.cues().stream().noneMatch(each -> each.id().equals(other))) {
                here.at("cue").add(other, "There is no such cue.", "Choose one that is in the list.");
            }
        });
        if (pull instanceof MarkPull mark && !wiring.slate().getOrDefault(mark.value(), false)) {
            here.at("value")
                    .add(
                            mark.value(),
                            "There is no such number on the slate.",
                            "Make it on the slate first, or choose one that is there.");
        }
        if (pull instanceof HandPull hand && !hand.key().isEmpty()) {
            wiring.cues().stream()
                    .filter(other -> !other.id().equals(cue.id())
                            && other.pulls().stream()
                                    .anyMatch(each -> each instanceof HandPull theirs
                                            && theirs.key().equals(hand.key())))
                    .findFirst()
                    .ifPresent(other -> here.at("key")
                            .add(
                                    hand.key(),
                                    "This key already rings " + other.name() + ".",
                                    "Choose another, or take it away there."));
        }
        if (pull instanceof CalendarPull calendar) {
            calendars
                    .faultOf(calendar.rule())
                    .ifPresent(fault -> here.at("rule")
                            .add(
                                    calendar.rule(),
                                    "The calendar rule cannot be read: " + fault,
                                    "Write a rule of RFC 5545 such as FREQ=WEEKLY;BYDAY=MO,TH."));
        }
    }

    private void taken(Problems here, String word, int pull) {
        String key = key(cue.pulls().get(pull), word);
        for (Cue other : wiring.cues()) {
            if (!other.id().equals(cue.id()) && has(other, key, other.pulls().size())) {
                here.add(
                        word,
                        word + " already belongs to " + other.name() + ".",
                        "Choose another word, or take it away there.");
            }
        }
        if (has(cue, key, pull)) {
            here.add(word, word + " stands in an earlier pull of this cue.", "Take one of them away.");
        }
    }

    /** Whether one of the first {@code pulls} pulls of {@code other} has the word with the same pattern behind it. */
    private boolean has(Cue other, String key, int pulls) {
        return other.pulls().stream()
                .limit(pulls)
                .anyMatch(pull -> pull.chatWords(wiring.house().prefix()).stream()
                        .anyMatch(each -> key(pull, each).equals(key)));
    }

    private static String key(Pull pull, String word) {
        return WordKey.of(word) + " " + (pull instanceof ChatWordPull chat ? chat.argument() : "");
    }

    private void gates() {
        Set<String> kinds = new HashSet<>();
        for (int i = 0; i < cue.gates().size(); i++) {
            Problems here = problems.at("gates", i);
            cue.gates().get(i).check(here, scope);
            circles(here, cue.gates().get(i));
            if (cue.gates().get(i) instanceof OnGate) {
                here.add("on", "Every cue has this gate by itself.", "Use the field \"on\" of the cue.");
            } else if (!kinds.add(cue.gates().get(i).kind().name())) {
                here.add("", "A cue has one gate of a kind.", "Put both into one.");
            }
        }
    }

    private void circles(Problems here, Gate gate) {
        if (gate instanceof WhoGate who) {
            for (int i = 0; i < who.circles().size(); i++) {
                String circle = who.circles().get(i);
                if (wiring.house().circles().stream()
                        .noneMatch(each -> each.id().equals(circle))) {
                    here.at("circles", i)
                            .add(circle, "There is no such circle.", "Choose one that stands under People, Circles.");
                }
            }
        }
    }

    private void whenHeld() {
        Set<String> gates = new HashSet<>(Set.of("on"));
        cue.gates().forEach(gate -> gates.add(gate.kind().name()));
        ReadyCue.reads(cue, wiring.house().reading())
                .ifPresent(gate -> gates.add(gate.kind().name()));
        Set<String> fields = names();
        fields.add("reason");
        Set<String> said = new HashSet<>();
        for (int i = 0; i < cue.whenHeld().size(); i++) {
            HeldAnswer answer = cue.whenHeld().get(i);
            Problems here = problems.at("whenHeld", i);
            if (!gates.contains(answer.gate())) {
                here.at("gate")
                        .add(
                                answer.gate(),
                                "This cue has no such gate.",
                                "Choose one of " + new TreeSet<>(gates) + ".");
            } else if (!said.add(answer.gate())) {
                here.at("gate").add(answer.gate(), "There are two answers for one gate.", "Keep one.");
            }
            new PartCheck(here, wiring, fields, cue.someFields(), numbers()).words("words", answer.words(), false);
        }
    }

    /** What words of this cue may use: what all its pulls bring, and the slate. */
    private Set<String> names() {
        Set<String> names = new TreeSet<>(cue.fields());
        names.addAll(wiring.house().inWords(cue.fields()).keySet());
        names.addAll(wiring.deskValues().keySet());
        if (names.contains("viewer")) {
            names.add(CommandList.VALUE);
        }
        return names;
    }

    private Set<String> numbers() {
        Set<String> numbers = new TreeSet<>(cue.someNumbers());
        wiring.house().inWords(cue.fields()).forEach((name, value) -> {
            if (value.number()) {
                numbers.add(name);
            }
        });
        wiring.deskValues().forEach((name, number) -> {
            if (number) {
                numbers.add(name);
            }
        });
        return numbers;
    }

    private void takes() {
        if (cue.takes().isEmpty() || cue.takes().size() > MOST_TAKES) {
            problems.at("takes")
                    .add(
                            cue.takes().size() + " takes",
                            "A cue has from 1 to " + MOST_TAKES + " takes.",
                            "Keep at least one.");
        }
        Set<String> seen = new HashSet<>();
        int weights = 0;
        for (int i = 0; i < cue.takes().size(); i++) {
            Take take = cue.takes().get(i);
            Problems here = problems.at("takes", i);
            if (!take.id().matches("[a-z0-9][a-z0-9-]{0,39}") || !seen.add(take.id())) {
                here.at("id")
                        .add(
                                take.id(),
                                "An id has small letters, digits and hyphens, and no two are alike.",
                                "Write another, such as with-sound.");
            }
            head(take, here);
            weights += take.weight();
            score(take, here.at("score"));
        }
        if (cue.takeRule() == TakeRule.WEIGHT && weights == 0 && !cue.takes().isEmpty()) {
            problems.at("takes")
                    .add(0, "No take has any weight, so none could be drawn.", "Give at least one a weight.");
        }
    }

    private void head(Take take, Problems here) {
        here.at("name").text(take.name(), LONGEST_NAME, "The name");
        here.at("weight").within(take.weight(), 0, 1_000, "The weight", "");
        if (!take.when().isEmpty()) {
            Condition.check(here.at("when"), take.when(), scope);
        }
        boolean asks =
                take.score().parts().stream().anyMatch(part -> part.manner().ifFails() == Manner.IfFails.OTHER_TAKE);
        if (take.spare().equals(take.id())
                || !take.spare().isEmpty() && cue.take(take.spare()).isEmpty()) {
            here.at("spare")
                    .add(take.spare(), "There is no other take of that name.", "Choose one of the cue's other takes.");
        } else if (asks && take.spare().isEmpty()) {
            here.at("spare")
                    .add(
                            "",
                            "A part asks for another take if it fails, and there is none.",
                            "Choose which one is played then.");
        }
    }

    /** What words of a take may use: also what is told by parts that failed, where it is played in place of theirs. */
    private Set<String> names(Take take) {
        Set<String> all = new TreeSet<>(names());
        cue.takes().stream()
                .filter(other -> other.spare().equals(take.id()))
                .flatMap(other -> other.score().parts().stream())
                .filter(part -> part.manner().ifFails() == Manner.IfFails.OTHER_TAKE)
                .forEach(part -> all.addAll(part.results().keySet()));
        return all;
    }

    private void score(Take take, Problems here) {
        int before = problems.found().size();
        ScoreCheck.check(take.score(), new PartCheck(here, wiring, names(take), cue.someFields(), numbers()));
        if (problems.found().size() == before) {
            OwnOverlap.check(take.score(), wiring, here);
        }
    }
}
