package org.waxbell.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Pull;
import org.waxbell.cue.TakeRule;
import org.waxbell.cue.Urgency;
import org.waxbell.gate.ConditionGate;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.Gate;
import org.waxbell.gate.Gates;
import org.waxbell.gate.WhoGate;
import org.waxbell.kind.Family;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Piece;
import org.waxbell.sentence.Said;
import org.waxbell.time.Spans;

/** A cue read as a sentence, with what can be changed in its places. */
public final class Sentence {
    private final Cue cue;
    private final Naming names;
    private final List<Piece> pieces = new ArrayList<>();

    private Sentence(Cue cue, Naming names) {
        this.cue = cue;
        this.names = names;
    }

    /** The pieces of a cue's sentence. @param plan of its first take */
    public static List<Piece> of(Cue cue, List<Sketched> plan, Naming names) {
        Sentence sentence = new Sentence(cue, names);
        sentence.when();
        sentence.gates();
        sentence.plays(plan);
        sentence.busy();
        sentence.danger();
        return List.copyOf(sentence.pieces);
    }

    /** Pieces as one text, as it is read aloud. */
    public static String text(List<Piece> pieces) {
        return pieces.stream().map(Piece::text).collect(Collectors.joining(" ")).replaceAll(" ([,.;:])", "$1");
    }

    /** A short form for lists: what sets it off, who may, its rest. */
    public static String brief(Cue cue, Naming names) {
        List<String> all = new ArrayList<>();
        List<String> pulls = new ArrayList<>();
        for (Pull pull : cue.pulls()) {
            Said said = pull.said(names);
            pulls.add(said.code() ? said.chip() : whole(said));
        }
        all.add(Said.either(pulls));
        if (personal(cue)) {
            all.add(who(cue, names).chip());
        }
        gate(cue, CooldownGate.class)
                .filter(each -> each.forAllMs() > 0)
                .ifPresent(each -> all.add("rests " + Spans.inWords(each.forAllMs())));
        if (!cue.waitsForTheHost().isEmpty()) {
            all.add("off: anyone may " + cue.danger());
        }
        return all.stream().filter(each -> !each.isEmpty()).collect(Collectors.joining(" · "));
    }

    /** What sets a cue off, as a part of a sentence: {@code !pour is typed}. */
    public static String whole(Said said) {
        return (said.chip() + " " + said.after()).strip();
    }

    private static <T> Optional<T> gate(Cue cue, Class<T> type) {
        return cue.gates().stream().filter(type::isInstance).map(type::cast).findFirst();
    }

    private static boolean personal(Cue cue) {
        return gate(cue, WhoGate.class).isPresent()
                || cue.pulls().isEmpty()
                || cue.pulls().stream().anyMatch(Pull::mayHaveViewer);
    }

    private static Said who(Cue cue, Naming names) {
        return gate(cue, WhoGate.class).orElse(WhoGate.ANYONE).said(names);
    }

    private void say(String text) {
        pieces.add(Piece.words(text));
    }

    private void chip(String chip, Said said) {
        pieces.add(new Piece(said.chip(), chip, said.code()));
        if (!said.after().isEmpty()) {
            say(said.after());
        }
    }

    private void when() {
        say("When");
        if (cue.pulls().isEmpty()) {
            say("nothing yet");
        }
        for (int i = 0; i < cue.pulls().size(); i++) {
            if (i > 0) {
                say("or");
            }
            chip("pull:" + i, cue.pulls().get(i).said(names));
        }
    }

    /** What is open to all and should not be: said, and kept off until the host has said otherwise. */
    private void danger() {
        if (!cue.danger().isEmpty()) {
            say(
                    cue.allTheSame()
                            ? "Anyone may " + cue.danger() + " by it, as you said."
                            : "It stays off until you say “on all the same”, for anyone may " + cue.danger()
                                    + " by it.");
        }
    }

    private void gates() {
        if (personal(cue)) {
            boolean typed =
                    cue.pulls().size() == 1 && !cue.pulls().get(0).chatWords("").isEmpty();
            say(typed ? "by" : ", from");
            chip("gate:who", who(cue, names));
        }
        for (Kind<? extends Gate> kind : inOrder(Gates.ALL)) {
            gateOf(kind).ifPresent(gate -> {
                say(",");
                chip("gate:" + kind.name(), gate.said(names));
            });
        }
        // Kinds that only this program knows come last.
        cue.gates().stream()
                .filter(each -> Gates.ALL.kind(each.kind().name()).isEmpty())
                .forEach(each -> {
                    say(",");
                    chip("gate:" + each.kind().name(), each.said(names));
                });
        Said rest = gate(cue, CooldownGate.class).orElse(new CooldownGate(0, 0)).said(names);
        say(rest.chip().equals(CooldownGate.OFTEN) ? "," : ", at most");
        chip("gate:cooldown", rest);
        gate(cue, ConditionGate.class).ifPresent(gate -> {
            say(", only if");
            chip("gate:condition", gate.said(names));
        });
    }

    /** The gates without a place of their own in the sentence. */
    private static List<Kind<? extends Gate>> inOrder(Family<Gate> family) {
        return family.kinds().stream()
                .filter(kind -> kind != WhoGate.KIND && kind != CooldownGate.KIND && kind != ConditionGate.KIND)
                .toList();
    }

    private Optional<Gate> gateOf(Kind<?> kind) {
        return cue.gates().stream().filter(each -> each.kind() == kind).findFirst();
    }

    private void plays(List<Sketched> plan) {
        String length = length(plan);
        if (cue.takes().size() > 1) {
            say(", it plays one of");
            chip("takes", Said.of(cue.takes().size() + " takes, " + rule(cue.takeRule())));
            say("; the first " + length);
        } else {
            say(", it " + length);
        }
        say(".");
    }

    private static String rule(TakeRule rule) {
        return switch (rule) {
            case FIRST -> "the first that fits";
            case WEIGHT -> "by weight";
            case TURN -> "in turn";
        };
    }

    /** How long the score is, "about" where its end is known only when it is played. */
    private static String length(List<Sketched> plan) {
        long over = plan.stream().mapToLong(Sketched::to).max().orElse(0);
        if (over == 0) {
            return "answers at once";
        }
        boolean open = plan.stream().anyMatch(each -> each.open() && each.to() == over);
        return "plays for " + (open ? "about " : "") + Spans.inWords(over);
    }

    private void busy() {
        boolean asksForPlace = cue.takes().stream()
                .flatMap(take -> take.score().parts().stream())
                .anyMatch(part -> part.place().isPresent());
        if (asksForPlace) {
            say("While its places are taken it waits");
            chip(
                    "wait",
                    Said.of("up to " + Spans.inWords(cue.longestWaitMs())
                            + (cue.urgency() == Urgency.USUAL ? "" : ", " + Kind.written(cue.urgency()))));
            say(".");
        }
        say("When held, it");
        chip("held", Said.of(cue.whenHeld().isEmpty() ? "stays silent" : "says so in chat"));
        say(".");
    }
}
