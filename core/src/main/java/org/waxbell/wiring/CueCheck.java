package org.waxbell.wiring;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.waxbell.check.Problem;
import org.waxbell.check.Problems;
import org.waxbell.cue.Cue;
import org.waxbell.cue.HeldAnswer;
import org.waxbell.cue.PatternPull;
import org.waxbell.cue.Take;
import org.waxbell.cue.WordKey;
import org.waxbell.gate.OnGate;
import org.waxbell.score.PartCheck;
import org.waxbell.score.ScoreCheck;

/** Checks a cue against the rest of the wiring before it is saved. */
public final class CueCheck {
    private static final int LONGEST_NAME = 60;
    private static final long LONGEST_WAIT = 600_000;

    private final Wiring wiring;
    private final Cue cue;
    private final Problems problems = new Problems();

    private CueCheck(Wiring wiring, Cue cue) {
        this.wiring = wiring;
        this.cue = cue;
    }

    /** What is wrong with {@code cue} where {@code wiring} holds the others; empty where it may be saved. */
    public static List<Problem> check(Wiring wiring, Cue cue) {
        CueCheck check = new CueCheck(wiring, cue);
        check.head();
        check.pulls();
        check.gates();
        check.whenHeld();
        check.takes();
        return check.problems.found();
    }

    private void head() {
        if (cue.formatVersion() != Cue.FORMAT) {
            problems.at("formatVersion").add(cue.formatVersion(), "This version of the document is not known here.",
                    "Write " + Cue.FORMAT + ".");
        }
        if (!cue.id().matches("[a-z0-9][a-z0-9-]{0,59}")) {
            problems.at("id").add(cue.id(), "An id has small letters, digits and hyphens only.", "Write one such as pour-the-taper.");
        }
        problems.at("name").text(cue.name(), LONGEST_NAME, "The name");
        if (wiring.rack(cue.rack()).isEmpty()) {
            problems.at("rack").add(cue.rack(), "There is no such rack.", "Choose one that is in the list.");
        }
        problems.at("longestWaitMs").time(cue.longestWaitMs(), 0, LONGEST_WAIT, "The longest wait");
    }

    private void pulls() {
        if (cue.pulls().isEmpty()) {
            problems.at("pulls").add("[]", "Nothing sets this cue off.", "Add a chat word.");
        }
        for (int i = 0; i < cue.pulls().size(); i++) {
            Problems here = problems.at("pulls", i);
            cue.pulls().get(i).check(here);
            List<String> words = cue.pulls().get(i).chatWords();
            for (int j = 0; j < words.size(); j++) {
                taken(here.at("words", j), words.get(j), i);
            }
        }
        long bare = Stream.concat(wiring.cues().stream().filter(other -> !other.id().equals(cue.id())), Stream.of(cue))
                .flatMap(each -> each.pulls().stream()).filter(pull -> pull instanceof PatternPull pattern && pattern.literal().isEmpty()).count();
        if (bare > PatternPull.MOST_WITHOUT_LITERAL && cue.pulls().stream().anyMatch(PatternPull.class::isInstance)) {
            problems.at("pulls").add(bare + " patterns", "Too many patterns have no literal, so every line would be tried with each.",
                    "Give this pattern a literal that its lines always have.");
        }
    }

    private void taken(Problems here, String word, int pull) {
        for (Cue other : wiring.cues()) {
            if (!other.id().equals(cue.id()) && has(other, word, other.pulls().size())) {
                here.add(word, word + " already belongs to " + other.name() + ".", "Choose another word, or take it away there.");
            }
        }
        if (has(cue, word, pull)) {
            here.add(word, word + " stands in an earlier pull of this cue.", "Take one of them away.");
        }
    }

    /** Whether one of the first {@code pulls} pulls of {@code other} has the word. */
    private static boolean has(Cue other, String word, int pulls) {
        String key = WordKey.of(word);
        return other.pulls().stream().limit(pulls).flatMap(pull -> pull.chatWords().stream())
                .anyMatch(each -> WordKey.of(each).equals(key));
    }

    private void gates() {
        Set<String> kinds = new HashSet<>();
        for (int i = 0; i < cue.gates().size(); i++) {
            Problems here = problems.at("gates", i);
            cue.gates().get(i).check(here);
            if (cue.gates().get(i) instanceof OnGate) {
                here.add("on", "Every cue has this gate by itself.", "Use the field \"on\" of the cue.");
            } else if (!kinds.add(cue.gates().get(i).kind())) {
                here.add("", "A cue has one gate of a kind.", "Put both into one.");
            }
        }
    }

    private void whenHeld() {
        Set<String> gates = new HashSet<>(Set.of("on"));
        cue.gates().forEach(gate -> gates.add(gate.kind()));
        Set<String> fields = new TreeSet<>(cue.fields());
        fields.add("reason");
        Set<String> said = new HashSet<>();
        for (int i = 0; i < cue.whenHeld().size(); i++) {
            HeldAnswer answer = cue.whenHeld().get(i);
            Problems here = problems.at("whenHeld", i);
            if (!gates.contains(answer.gate())) {
                here.at("gate").add(answer.gate(), "This cue has no such gate.", "Choose one of " + new TreeSet<>(gates) + ".");
            } else if (!said.add(answer.gate())) {
                here.at("gate").add(answer.gate(), "There are two answers for one gate.", "Keep one.");
            }
            new PartCheck(here, id -> null, wiring.shelf(), fields).words("words", answer.words(), false);
        }
    }

    private void takes() {
        if (cue.takes().size() != 1) {
            problems.at("takes").add(cue.takes().size() + " takes", "A cue has one take.", "Keep one.");
        }
        for (int i = 0; i < cue.takes().size(); i++) {
            Take take = cue.takes().get(i);
            Problems here = problems.at("takes", i).at("score");
            ScoreCheck.check(take.score(), new PartCheck(here, id -> wiring.stage(id).orElse(null),
                    wiring.shelf(), cue.fields()));
            if (problems.found().isEmpty()) {
                OwnOverlap.check(take.score(), wiring, here);
            }
        }
    }
}
