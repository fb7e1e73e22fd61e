package org.waxbell.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.event.ChatLine;
import org.waxbell.gate.ConditionGate;
import org.waxbell.gate.CooldownGate;
import org.waxbell.port.Calendars;
import org.waxbell.rehearsal.MadeUpEvening;
import org.waxbell.rehearsal.Rehearsal;
import org.waxbell.rehearsal.Report;
import org.waxbell.rehearsal.Step;
import org.waxbell.score.Anchor;
import org.waxbell.score.Manner;
import org.waxbell.score.ReplyPart;
import org.waxbell.wiring.CueBook;
import org.waxbell.words.WordKey;
import org.waxbell.words.Wording;

/** A whole evening in virtual time, 4 h, 50,000 lines, 500 cues; beside it a look-up of the same lines, and what words and conditions cost. */
final class RehearseBench {
    private static final int ROUNDS = 7;
    private static final int LINES = 50_000;
    private static final int CUES = 500;
    private static final int FILLS = 2_000_000;

    private RehearseBench() {}

    static void run(Scale scale) {
        CueBook plain = book(false);
        List<Step> script = new MadeUpEvening(1, 3_000, scale.of(2_000, LINES), 4 * 3_600_000L).script(plain.wiring());
        double best = Double.MAX_VALUE;
        double lookUp = Double.MAX_VALUE;
        double conditions = Double.MAX_VALUE;
        int rings = 0;
        CueBook conditioned = book(true);
        for (int i = 0; i < scale.of(1, ROUNDS); i++) {
            long start = System.nanoTime();
            Report report = Rehearsal.run(plain, script, 1, Calendars.NONE, percent -> {}, () -> true);
            best = Math.min(best, (System.nanoTime() - start) / 1e6);
            rings = report.rings().size();
            start = System.nanoTime();
            Rehearsal.run(conditioned, script, 1, Calendars.NONE, percent -> {}, () -> true);
            conditions = Math.min(conditions, (System.nanoTime() - start) / 1e6);
            start = System.nanoTime();
            lookUp(script, plain);
            lookUp = Math.min(lookUp, (System.nanoTime() - start) / 1e6);
        }
        Figures.print("evening", best, "ms");
        Figures.print("evening_rings", rings, "rings");
        Figures.print("evening_lookup", lookUp, "ms");
        Figures.print("evening_to_lookup", best / lookUp, "ratio");
        Figures.print("evening_with_200_conditions", conditions, "ms");
        words(scale.of(FILLS / 100, FILLS));
    }

    private static CueBook book(boolean conditions) {
        List<Cue> cues = new ArrayList<>();
        for (int i = 0; i < CUES; i++) {
            ReplyPart says = new ReplyPart("r", new Anchor.At(0), "Thank you, {viewer}.", Manner.PLAIN);
            cues.add(Wires.cue(
                    "cue-" + i,
                    ChatWordPull.of("!word" + i),
                    conditions && i < 200
                            ? List.of(
                                    new CooldownGate(2_000, 0), new ConditionGate("viewer.months >= 0 && line != 'x'"))
                            : List.of(new CooldownGate(2_000, 0)),
                    List.of(says)));
        }
        return new CueBook(Wires.wiring(cues));
    }

    private static void lookUp(List<Step> script, CueBook book) {
        Map<String, String> words = new HashMap<>();
        book.cues()
                .forEach(each -> words.put(
                        WordKey.of("!word" + each.cue().id().substring(4)),
                        each.cue().id()));
        int found = 0;
        for (Step step : script) {
            if (step instanceof Step.Happens happens
                    && happens.event() instanceof ChatLine line
                    && words.containsKey(WordKey.of(line.word()))) {
                found++;
            }
        }
        if (found == 0) {
            throw new IllegalStateException("no line has a word");
        }
    }

    private static void words(int times) {
        Map<String, String> values = Map.of("viewer", "brine_otter", "giftCount", "5");
        Figures.print("words_joined", fills(null, values, times), "ns");
        Figures.print("words_plain", fills(Wording.of("{viewer} sent {giftCount} sprigs"), values, times), "ns");
        Figures.print(
                "words_plural",
                fills(Wording.of("{viewer} sent {giftCount, plural, one {# sprig} other {# sprigs}}"), values, times),
                "ns");
    }

    private static double fills(Wording wording, Map<String, String> values, int times) {
        double best = Double.MAX_VALUE;
        int length = 0;
        for (int round = 0; round < 3; round++) {
            int count = wording == null ? times : times / 4;
            long start = System.nanoTime();
            for (int i = 0; i < count; i++) {
                length += wording == null
                        ? (values.get("viewer") + " sent " + values.get("giftCount") + " sprigs").length()
                        : wording.fill(values).length();
            }
            best = Math.min(best, (System.nanoTime() - start) / (double) count);
        }
        return length == 0 ? 0 : best;
    }
}
