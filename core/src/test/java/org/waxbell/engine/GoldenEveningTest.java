package org.waxbell.engine;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.waxbell.Samples;
import org.waxbell.booking.BusyRule;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.cue.EventPull;
import org.waxbell.cue.HeldAnswer;
import org.waxbell.cue.PhrasePull;
import org.waxbell.cue.Pull;
import org.waxbell.cue.Rack;
import org.waxbell.cue.Take;
import org.waxbell.cue.TakeRule;
import org.waxbell.cue.Urgency;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.Gate;
import org.waxbell.score.Anchor;
import org.waxbell.score.Part;
import org.waxbell.score.Score;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.House;
import org.waxbell.wiring.Wiring;

/** Situations that a broadcaster meets, each a script of {@link ScriptPlayer} and the journal that was read and found right. */
class GoldenEveningTest {
    private static Cue cue(
            String id, Urgency urgency, Pull pull, List<Gate> gates, List<HeldAnswer> held, Part... parts) {
        String name = Character.toUpperCase(id.charAt(0)) + id.substring(1);
        return new Cue(
                Cue.FORMAT,
                id,
                name,
                "",
                true,
                "bench",
                true,
                List.of(pull),
                gates,
                held,
                List.of(Take.only(new Score(List.of(parts)))),
                TakeRule.FIRST,
                urgency,
                60_000,
                false);
    }

    private static CueBook book(BusyRule rule, boolean rackOn) {
        Pull gift = new EventPull("gift", Map.of("giftWorth", 50L), Map.of());
        Cue[] cues = {
            cue(
                    "pour",
                    Urgency.USUAL,
                    ChatWordPull.of("!pour"),
                    List.of(new CooldownGate(5_000, 0)),
                    List.of(new HeldAnswer("cooldown", "{viewer}: {reason}")),
                    Samples.card("card", new Anchor.At(0), 3_000),
                    Samples.reply("thanks", new Anchor.After("card", 0))),
            cue(
                    "wave",
                    Urgency.USUAL,
                    ChatWordPull.of("!wave"),
                    List.of(),
                    List.of(),
                    Samples.card("card", new Anchor.At(0), 2_000)),
            cue("gift", Urgency.URGENT, gift, List.of(), List.of(), Samples.card("card", new Anchor.At(0), 4_000)),
            cue(
                    "greet",
                    Urgency.CALM,
                    new PhrasePull(List.of("good evening"), true),
                    List.of(new CooldownGate(0, 60_000)),
                    List.of(),
                    Samples.reply("hello", new Anchor.At(0))),
        };
        return new CueBook(new Wiring(
                House.PLAIN,
                List.of(new Rack(1, "bench", "At the bench", rackOn)),
                List.of(cues),
                List.of(Samples.stage(rule)),
                Samples.SHELF));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "flood-of-one-word",
                "two-gifts-at-once",
                "urgent-among-waiting",
                "hush-in-mid-score",
                "rack-off-while-it-runs",
                "restart-in-mid-card",
                "restart-among-waiting",
                "a-page-that-fails",
                "taken-over",
                "given-way",
                "greeted-once"
            })
    void goesAsWritten(String name) throws IOException {
        String journal = ScriptPlayer.read(name + ".journal").stripTrailing();
        assertThat(new ScriptPlayer(GoldenEveningTest::book, false).play(ScriptPlayer.read(name + ".script")))
                .isEqualToIgnoringNewLines(journal);
        assertThat(new ScriptPlayer(GoldenEveningTest::book, true).play(ScriptPlayer.read(name + ".script")))
                .as("saved and restored before every line")
                .isEqualToIgnoringNewLines(journal);
    }
}
