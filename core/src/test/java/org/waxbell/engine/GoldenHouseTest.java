package org.waxbell.engine;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.waxbell.Samples;
import org.waxbell.booking.BusyRule;
import org.waxbell.cue.AfterLinesPull;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.cue.CuePull;
import org.waxbell.cue.EventPull;
import org.waxbell.cue.EveryPull;
import org.waxbell.cue.FirstLinePull;
import org.waxbell.cue.HandPull;
import org.waxbell.cue.MarkPull;
import org.waxbell.cue.PrivatePull;
import org.waxbell.cue.Pull;
import org.waxbell.cue.Rack;
import org.waxbell.cue.ScenePull;
import org.waxbell.cue.Take;
import org.waxbell.cue.TakeRule;
import org.waxbell.cue.Urgency;
import org.waxbell.cue.WebPull;
import org.waxbell.event.Target;
import org.waxbell.gate.AirGate;
import org.waxbell.gate.ConditionGate;
import org.waxbell.gate.Gate;
import org.waxbell.gate.LimitGate;
import org.waxbell.gate.PriceGate;
import org.waxbell.gate.StandBackGate;
import org.waxbell.score.Anchor;
import org.waxbell.score.ClipPart;
import org.waxbell.score.Manner;
import org.waxbell.score.Part;
import org.waxbell.score.PointsPart;
import org.waxbell.score.ReplyPart;
import org.waxbell.score.Score;
import org.waxbell.score.SlatePart;
import org.waxbell.score.SwitchPart;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.Wiring;

/** Situations with shows, points, clips, lamps and racks; each a script of {@link ScriptPlayer} and the journal that was read and found right. */
public class GoldenHouseTest {
    private static final Anchor NOW = new Anchor.At(0);
    private static final Target LAMP = new Target(Target.Kind.LAMP, "Bench");
    private static final Manner AT_ONCE = new Manner(Manner.IfFails.GO_ON, true, false);

    private static Cue cue(String id, List<Gate> gates, Pull pull, Part... parts) {
        return Samples.pulledBy(Samples.cue(id, List.of("!" + id), gates, parts), pull);
    }

    private static Cue word(String id, List<Gate> gates, Part... parts) {
        return cue(id, gates, ChatWordPull.of("!" + id), parts);
    }

    private static ReplyPart says(String words) {
        return Samples.says("say", NOW, words);
    }

    private static SwitchPart lamp(String colour, long length, boolean stay) {
        return new SwitchPart("lamp", NOW, length, LAMP, colour, stay, Manner.PLAIN);
    }

    private static Cue clip() {
        Manner orOther = new Manner(Manner.IfFails.OTHER_TAKE, false, false);
        Take makes = new Take(
                "makes",
                "Makes it",
                "",
                1,
                "none",
                new Score(List.of(
                        new ClipPart("clip", NOW, 30, "{viewer} at the bench", 20_000, orOther),
                        Samples.card("card", new Anchor.After("clip", 500), 3_000),
                        Samples.says("link", new Anchor.After("clip", 0), "{viewer}: {clipTitle} {clipAddress}"))));
        Take none = new Take(
                "none",
                "No clip",
                "",
                0,
                "",
                new Score(List.of(Samples.says("sorry", NOW, "no clip tonight, {viewer}"))));
        return Samples.taking(word("clip", List.of(), says("x")), TakeRule.FIRST, makes, none);
    }

    public static CueBook book(BusyRule rule, boolean rackOn) {
        Cue[] cues = {
            clip(),
            word("wave", List.of(), Samples.card("card", NOW, 2_000)),
            word("red", List.of(), lamp("#ff0000", 5_000, false)),
            word("blue", List.of(), lamp("#0000ff", 3_000, false)),
            word("evening", List.of(), lamp("#ffddaa", 0, true)),
            cue(
                    "hello",
                    List.of(),
                    new FirstLinePull(FirstLinePull.Whose.EACH, "", false),
                    says("good evening, {viewer}"),
                    new PointsPart("gift", NOW, 50, Manner.PLAIN)),
            word("dye", List.of(new PriceGate(40)), Samples.card("card", NOW, 4_000)),
            word("ping", List.of(), says("ping")),
            cue("echo", List.of(), new CuePull("ping", true), says("echo for {viewer}")),
            Samples.pulledBy(
                    word("round", List.of(), says("round")), new CuePull("about", false), ChatWordPull.of("!round")),
            cue("about", List.of(), new CuePull("round", false), says("about")),
            cue(
                    "drink",
                    List.of(new AirGate(AirGate.Air.ON, List.of())),
                    new EveryPull(60_000),
                    says("a sip of water")),
            cue("rules", List.of(), new AfterLinesPull(3, 5_000), says("be kind to the candles")),
            word("count", List.of(), new SlatePart("add", NOW, "pours", SlatePart.Act.ADD, "4", Manner.PLAIN)),
            cue(
                    "goal",
                    List.of(new LimitGate(1, 0)),
                    new MarkPull("pours", 10, true),
                    says("ten pours: {valueNow}, slate {slatePours}")),
            cue(
                    "gifts",
                    List.of(new StandBackGate()),
                    new EventPull("gift", Map.of(), Map.of()),
                    says("thanks for {giftItem}")),
            cue(
                    "lantern",
                    List.of(),
                    new EventPull("gift", Map.of(), Map.of("giftItem", "Lantern")),
                    says("a lantern!")),
            word(
                    "close",
                    List.of(),
                    new SwitchPart(
                            "rack", NOW, 4_000, new Target(Target.Kind.RACK, "bench"), "off", false, Manner.PLAIN)),
            word(
                    "busy",
                    List.of(),
                    Samples.card("card", NOW, 3_000),
                    new ReplyPart("say", NOW, "heard you, {viewer}", AT_ONCE)),
            word(
                    "long",
                    List.of(),
                    Samples.pouring("sound"),
                    Samples.card("card", new Anchor.After("sound", 0), 1_000)),
            cue("whisper", List.of(), new PrivatePull(List.of()), says("only for you: {line}")),
            cue("kettle", List.of(), new ScenePull(List.of("Kettle")), says("the kettle is on")),
            cue("kiln", List.of(), new WebPull("kiln"), says("the kiln says {hookText}")),
            cue("bell", List.of(), new HandPull("Bell", ""), says("ding")),
            cue(
                    "wheel",
                    List.of(),
                    new EventPull("wheelStopped", Map.of(), Map.of("deskName", "Dyes")),
                    says("the wheel says {deskResult}")),
            cue(
                    "mods",
                    List.of(new ConditionGate("'moderator' in viewer.standing")),
                    ChatWordPull.of("!mods"),
                    says("yes")),
            new Cue(
                    Cue.FORMAT,
                    "off",
                    "Off",
                    "",
                    true,
                    "side",
                    true,
                    List.of(ChatWordPull.of("!off")),
                    List.of(),
                    List.of(),
                    List.of(Take.only(new Score(List.of(new SwitchPart(
                            "rack", NOW, 4_000, new Target(Target.Kind.RACK, "bench"), "off", false, Manner.PLAIN))))),
                    TakeRule.FIRST,
                    Urgency.USUAL,
                    60_000,
                    false),
        };
        List<Rack> racks = List.of(new Rack(1, "bench", "At the bench", rackOn), new Rack(1, "side", "Aside", true));
        return new CueBook(
                new Wiring(Samples.house(), racks, List.of(cues), List.of(Samples.stage(rule)), Samples.SHELF));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "clip-never-made",
                "clip-made-late",
                "show-closed-in-mid-score",
                "two-cues-one-lamp",
                "lamp-over-a-restart",
                "first-line-tonight",
                "price-paid-and-given-back",
                "cues-without-end",
                "every-minute-and-after-lines",
                "goal-crossed",
                "stood-back",
                "rack-off-by-a-cue",
                "answered-at-once",
                "overrun",
                "doors-of-the-house",
                "hush-puts-back",
                "spot-gone-while-clip-is-made"
            })
    void goesAsWritten(String name) throws IOException {
        String journal = ScriptPlayer.read(name + ".journal").stripTrailing();
        assertThat(new ScriptPlayer(GoldenHouseTest::book, false).play(ScriptPlayer.read(name + ".script")))
                .isEqualToIgnoringNewLines(journal);
        assertThat(new ScriptPlayer(GoldenHouseTest::book, true).play(ScriptPlayer.read(name + ".script")))
                .as("saved and restored before every line")
                .isEqualToIgnoringNewLines(journal);
    }
}
