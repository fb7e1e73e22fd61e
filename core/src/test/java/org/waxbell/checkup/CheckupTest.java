package org.waxbell.checkup;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.waxbell.Samples;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.cue.CuePull;
import org.waxbell.cue.EventPull;
import org.waxbell.cue.HandPull;
import org.waxbell.cue.HeldAnswer;
import org.waxbell.cue.Take;
import org.waxbell.cue.TakeRule;
import org.waxbell.event.Standing;
import org.waxbell.event.Target;
import org.waxbell.gate.ArgumentGate;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.Gate;
import org.waxbell.gate.PriceGate;
import org.waxbell.gate.StandBackGate;
import org.waxbell.kind.Records;
import org.waxbell.port.Calendars;
import org.waxbell.score.Anchor;
import org.waxbell.score.LookUpPart;
import org.waxbell.score.Manner;
import org.waxbell.score.Part;
import org.waxbell.score.PointsPart;
import org.waxbell.score.Score;
import org.waxbell.score.SlatePart;
import org.waxbell.score.SoundPart;
import org.waxbell.score.SwitchPart;
import org.waxbell.score.TheirClipPart;
import org.waxbell.score.VoicePart;
import org.waxbell.wiring.CueCheck;
import org.waxbell.wiring.Wiring;

/** Every rule on a wiring that has its fault and on one that has not. */
class CheckupTest {
    private static final Anchor NOW = new Anchor.At(0);
    private static final Gate REST = new CooldownGate(10_000, 0);
    private static final Gate MODS = Samples.only(Standing.MODERATOR);

    private static Cue cue(String id, List<Gate> gates, Part... parts) {
        return Samples.cue(id, List.of("!" + id), gates, parts);
    }

    private static Wiring of(Cue... cues) {
        return Samples.housed(cues);
    }

    private static SwitchPart scene(boolean stay, String value) {
        return new SwitchPart("scene", NOW, 2_000, new Target(Target.Kind.SCENE, ""), value, stay, Manner.PLAIN);
    }

    private static Part lamp() {
        return new SwitchPart("lamp", NOW, 2_000, new Target(Target.Kind.LAMP, "Bench"), "off", false, Manner.PLAIN);
    }

    private static final Manner OTHER = new Manner(Manner.IfFails.OTHER_TAKE, false, false);

    private static LookUpPart lookUp(String clip, Manner manner) {
        return new LookUpPart("meet", NOW, "viewer", "", clip, 31, 0, 30_000, 2_000, manner);
    }

    private static SoundPart heard(Anchor start) {
        return Records.with(Samples.pouring("s"), Map.of("start", start));
    }

    private static TheirClipPart theirClip() {
        return new TheirClipPart(
                "clip",
                new Anchor.After("meet", 0),
                "main",
                "corner",
                "meet",
                30_000,
                80,
                0,
                0,
                0,
                0,
                "",
                "",
                400,
                600,
                Manner.PLAIN);
    }

    private static VoicePart said(String words, boolean earFirst) {
        return new VoicePart(
                "voice",
                NOW,
                words,
                "",
                0,
                0,
                100,
                "main",
                "bench",
                12_000,
                earFirst,
                "",
                "corner",
                "beeswax",
                Manner.PLAIN);
    }

    private static Part sound(String file) {
        return new SoundPart("sound", NOW, "main", "bench", "Pouring", file, 80, Manner.PLAIN);
    }

    private static Cue gift(String words) {
        return gift("gift", words);
    }

    private static Cue gift(String id, String words, String... item) {
        Map<String, String> exactly = item.length == 0 ? Map.of() : Map.of("giftItem", item[0]);
        return Samples.pulledBy(
                cue(id, List.of(), Samples.says("r", NOW, words)), new EventPull("gift", Map.of(), exactly));
    }

    private static Part rack(String name) {
        return new SwitchPart("rack", NOW, 2_000, new Target(Target.Kind.RACK, name), "on", false, Manner.PLAIN);
    }

    private static Cue says(String words) {
        return cue("says", List.of(REST), Samples.says("r", NOW, words));
    }

    private static Cue takes(String first, String second) {
        Cue one = cue("two-takes", List.of(), Samples.reply("r", NOW));
        Score score = one.takes().get(0).score();
        return one.withTakes(
                TakeRule.FIRST,
                List.of(new Take("a", "Early", first, 1, "", score), new Take("b", "Late", second, 1, "", score)));
    }

    static Stream<Arguments> faults() {
        Cue any = cue("pour", List.of(), Samples.reply("r", NOW));
        Cue exact = Samples.pulledBy(
                cue("exact", List.of(), Samples.reply("r", NOW)), new ChatWordPull(List.of("!pour"), false, "\\d+"));
        Cue a = Samples.pulledBy(cue("a", List.of(), Samples.reply("r", NOW)), new CuePull("b", false));
        Cue b = Samples.pulledBy(cue("b", List.of(), Samples.reply("r", NOW)), new CuePull("a", true));
        Cue priced = cue("priced", List.of(new PriceGate(5)), Samples.reply("r", NOW));
        Cue gives = cue("gives", List.of(), new PointsPart("p", NOW, 5, Manner.PLAIN));
        Gate needs = new ArgumentGate(ArgumentGate.Wants.NUMBER, 1, 9, List.of(), false, "");
        return Stream.of(
                Arguments.of(
                        "open-switch",
                        of(cue("cut", List.of(), scene(false, "Kettle"))),
                        of(cue("cut", List.of(MODS), scene(false, "Kettle")))),
                Arguments.of(
                        "word-twice",
                        of(any, exact),
                        of(
                                Samples.cue(
                                        "pour",
                                        List.of("!pour"),
                                        List.of(new StandBackGate()),
                                        Samples.reply("r", NOW)),
                                exact)),
                Arguments.of("never-rings", of(priced), of(priced, gives)),
                Arguments.of("never-rings", of(b), of(Samples.pulledBy(a, ChatWordPull.of("!a")), b)),
                Arguments.of(
                        "nobody-there",
                        of(Samples.pulledBy(gives, new HandPull("Give", ""))),
                        of(Samples.pulledBy(gives, new HandPull("Give", ""), ChatWordPull.of("!give")))),
                Arguments.of(
                        "nobody-there",
                        of(Samples.pulledBy(
                                cue(
                                        "w",
                                        List.of(),
                                        new SlatePart("s", NOW, "wish", SlatePart.Act.SET, "x", Manner.PLAIN)),
                                new HandPull("W", ""))),
                        of(Samples.pulledBy(
                                cue(
                                        "w",
                                        List.of(),
                                        new SlatePart("s", NOW, "pours", SlatePart.Act.SET, "1", Manner.PLAIN)),
                                new HandPull("W", "")))),
                Arguments.of("cue-circle", of(a, b), of(Samples.pulledBy(a, ChatWordPull.of("!a")), b)),
                Arguments.of(
                        "missing-media",
                        of(cue("s", List.of(REST), sound("gone.wav"))),
                        of(cue("s", List.of(REST), sound("pour-1.wav")))),
                Arguments.of("unknown-values", of(says("{slateWicks} wicks")), of(says("{slatePours} and {viewer}"))),
                Arguments.of(
                        "secret-in-words",
                        of(says("the password: candle")),
                        of(says("ask for the password at the door"))),
                Arguments.of(
                        "secret-in-words",
                        of(says("9f86d081884c7d659a2feaa0c55ad015a3bf4f1b2b0b822cd15d6c15b0f00a08")),
                        of(says("see wax.example/tapers"))),
                Arguments.of(
                        "loud-without-rest",
                        of(cue("s", List.of(), sound(""))),
                        of(cue("s", List.of(REST), sound("")))),
                Arguments.of(
                        "loud-without-rest",
                        of(cue("v", List.of(), said("{viewer}", false))),
                        of(cue("v", List.of(REST), said("{viewer}", false)))),
                Arguments.of(
                        "loud-without-rest",
                        of(cue("v", List.of(), said("{line}", false))),
                        of(cue("v", List.of(), said("{line}", true)))),
                Arguments.of(
                        "pause-for-rest",
                        of(cue("p", List.of(), Samples.reply("r", new Anchor.At(5_000)))),
                        of(cue("p", List.of(), Samples.reply("r", new Anchor.At(500))))),
                Arguments.of(
                        "overbooked-spot",
                        of(cue("c", List.of(new CooldownGate(2_000, 0)), Samples.card("card", NOW, 5_000))),
                        of(cue("c", List.of(new CooldownGate(6_000, 0)), Samples.card("card", NOW, 5_000)))),
                Arguments.of(
                        "overbooked-spot",
                        of(cue("m", List.of(new CooldownGate(9_000, 0)), lookUp("any", OTHER), theirClip())),
                        of(cue("m", List.of(new CooldownGate(40_000, 0)), lookUp("any", OTHER), theirClip()))),
                Arguments.of(
                        "no-fallback",
                        of(cue("m", List.of(), lookUp("any", Manner.PLAIN), theirClip())),
                        of(cue("m", List.of(), lookUp("any", OTHER), theirClip()))),
                Arguments.of(
                        "no-fallback",
                        of(cue("m", List.of(), lookUp("none", OTHER), theirClip())),
                        of(cue("m", List.of(), lookUp("none", Manner.PLAIN)))),
                Arguments.of(
                        "sound-twice",
                        of(cue(
                                "m",
                                List.of(),
                                lookUp("any", Manner.PLAIN),
                                theirClip(),
                                heard(new Anchor.With("clip", 0)))),
                        of(cue(
                                "m",
                                List.of(),
                                lookUp("any", Manner.PLAIN),
                                theirClip(),
                                heard(new Anchor.After("clip", 0))))),
                Arguments.of(
                        "card-too-short",
                        of(cue("c", List.of(), Samples.card("card", NOW, 1_200))),
                        of(cue("c", List.of(), Samples.card("card", NOW, 3_000)))),
                Arguments.of(
                        "same-greeting",
                        of(gift("Thanks"), gift("gift-2", "Thank you")),
                        of(
                                gift("Thanks"),
                                Samples.pulledBy(
                                        gift("gift-2", "Thank you"), new EventPull("follow", Map.of(), Map.of())))),
                Arguments.of(
                        "same-greeting",
                        of(gift("gift", "Thanks", "Lantern"), gift("gift-2", "Thanks", "lantern")),
                        of(gift("gift", "Thanks", "Lantern"), gift("gift-2", "Thanks", "Honeycomb"))),
                Arguments.of(
                        "nobody-named",
                        of(says("look at {named}")),
                        of(says("look at {named, select, none {me} other {{named}}}"))),
                Arguments.of(
                        "nothing-yet",
                        of(cue("empty", List.of())),
                        of(cue("empty", List.of(), Samples.reply("r", NOW)))),
                Arguments.of(
                        "nothing-yet",
                        of(cue("open", List.of(MODS), rack(""))),
                        of(cue("open", List.of(MODS), rack("bench")))),
                Arguments.of("never-plays", of(takes("", "show.open")), of(takes("show.open", ""))),
                Arguments.of("beyond-stage", OnStage.at(1_000), OnStage.at(880)),
                Arguments.of("no-such-desk", OnStage.showing("gone"), OnStage.showing("clock")),
                Arguments.of(
                        "stays-for-good",
                        of(cue("cut", List.of(MODS), scene(true, "Kettle"))),
                        of(
                                cue("cut", List.of(MODS), scene(true, "Kettle")),
                                cue("back", List.of(MODS), scene(true, "Bench")))),
                Arguments.of(
                        "count-without-plural",
                        of(gift("thanks for {giftCount} sprig")),
                        of(gift("thanks for {giftCount, plural, one {# sprig} other {# sprigs}}"))),
                Arguments.of(
                        "silent-refusal",
                        of(cue("n", List.of(needs), Samples.reply("r", NOW))),
                        of(Samples.saying(
                                cue("n", List.of(needs), Samples.reply("r", NOW)),
                                new HeldAnswer("argument", "{reason}")))));
    }

    @ParameterizedTest
    @MethodSource("faults")
    void itIsFoundWhereItIsAndNowhereElse(String rule, Wiring bad, Wiring good) {
        assertThat(Checkup.of(bad))
                .filteredOn(each -> each.rule().equals(rule))
                .isNotEmpty()
                .allSatisfy(remark -> {
                    assertThat(remark.message()).endsWith(".");
                    assertThat(remark.remedy()).endsWith(".");
                });
        assertThat(Checkup.of(good))
                .filteredOn(each -> each.rule().equals(rule))
                .isEmpty();
    }

    @Test
    void everyRuleIsTriedHere() {
        assertThat(faults().map(each -> each.get()[0]).distinct().toList())
                .containsExactlyInAnyOrderElementsOf(new ArrayList<Object>(Checkup.rules()));
        assertThat(Checkup.rules()).hasSizeGreaterThanOrEqualTo(14).doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @MethodSource("faults")
    void aMendTakesTheFaultAwayAndMaySaveAsItIs(String rule, Wiring bad, Wiring good) {
        for (Remark remark : Checkup.of(bad)) {
            remark.mended().ifPresent(mended -> {
                List<Cue> cues = bad.cues().stream()
                        .map(each -> each.id().equals(mended.id()) ? mended : each)
                        .toList();
                Wiring after = new Wiring(bad.house(), bad.racks(), cues, bad.stages(), bad.shelf());
                assertThat(Checkup.of(after))
                        .noneMatch(each -> each.rule().equals(remark.rule())
                                && each.cueId().equals(remark.cueId()));
                assertThat(CueCheck.check(after, mended, Calendars.NONE)).isEmpty();
            });
        }
        assertThat(good).isNotEqualTo(bad);
    }

    @Test
    void aCircleNamesTheShortestWayBackInItsOrder() {
        Cue a = Samples.pulledBy(cue("a", List.of(), Samples.reply("r", NOW)), new CuePull("c", false));
        Cue b = Samples.pulledBy(cue("b", List.of(), Samples.reply("r", NOW)), new CuePull("a", false));
        Cue c = Samples.pulledBy(cue("c", List.of(), Samples.reply("r", NOW)), new CuePull("b", false));
        Cue aside = Samples.pulledBy(cue("aside", List.of(), Samples.reply("r", NOW)), new CuePull("a", false));
        Cue itself = Samples.pulledBy(cue("itself", List.of(), Samples.reply("r", NOW)), new CuePull("itself", false));
        assertThat(Checkup.of(of(aside, a, b, c, itself)).stream()
                        .filter(each -> each.rule().equals("cue-circle"))
                        .map(each -> each.cueId() + ": " + each.message()))
                .containsExactly(
                        "a: It sets itself off by way of " + b.name() + ", " + c.name() + ".",
                        "b: It sets itself off by way of " + c.name() + ", " + a.name() + ".",
                        "c: It sets itself off by way of " + a.name() + ", " + b.name() + ".",
                        "itself: It sets itself off.");
    }

    @Test
    void theGravestComeFirstAndWhatIsOffIsLeftAlone() {
        Cue off = new Cue(
                Cue.FORMAT,
                "off",
                "Off",
                "",
                true,
                "bench",
                false,
                List.of(ChatWordPull.of("!off")),
                List.of(),
                List.of(),
                cue("x", List.of(), sound("gone.wav")).takes(),
                cue("x", List.of(), lamp()).takeRule(),
                Samples.pour().urgency(),
                1_000,
                false);
        assertThat(Checkup.of(of(off))).isEmpty();
        assertThat(Checkup.of(of(cue("s", List.of(), sound("gone.wav"), Samples.card("card", NOW, 1_200)))))
                .extracting(Remark::severity)
                .isSorted()
                .contains(Remark.Severity.GRAVE, Remark.Severity.DOUBTFUL);
    }
}
