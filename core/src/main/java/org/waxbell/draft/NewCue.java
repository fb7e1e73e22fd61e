package org.waxbell.draft;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.cue.EventPull;
import org.waxbell.cue.HandPull;
import org.waxbell.cue.Pull;
import org.waxbell.cue.Take;
import org.waxbell.cue.TakeRule;
import org.waxbell.cue.Urgency;
import org.waxbell.event.ChatText;
import org.waxbell.event.FactKind;
import org.waxbell.event.Facts;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.Gate;
import org.waxbell.gate.WhoGate;
import org.waxbell.kind.Family;
import org.waxbell.score.CardPart;
import org.waxbell.score.Manner;
import org.waxbell.score.Part;
import org.waxbell.score.ReplyPart;
import org.waxbell.score.Score;
import org.waxbell.wiring.Wiring;
import org.waxbell.words.WordKey;

/**
 * A cue that is made anew: of which something is heard or seen at once, with a rest where everyone may set it off by typing.
 *
 * @param pull   what sets it off
 * @param answer what it says in chat, empty text for nothing
 * @param parts  kinds of what it shows, plays or does beside the answer, by name
 * @param rack   in which it lies
 */
public record NewCue(Pull pull, String answer, List<String> parts, String rack) {
    /** A cue of which nothing is written yet. */
    public static final Cue BLANK = blank("none", "None", "");

    private static final String SOUND = "sound";
    private static final int LONGEST_NAME = 60;
    private static final int LONGEST_ID = 40;
    private static final long WAIT = 60_000;
    private static final long REST_OF_SOUND = 15_000;
    private static final long REST = 5_000;
    private static final long SECOND = 1_000;

    public NewCue {
        parts = List.copyOf(parts);
    }

    private static Cue blank(String id, String name, String rack) {
        return new Cue(
                Cue.FORMAT,
                id,
                name,
                "",
                true,
                rack,
                true,
                List.of(),
                List.of(),
                List.of(),
                List.of(Take.only(new Score(List.of()))),
                TakeRule.FIRST,
                Urgency.USUAL,
                WAIT,
                false);
    }

    /** How it will be called. */
    public String name(Wiring wiring) {
        String said = pull instanceof ChatWordPull typed
                ? "Answer to " + String.join(" ", typed.chatWords(wiring.house().prefix()))
                : Sentence.whole(pull.said(new Names(wiring)));
        return ChatText.cut(Character.toUpperCase(said.charAt(0)) + said.substring(1), LONGEST_NAME);
    }

    /** The cue; a kind that is not known, or could not stand anywhere, is left out. @param on what is there; its score is that of this cue */
    public Cue made(FreshOn on, Family<Part> kinds) {
        Wiring wiring = on.wiring();
        Set<String> taken = new HashSet<>();
        wiring.cues().forEach(each -> taken.add(each.id()));
        String name = name(wiring);
        Cue empty = blank(Ids.of(name, "cue", LONGEST_ID, taken), name, rack).withPulls(List.of(pull));
        List<Part> score = new ArrayList<>();
        for (String kind : parts) {
            // What one part needs, one before it may bring.
            FreshOn there = on.within(empty, score, kind);
            kinds.kind(kind)
                    .filter(known -> there.missing(known).isEmpty())
                    .map(known -> known.fresh().apply(there))
                    .map(part -> part instanceof CardPart card ? said(card) : part)
                    .ifPresent(score::add);
        }
        if (!answer.isEmpty()) {
            ReplyPart reply = (ReplyPart) ReplyPart.KIND.fresh().apply(on.within(empty, score, "answer"));
            score.add(new ReplyPart("answer", reply.start(), answer, Manner.PLAIN));
        }
        Cue full = empty.withTakes(TakeRule.FIRST, List.of(Take.only(new Score(score))));
        return full.withGates(gates(length(full, wiring)));
    }

    /** How long it plays, in whole seconds up, as milliseconds. */
    private static long length(Cue cue, Wiring wiring) {
        long last = Sketch.of(cue.takes().get(0).score(), wiring, Map.of()).stream()
                .mapToLong(Sketched::to)
                .max()
                .orElse(0);
        return (last + SECOND - 1) / SECOND * SECOND;
    }

    /** @param length of what it rings, in milliseconds: a shorter rest would let the next one wait for its end */
    private List<Gate> gates(long length) {
        if (!pull.mayHaveViewer()) {
            return List.of();
        }
        List<Gate> gates = new ArrayList<>(List.of(WhoGate.ANYONE));
        if (pull.typed()) {
            gates.add(new CooldownGate(Math.max(length, parts.contains(SOUND) ? REST_OF_SOUND : REST), 0));
        }
        return gates;
    }

    /** A card says what happened. */
    private CardPart said(CardPart fresh) {
        String words = pull instanceof EventPull event
                ? Facts.awaited(event.event()).map(FactKind::says).orElse("")
                : "";
        return words.isEmpty() ? fresh : fresh.saying(words);
    }

    /** Copies of cues, with words and keys that no other cue has. */
    public static List<Cue> copiesOf(List<Cue> cues, Wiring wiring) {
        Set<String> ids = new HashSet<>();
        Set<String> words = new HashSet<>();
        for (Cue each : wiring.cues()) {
            ids.add(each.id());
            each.pulls().forEach(pull -> pull.chatWords("").forEach(word -> words.add(WordKey.of(word))));
        }
        return cues.stream().map(cue -> copyOf(cue, ids, words)).toList();
    }

    private static Cue copyOf(Cue cue, Set<String> ids, Set<String> words) {
        List<Pull> pulls = cue.pulls().stream().map(pull -> own(pull, words)).toList();
        String id = Ids.free(cue.id().replaceAll("-\\d+$", ""), ids);
        ids.add(id);
        return cue.called(id)
                .named(ChatText.cut(cue.name() + ", copied", LONGEST_NAME))
                .withPulls(pulls);
    }

    private static Pull own(Pull pull, Set<String> taken) {
        if (pull instanceof HandPull hand) {
            return new HandPull(hand.button().isEmpty() ? "Ring it" : hand.button(), "");
        }
        if (!(pull instanceof ChatWordPull typed)) {
            return pull;
        }
        List<String> words = new ArrayList<>();
        for (String word : typed.words()) {
            String made = word;
            for (int count = 2; !taken.add(WordKey.of(made)); count++) {
                made = word + count;
            }
            words.add(made);
        }
        return new ChatWordPull(words, typed.general(), typed.argument());
    }
}
