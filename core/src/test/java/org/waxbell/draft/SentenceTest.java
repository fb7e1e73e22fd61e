package org.waxbell.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.waxbell.Samples.cue;
import static org.waxbell.Samples.housed;
import static org.waxbell.Samples.only;
import static org.waxbell.Samples.pour;
import static org.waxbell.Samples.pouring;
import static org.waxbell.Samples.pulledBy;
import static org.waxbell.Samples.reply;
import static org.waxbell.Samples.taking;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.waxbell.cue.AfterLinesPull;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.cue.CuePull;
import org.waxbell.cue.EventPull;
import org.waxbell.cue.EveryPull;
import org.waxbell.cue.FirstLinePull;
import org.waxbell.cue.HandPull;
import org.waxbell.cue.HeldAnswer;
import org.waxbell.cue.MarkPull;
import org.waxbell.cue.PhrasePull;
import org.waxbell.cue.PrivatePull;
import org.waxbell.cue.Pull;
import org.waxbell.cue.Pulls;
import org.waxbell.cue.ScenePull;
import org.waxbell.cue.Take;
import org.waxbell.cue.TakeRule;
import org.waxbell.cue.WebPull;
import org.waxbell.event.Standing;
import org.waxbell.gate.AirGate;
import org.waxbell.gate.ArgumentGate;
import org.waxbell.gate.ChanceGate;
import org.waxbell.gate.ConditionGate;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.Gate;
import org.waxbell.gate.Gates;
import org.waxbell.gate.LimitGate;
import org.waxbell.gate.PriceGate;
import org.waxbell.gate.StandBackGate;
import org.waxbell.gate.WhoGate;
import org.waxbell.kind.Kind;
import org.waxbell.score.Anchor;
import org.waxbell.wiring.Wiring;

class SentenceTest {
    private static final Anchor NOW = new Anchor.At(0);

    private static String said(Cue cue) {
        Wiring wiring = housed(pour());
        List<Sketched> plan = Sketch.of(cue.takes().get(0).score(), wiring, Samples.of(cue, wiring));
        return Sentence.text(Sentence.of(cue, plan, new Names(wiring)));
    }

    private static Cue gated(Gate... gates) {
        return cue("dye", List.of("!dye"), List.of(gates), reply("answer", NOW));
    }

    @Test
    void aCueReadsAsASentence() {
        assertThat(said(pour()))
                .isEqualTo("When !pour or !taper is typed by anyone, at most every 14 s, it plays for 5.8 s."
                        + " While its places are taken it waits up to 1 min. When held, it stays silent.");
    }

    @Test
    void anAnswerAloneIsSaidAtOnceAndAGuessIsAGuess() {
        assertThat(said(gated(only(Standing.HOST, Standing.VIP))))
                .isEqualTo("When !dye is typed by the host or VIPs, as often as it comes, it answers at once."
                        + " When held, it stays silent.");
        assertThat(said(cue("loud", List.of("!loud"), List.of(new CooldownGate(5_000, 60_000)), pouring("sound"))))
                .contains("at most every 5 s and every 1 min for each viewer, it plays for about 2.1 s.");
    }

    @Test
    void whoMayWhatMustStandBehindTheWordAndChanceAreSaid() {
        WhoGate who = new WhoGate(
                Set.of(Standing.MEMBER, Standing.MODERATOR),
                3,
                List.of("wickerby"),
                List.of("lowtide_lou"),
                List.of("dippers"));
        Cue dye = gated(
                        who,
                        new ArgumentGate(ArgumentGate.Wants.ONE_OF, 0, 0, List.of("sage", "rose"), false, ""),
                        new ChanceGate(30))
                .withAnswers(List.of(new HeldAnswer("argument", "{reason}")));
        assertThat(said(dye))
                .contains("by moderators, members of 3 months, wickerby or the circle Dippers but lowtide_lou,"
                        + " with sage or rose behind it, 30 times of 100, as often")
                .endsWith("When held, it says so in chat.");
    }

    @Test
    void everyGateAndHowATakeIsChosenAreSaid() {
        Cue cue = gated(
                new StandBackGate(),
                new AirGate(AirGate.Air.ON, List.of("bench")),
                new LimitGate(3, 1),
                new ConditionGate("viewer.months > 3"),
                new PriceGate(40));
        Take other = new Take("other", "Other", "", 1, "", cue.takes().get(0).score());
        assertThat(said(taking(cue, TakeRule.TURN, cue.takes().get(0), other)))
                .contains("by anyone, unless a more exact cue rang, on air in the scene bench, no more than 3 times a"
                        + " show and once for each viewer, for 40 drips, as often as it comes, only if viewer.months > 3,"
                        + " it plays one of 2 takes, in turn; the first answers at once.");
    }

    static List<Arguments> pulls() {
        return List.of(
                Arguments.of(
                        new FirstLinePull(FirstLinePull.Whose.EACH, "", false),
                        "When someone writes their first line tonight, from anyone"),
                Arguments.of(
                        new FirstLinePull(FirstLinePull.Whose.NAMED, "wickerby", false),
                        "When wickerby writes the first line tonight"),
                Arguments.of(new PrivatePull(List.of()), "When a private message comes"),
                Arguments.of(new MarkPull("pours", 10, true), "When Pours tonight on the slate reaches 10"),
                Arguments.of(new EveryPull(600_000), "When another 10 min of the show have passed"),
                Arguments.of(new AfterLinesPull(30, 60_000), "When 30 lines were written and 1 min have passed"),
                Arguments.of(new HandPull("Bell", "Alt+3"), "When I press Bell or Alt+3"),
                Arguments.of(new ScenePull(List.of("kettle")), "When the scene changes to kettle"),
                Arguments.of(new CuePull("pour-the-taper", true), "When the cue Pour the taper is over"),
                Arguments.of(new WebPull("kiln"), "When the address kiln is called"),
                Arguments.of(
                        new EventPull("gift", Map.of("giftWorth", 50L), Map.of("giftItem", "Lantern")),
                        "When a gift arrives (gift worth at least 50, gift item Lantern), from anyone"),
                Arguments.of(
                        new EventPull("wheelStopped", Map.of(), Map.of("deskName", "Dyes")),
                        "When a wheel stops (desk name Dyes)"));
    }

    @ParameterizedTest
    @MethodSource("pulls")
    void whatSetsItOffIsSaidByNames(Pull pull, String text) {
        assertThat(said(pulledBy(pour(), pull))).startsWith(text);
    }

    @Test
    void severalPullsAreJoinedAndTheShortFormHasThem() {
        Cue both = pulledBy(pour(), ChatWordPull.of("!wax"), new PhrasePull(List.of("good evening"), true));
        assertThat(said(both)).startsWith("When !wax is typed or “good evening” stands in a line, from anyone");
        assertThat(Sentence.brief(both, new Names(housed())))
                .isEqualTo("!wax or “good evening” stands in a line · anyone · rests 14 s");
    }

    @Test
    void everyPairOfPullsAndGatesReadsRight() {
        FreshOn on = Drafts.on(housed(pour(), gated()), pour(), "any");
        List<Pull> pulls = new ArrayList<>();
        Pulls.ALL.kinds().forEach(kind -> pulls.add(kind.fresh().apply(on)));
        List<Gate> gates = new ArrayList<>();
        for (Kind<? extends Gate> kind : Gates.ALL.kinds()) {
            gates.add(kind.fresh().apply(on));
        }
        for (Pull one : pulls) {
            for (Pull other : pulls) {
                for (Gate gate : gates) {
                    for (Gate more : gates) {
                        String text = said(pulledBy(gated(gate, more), one, other));
                        assertThat(text).startsWith("When ").doesNotContain("null", ", ,", " ,", ",.", "..", "  ");
                    }
                }
            }
        }
    }

    @Test
    void somebodyNamedIsAPersonUntilAnArgumentIsAskedFor() {
        Cue open = cue("greet", List.of("!greet"), List.of(), reply("answer", NOW));
        assertThat(Samples.of(open, housed(open)))
                .containsEntry("named", "brine_otter")
                .containsEntry("argument", "tall");
    }
}
