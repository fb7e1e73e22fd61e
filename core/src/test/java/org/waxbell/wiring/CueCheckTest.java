package org.waxbell.wiring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.waxbell.Samples.card;
import static org.waxbell.Samples.cue;
import static org.waxbell.Samples.reply;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.check.Problem;
import org.waxbell.cue.CalendarPull;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.cue.CuePull;
import org.waxbell.cue.EventPull;
import org.waxbell.cue.EveryPull;
import org.waxbell.cue.FirstLinePull;
import org.waxbell.cue.HandPull;
import org.waxbell.cue.HeldAnswer;
import org.waxbell.cue.MarkPull;
import org.waxbell.cue.Pull;
import org.waxbell.cue.Take;
import org.waxbell.cue.TakeRule;
import org.waxbell.event.Target;
import org.waxbell.gate.AirGate;
import org.waxbell.gate.ConditionGate;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.LimitGate;
import org.waxbell.gate.PriceGate;
import org.waxbell.gate.WhoGate;
import org.waxbell.port.Calendars;
import org.waxbell.score.Anchor;
import org.waxbell.score.ClipPart;
import org.waxbell.score.Manner;
import org.waxbell.score.Part;
import org.waxbell.score.PointsPart;
import org.waxbell.score.ReplyPart;
import org.waxbell.score.Score;
import org.waxbell.score.SlatePart;
import org.waxbell.score.SoundPart;
import org.waxbell.score.SwitchPart;

class CueCheckTest {
    private static List<Problem> check(Cue cue) {
        return CueCheck.check(Samples.housed(Samples.pour()), cue, Calendars.NONE);
    }

    private static void refused(Cue cue, String path, String value) {
        assertThat(check(cue)).anySatisfy(problem -> {
            assertThat(problem.path()).isEqualTo(path);
            assertThat(problem.value()).isEqualTo(value);
            assertThat(problem.message()).endsWith(".");
            assertThat(problem.remedy()).endsWith(".");
        });
    }

    private static Cue words(String... words) {
        return cue("bell", List.of(words), List.of(), reply("say", new Anchor.At(0)));
    }

    private static Cue parts(Part... parts) {
        return cue("bell", List.of("!bell"), List.of(), parts);
    }

    @Test
    void aGoodCueHasNoProblems() {
        assertThat(check(Samples.pour())).isEmpty();
    }

    @Test
    void aWordOfAnotherCueIsRefusedWhateverItsCapitals() {
        refused(words("!bell", "!POUR"), "pulls[0].words[1]", "!POUR");
    }

    @Test
    void wordsThatAreNoWordsAreRefused() {
        refused(words(), "pulls[0].words", "0 words");
        refused(words(""), "pulls[0].words[0]", "");
        refused(words("!two words"), "pulls[0].words[0]", "!two words");
        refused(words("!b\u202Eell"), "pulls[0].words[0]", "!b\u202Eell");
        refused(words("!bell", "!Bell"), "pulls[0].words[1]", "!Bell");
        refused(words("x".repeat(41)), "pulls[0].words[0]", "x".repeat(41));
    }

    @Test
    void timesOutOfRangeAreRefused() {
        refused(parts(card("card", new Anchor.At(-1), 5_000)), "takes[0].score.parts[0].start.ms", "-1");
        refused(parts(card("card", new Anchor.At(0), 900_000_000)), "takes[0].score.parts[0].lengthMs", "900000000");
        refused(parts(card("card", new Anchor.At(0), 900)), "takes[0].score.parts[0].lengthMs", "900");
        refused(
                cue("bell", List.of("!bell"), List.of(new CooldownGate(-5, 0)), reply("r", new Anchor.At(0))),
                "gates[0].forAllMs",
                "-5");
    }

    @Test
    void theRemedyNamesTimesAsPeopleWriteThem() {
        assertThat(check(parts(card("card", new Anchor.At(0), -2_000))))
                .first()
                .extracting(Problem::remedy)
                .isEqualTo("Give a time from 0.5 s to 10 min.");
    }

    @Test
    void unknownThingsAreRefused() {
        refused(parts(card("card", new Anchor.At(0), 5_000, "nowhere")), "takes[0].score.parts[0].spot", "nowhere");
        refused(
                parts(new SoundPart("s", new Anchor.At(0), "main", "bench", "Splashing", "", 80, Manner.PLAIN)),
                "takes[0].score.parts[0].folder",
                "Splashing");
        refused(
                parts(new SoundPart("s", new Anchor.At(0), "main", "bench", "Pouring", "x.wav", 101, Manner.PLAIN)),
                "takes[0].score.parts[0].volume",
                "101");
        refused(
                parts(Samples.says("r", new Anchor.At(0), "Hello {viewr}")),
                "takes[0].score.parts[0].words",
                "{viewr}");
        refused(
                parts(Samples.says("r", new Anchor.At(0), "Hello {viewer")),
                "takes[0].score.parts[0].words",
                "Hello {viewer");
        refused(parts(reply("r", new Anchor.After("gone", 0))), "takes[0].score.parts[0].start.part", "gone");
    }

    @Test
    void answersForGatesThatAreNotThereAreRefused() {
        Cue pour = Samples.pour();
        Cue cue = Samples.saying(
                cue("bell", List.of("!bell"), pour.gates(), reply("r", new Anchor.At(0))),
                new HeldAnswer("price", "no"),
                new HeldAnswer("cooldown", "{reasn}"),
                new HeldAnswer("cooldown", "again {reason}"));
        assertThat(check(cue))
                .extracting(Problem::path)
                .containsExactly("whenHeld[0].gate", "whenHeld[1].words", "whenHeld[2].gate");
    }

    @Test
    void circlesNameTheirParts() {
        refused(
                parts(reply("a", new Anchor.After("b", 0)), reply("b", new Anchor.After("a", 0))),
                "takes[0].score.parts",
                "a → b");
    }

    @Test
    void emptyTextIsRefused() {
        refused(parts(Samples.says("r", new Anchor.At(0), "  ")), "takes[0].score.parts[0].words", "  ");
    }

    @Test
    void aScoreThatStandsInItsOwnWayIsRefused() {
        refused(
                parts(card("a", new Anchor.At(0), 5_000), card("b", new Anchor.At(4_000), 5_000)),
                "takes[0].score.parts[1].start",
                "4 s");
        assertThat(check(parts(card("a", new Anchor.At(0), 5_000), card("b", new Anchor.At(4_000), 5_000, "corner"))))
                .isEmpty();
    }

    @Test
    void twoPartsOfOneNameAreRefused() {
        refused(parts(reply("r", new Anchor.At(0)), reply("r", new Anchor.At(1))), "takes[0].score.parts[1].id", "r");
    }

    @Test
    void whatAPullNamesMustBeThere() {
        Cue bell = words("!bell");
        refused(Samples.pulledBy(bell, new MarkPull("wicks", 10, true)), "pulls[0].value", "wicks");
        refused(Samples.pulledBy(bell, new CuePull("bell", false)), "pulls[0].cue", "bell");
        refused(Samples.pulledBy(bell, new CuePull("gone", false)), "pulls[0].cue", "gone");
        refused(Samples.pulledBy(bell, new EventPull("eclipse", Map.of(), Map.of())), "pulls[0].event", "eclipse");
        refused(Samples.pulledBy(bell, new EveryPull(5)), "pulls[0].everyMs", "5");
        refused(Samples.pulledBy(bell, new HandPull("", "Alt+Elephant")), "pulls[0].key", "Alt+Elephant");
        refused(
                Samples.pulledBy(bell, new CalendarPull("FREQ=DAILY", "tomorrow", "Europe/Vienna")),
                "pulls[0].start",
                "tomorrow");
        refused(
                Samples.pulledBy(bell, new CalendarPull("FREQ=DAILY", "2026-11-23T19:55:00", "Saltmarsh")),
                "pulls[0].zone",
                "Saltmarsh");
        refused(Samples.pulledBy(bell, new ChatWordPull(List.of("!bell"), false, "(")), "pulls[0].argument", "(");
        refused(Samples.pulledBy(bell, new FirstLinePull(FirstLinePull.Whose.NAMED, " ", false)), "pulls[0].name", " ");
    }

    @Test
    void oneWordMayMeanTwoCuesByWhatFollowsIt() {
        assertThat(check(Samples.pulledBy(words("!bell"), new ChatWordPull(List.of("!pour"), false, "\\d+"))))
                .isEmpty();
        refused(
                Samples.pulledBy(words("!bell"), new ChatWordPull(List.of("pour"), true, "")),
                "pulls[0].words[0]",
                "!pour");
    }

    @Test
    void gatesThatLetAllThroughOrNameNobodyAreRefused() {
        refused(
                cue(
                        "bell",
                        List.of("!bell"),
                        List.of(new WhoGate(Set.of(), 0, List.of(), List.of(), List.of("divers"))),
                        reply("r", new Anchor.At(0))),
                "gates[0].circles[0]",
                "divers");
        refused(
                cue(
                        "bell",
                        List.of("!bell"),
                        List.of(new AirGate(AirGate.Air.EITHER, List.of())),
                        reply("r", new Anchor.At(0))),
                "gates[0].air",
                "either");
        refused(
                cue("bell", List.of("!bell"), List.of(new LimitGate(0, 0)), reply("r", new Anchor.At(0))),
                "gates[0].perShow",
                "0");
        refused(
                cue("bell", List.of("!bell"), List.of(new PriceGate(0)), reply("r", new Anchor.At(0))),
                "gates[0].price",
                "0");
    }

    @Test
    void aConditionIsCheckedForItsTypesAndTheNamesThereAre() {
        for (String wrong : List.of(
                "",
                "viewer.months",
                "viewer.months > 'three'",
                "gift.worth > 3",
                "line.matches('a+')",
                "[1].all(x, x > 0)",
                "1 +")) {
            refused(
                    cue("bell", List.of("!bell"), List.of(new ConditionGate(wrong)), reply("r", new Anchor.At(0))),
                    "gates[0].condition",
                    wrong);
        }
        assertThat(check(cue(
                        "bell",
                        List.of("!bell"),
                        List.of(new ConditionGate("viewer.months >= 3 && slate.wish != 'none'")),
                        reply("r", new Anchor.At(0)))))
                .isEmpty();
    }

    @Test
    void aTakeThatIsAskedForMustBeThere() {
        Manner other = new Manner(Manner.IfFails.OTHER_TAKE, false, false);
        Score score = new Score(List.of(new ClipPart("clip", new Anchor.At(0), 30, "x", 20_000, other)));
        Cue bell = words("!bell");
        refused(Samples.taking(bell, TakeRule.FIRST, new Take("a", "A", "", 1, "", score)), "takes[0].spare", "");
        refused(Samples.taking(bell, TakeRule.FIRST, new Take("a", "A", "", 1, "b", score)), "takes[0].spare", "b");
        refused(
                Samples.taking(
                        bell,
                        TakeRule.WEIGHT,
                        new Take("a", "A", "", 0, "", bell.takes().get(0).score())),
                "takes",
                "0");
        refused(Samples.taking(bell, TakeRule.FIRST), "takes", "0 takes");
    }

    @Test
    void mannersThatCannotBeAreRefused() {
        Manner atOnce = new Manner(Manner.IfFails.GO_ON, true, false);
        Manner toEnd = new Manner(Manner.IfFails.GO_ON, false, true);
        refused(
                parts(new SoundPart("s", new Anchor.At(0), "main", "bench", "Pouring", "", 80, atOnce)),
                "takes[0].score.parts[0].manner.atOnce",
                "true");
        refused(
                parts(new SwitchPart(
                        "s", new Anchor.At(0), 1_000, new Target(Target.Kind.SCENE, ""), "Bench", false, toEnd)),
                "takes[0].score.parts[0].manner.toEnd",
                "true");
        refused(
                parts(reply("a", new Anchor.At(0)), new ReplyPart("b", new Anchor.With("a", 0), "x", atOnce)),
                "takes[0].score.parts[1].manner.atOnce",
                "true");
    }

    @Test
    void lateResultsAreKnownOnlyAfterTheirPart() {
        Part clip = new ClipPart("clip", new Anchor.At(0), 30, "x", 20_000, Manner.PLAIN);
        refused(
                parts(clip, Samples.says("r", new Anchor.With("clip", 0), "{clipAddress}")),
                "takes[0].score.parts[1].words",
                "{clipAddress}");
        assertThat(check(parts(
                        clip,
                        Samples.says("r", new Anchor.After("clip", 0), "{clipAddress}"),
                        Samples.says("s", new Anchor.With("r", 9), "{clipTitle}"))))
                .isEmpty();
    }

    @Test
    void switchesAndSlateNameWhatThereIs() {
        refused(
                parts(new SwitchPart(
                        "s",
                        new Anchor.At(0),
                        1_000,
                        new Target(Target.Kind.RACK, "attic"),
                        "off",
                        false,
                        Manner.PLAIN)),
                "takes[0].score.parts[0].target.name",
                "attic");
        refused(
                parts(new SwitchPart(
                        "s",
                        new Anchor.At(0),
                        1_000,
                        new Target(Target.Kind.LAMP, "Bench"),
                        "reddish",
                        false,
                        Manner.PLAIN)),
                "takes[0].score.parts[0].value",
                "reddish");
        refused(
                parts(new SlatePart("s", new Anchor.At(0), "wish", SlatePart.Act.ADD, "1", Manner.PLAIN)),
                "takes[0].score.parts[0].act",
                "add");
        refused(
                parts(new SlatePart("s", new Anchor.At(0), "dips", SlatePart.Act.ADD, "1", Manner.PLAIN)),
                "takes[0].score.parts[0].value",
                "dips");
        refused(parts(new PointsPart("p", new Anchor.At(0), 0, Manner.PLAIN)), "takes[0].score.parts[0].amount", "0");
    }

    @Test
    void wordsAreCheckedAgainstWhatThePullsReallyBring() {
        Pull gift = new EventPull("gift", Map.of(), Map.of());
        Pull word = ChatWordPull.of("!bell");
        String plural = "{giftCount, plural, one {# sprig} other {# sprigs}}";
        assertThat(check(Samples.pulledBy(parts(Samples.says("r", new Anchor.At(0), plural)), gift)))
                .isEmpty();
        refused(
                Samples.pulledBy(parts(Samples.says("r", new Anchor.At(0), "{giftItem, plural, other {#}}")), gift),
                "takes[0].score.parts[0].words",
                "{giftItem}");
        refused(
                Samples.pulledBy(parts(Samples.says("r", new Anchor.At(0), "{giftItem}")), gift, word),
                "takes[0].score.parts[0].words",
                "{giftItem}");
        assertThat(check(Samples.pulledBy(
                        parts(Samples.says("r", new Anchor.At(0), "{giftItem, select, none {it} other {{giftItem}}}")),
                        gift,
                        word)))
                .isEmpty();
        refused(
                Samples.pulledBy(parts(Samples.says("r", new Anchor.At(0), "{n, plural, one {x}}")), gift),
                "takes[0].score.parts[0].words",
                "{n, plural, one {x}}");
        assertThat(check(parts(Samples.says(
                        "r", new Anchor.At(0), "{slatePours, plural, one {# pour} other {# pours}} and {slateWish}"))))
                .isEmpty();
    }

    @Test
    void aKeyRingsOneCueAndIsNotTheConsolesOwn() {
        Cue bell = parts(Samples.says("r", new Anchor.At(0), "ding"));
        for (String wrong : List.of("N", "Shift+3", "Ctrl+Z", "F25", "Alt+Ctrl+3")) {
            refused(Samples.pulledBy(bell, new HandPull("Bell", wrong)), "pulls[0].key", wrong);
        }
        assertThat(check(Samples.pulledBy(bell, new HandPull("Bell", "Ctrl+Alt+Shift+B"))))
                .isEmpty();
        Cue other = Samples.pulledBy(
                cue("other", List.of("!other"), List.of(), reply("r", new Anchor.At(0))), new HandPull("", "F6"));
        assertThat(CueCheck.check(
                        Samples.housed(other), Samples.pulledBy(bell, new HandPull("Bell", "F6")), Calendars.NONE))
                .singleElement()
                .satisfies(problem -> assertThat(problem.message()).isEqualTo("This key already rings Other."));
    }
}
