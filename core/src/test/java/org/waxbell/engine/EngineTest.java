package org.waxbell.engine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.waxbell.Samples.INES;
import static org.waxbell.Samples.SEDGE;
import static org.waxbell.Samples.WICKERBY;
import static org.waxbell.Samples.card;
import static org.waxbell.Samples.cue;
import static org.waxbell.Samples.line;
import static org.waxbell.Samples.reply;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.booking.BusyRule;
import org.waxbell.cue.Cue;
import org.waxbell.cue.HeldAnswer;
import org.waxbell.cue.Rack;
import org.waxbell.cue.Urgency;
import org.waxbell.directive.Directive;
import org.waxbell.directive.EndPart;
import org.waxbell.directive.HushAll;
import org.waxbell.directive.PlaySound;
import org.waxbell.directive.SayInChat;
import org.waxbell.directive.ShowCard;
import org.waxbell.event.Viewer;
import org.waxbell.gate.ChanceGate;
import org.waxbell.gate.CooldownGate;
import org.waxbell.score.Anchor;
import org.waxbell.score.Part;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.House;
import org.waxbell.wiring.Wiring;

class EngineTest {
    private static final long T0 = 1_000_000;
    private static final long LEAD = 60;
    private Engine engine = engine(Samples.pour());
    private final List<Directive> told = new ArrayList<>();

    private static Engine engine(Cue... cues) {
        return Samples.engine(Samples.book(cues), EngineState.fresh(7));
    }

    private static Cue show(String id, Urgency urgency, long length) {
        return cue(id, List.of("!" + id), List.of(), urgency, card("card", new Anchor.At(0), length));
    }

    private Outcome say(long after, Viewer viewer, String text) {
        return keep(engine.accept(T0 + after, line(viewer, text)));
    }

    private Outcome wake(long after) {
        return keep(engine.wake(T0 + after));
    }

    private Outcome keep(Outcome outcome) {
        told.addAll(outcome.directives());
        return outcome;
    }

    private static String sentence(Outcome outcome) {
        return outcome.decisions().get(0).sentence();
    }

    private long startOf(String partRun) {
        return told.stream()
                        .filter(each -> each.partRun().equals(partRun))
                        .findFirst()
                        .orElseThrow()
                        .meantFor()
                - T0;
    }

    @Test
    void aWordRingsCardAndSoundAtOnceAheadOfTheirMomentAndTheReplyAfterTheCard() {
        Outcome outcome = say(0, INES, "!POUR a tall one");
        assertThat(outcome.directives())
                .hasSize(2)
                .allSatisfy(each -> assertThat(each.meantFor()).isEqualTo(T0 + LEAD));
        assertThat(outcome.directives().get(0)).isInstanceOfSatisfying(ShowCard.class, card -> {
            assertThat(card.title()).isEqualTo("marshlight_ines");
            assertThat(card.lengthMs()).isEqualTo(5_600);
            assertThat(card.picture()).isEqualTo("f00d");
        });
        assertThat(outcome.directives().get(1)).isInstanceOf(PlaySound.class);
        assertThat(wake(LEAD + 5_799).directives()).isEmpty();
        assertThat(engine.nextWake()).isEqualTo(T0 + LEAD + 5_800);
        assertThat(wake(LEAD + 5_800).directives())
                .containsExactly(
                        new SayInChat("1.thanks", T0 + LEAD + 5_800, "practice", "", "Thanks, marshlight_ines"));
        assertThat(engine.nextWake()).isEqualTo(Long.MAX_VALUE);
    }

    @Test
    void theSecondPullIsHeldWithTheNumberAndChangesNothing() {
        say(0, INES, "!pour");
        wake(5_000);
        EngineState before = engine.save();
        Outcome held = say(5_000, WICKERBY, "!taper");
        assertThat(sentence(held)).isEqualTo("held Pour the taper · resting, 9 s to go");
        assertThat(held.now(Books.RINGS)).isEmpty();
        assertThat(engine.save().rings()).isEqualTo(before.rings());
        assertThat(engine.save().memory().all(Books.LETS))
                .isEqualTo(before.memory().all(Books.LETS));
    }

    @Test
    void aHeldCueSaysWhyInChatWhereItIsWiredTo() {
        Cue pour = Samples.pour();
        engine = engine(Samples.saying(pour, new HeldAnswer("cooldown", "Patience, {viewer}: {reason}.")));
        say(0, INES, "!pour");
        wake(5_000);
        assertThat(say(5_000, WICKERBY, "!pour").directives())
                .containsExactly(new SayInChat(
                        "held2.pour-the-taper", T0 + 5_000, "practice", "", "Patience, wickerby: resting, 9 s to go."));
    }

    @Test
    void whatIsSaidOfAHeldCueKnowsWhatTheProgramCounts() {
        engine = engine(Samples.saying(
                Samples.pour(), new HeldAnswer("cooldown", "Not yet, {viewer}. Latest: {slateLatestFollower}.")));
        say(0, INES, "!pour");
        wake(5_000);
        assertThat(say(5_000, WICKERBY, "!pour").directives())
                .singleElement()
                .extracting(each -> ((SayInChat) each).text())
                .isEqualTo("Not yet, wickerby. Latest: nobody yet.");
    }

    @Test
    void aFloodedWordIsAnsweredNowAndThenAndEachViewerRarely() {
        Cue pour = Samples.pour();
        Cue talks = Samples.saying(
                cue(
                        pour.id(),
                        List.of("!pour"),
                        List.of(new CooldownGate(60_000, 0)),
                        pour.takes().get(0).score().parts().toArray(Part[]::new)),
                new HeldAnswer("cooldown", "{viewer}: {reason}"));
        engine = engine(talks);
        say(0, INES, "!pour");
        for (int i = 0; i < 200; i++) {
            say(10_000 + i * 50, Samples.viewer("raider" + i), "!pour");
        }
        assertThat(told.stream().filter(each -> each.partRun().startsWith("held")))
                .hasSize(7);
        engine = Samples.engine(Samples.book(talks), engine.save());
        assertThat(say(20_100, Samples.viewer("raider199"), "!pour").directives())
                .as("answered 1.1 s ago to someone else, and a restart between")
                .isEmpty();
        assertThat(say(21_000, WICKERBY, "!pour").directives()).hasSize(1);
        assertThat(say(24_000, WICKERBY, "!pour").directives()).isEmpty();
        assertThat(say(31_000, WICKERBY, "!pour").directives()).hasSize(1);
    }

    @Test
    void chanceHoldsAboutAsManyAsItSaysAndTheSameOnesEachTime() {
        engine = engine(
                cue("luck", List.of("!luck"), List.of(new ChanceGate(25)), Samples.reply("r", new Anchor.At(0))));
        long rang = IntStream.range(0, 4_000)
                .filter(i -> sentence(say(i, INES, "!luck")).startsWith("rang"))
                .count();
        assertThat(rang).isBetween(890L, 1_110L);
    }

    @Test
    void aLineWithNoWordOfOursIsAnsweredToo() {
        assertThat(sentence(say(0, INES, "lovely flame"))).isEqualTo("just talk");
    }

    @Test
    void aLateWakeTellsEverythingForItsOwnMoment() {
        say(0, INES, "!pour");
        assertThat(wake(60_000).directives()).extracting(Directive::meantFor).containsExactly(T0 + LEAD + 5_800);
    }

    @Test
    void oneSpotIsTakenInTurnAndTheWaitIsSaid() {
        engine = engine(show("one", Urgency.USUAL, 4_000), show("two", Urgency.USUAL, 3_000));
        say(0, INES, "!one");
        assertThat(sentence(say(1_000, INES, "!two"))).isEqualTo("rang Two · waits 3 s");
        assertThat(wake(3_999).directives()).isEmpty();
        wake(4_000);
        assertThat(startOf("2.card")).isEqualTo(4_060);
    }

    @Test
    void theUrgentOneGoesBeforeThoseThatWaitButNotBeforeWhatPlays() {
        engine = engine(show("one", Urgency.USUAL, 4_000), show("gift", Urgency.URGENT, 2_000));
        say(0, INES, "!one");
        say(100, INES, "!one");
        say(200, WICKERBY, "!gift");
        wake(60_000);
        assertThat(startOf("3.card")).isEqualTo(4_060);
        assertThat(startOf("2.card")).isEqualTo(6_060);
    }

    @Test
    void nobodyWaitsForEverAndTheDroppedOneTakesItsCooldownBack() {
        Cue rare = cue(
                "rare", List.of("!rare"), List.of(new CooldownGate(300_000, 0)), card("card", new Anchor.At(0), 2_000));
        engine = engine(show("long", Urgency.USUAL, 50_000), rare);
        say(0, INES, "!long");
        assertThat(sentence(say(1_000, INES, "!rare"))).isEqualTo("rang Rare · would wait 49 s, may wait 20 s");
        Outcome later = wake(30_000);
        assertThat(later.now(Books.RINGS)).anySatisfy(ring -> {
            assertThat(ring.state()).isEqualTo(RingState.DROPPED);
            assertThat(ring.note()).isEqualTo("it waited longer than it may");
        });
        assertThat(sentence(say(31_000, INES, "!rare"))).startsWith("rang Rare");
    }

    @Test
    void aSpotThatHasItsCrowdTakesNoMore() {
        engine = engine(show("one", Urgency.USUAL, 500));
        for (int i = 0; i < 6; i++) {
            say(i, INES, "!one");
        }
        assertThat(sentence(say(10, INES, "!one"))).isEqualTo("dropped One · 5 already wait for Lower third");
    }

    private void onStage(BusyRule rule, Cue... cues) {
        engine = Samples.engine(
                new CueBook(new Wiring(
                        House.PLAIN,
                        List.of(Samples.BENCH),
                        List.of(cues),
                        List.of(Samples.stage(rule)),
                        Samples.SHELF)),
                EngineState.fresh(7));
    }

    private static Cue answering(String id, Urgency urgency, long length) {
        return cue(
                id,
                List.of("!" + id),
                List.of(),
                urgency,
                card("card", new Anchor.At(0), length),
                Samples.reply("r", new Anchor.After("card", 0)));
    }

    @Test
    void theNewcomerTakesAPlaceOverAndTheRestOfTheOtherScoreGoesOn() {
        onStage(
                new BusyRule.TakeOver(5, 20_000),
                answering("one", Urgency.USUAL, 4_000),
                show("two", Urgency.USUAL, 1_000));
        say(0, INES, "!one");
        Outcome second = say(1_000, WICKERBY, "!two");
        assertThat(sentence(second)).isEqualTo("rang Two");
        assertThat(second.directives()).startsWith(new EndPart("1.card", T0 + 1_060, "main"));
        assertThat(engine.save().rings().get(0).parts().get(0))
                .extracting(PartRun::state, PartRun::note)
                .containsExactly(PartState.CUT, "Two took its place");
        wake(10_000);
        assertThat(startOf("1.r")).isEqualTo(4_060);
    }

    @Test
    void aPlaceIsNeverTakenFromWhatIsMoreUrgent() {
        onStage(
                new BusyRule.TakeOver(5, 20_000),
                answering("gift", Urgency.URGENT, 4_000),
                show("two", Urgency.USUAL, 1_000));
        say(0, INES, "!gift");
        assertThat(sentence(say(1_000, WICKERBY, "!two"))).isEqualTo("rang Two · waits 3 s");
        wake(10_000);
        assertThat(startOf("2.card")).isEqualTo(4_060);
        assertThat(told).noneMatch(EndPart.class::isInstance);
    }

    @Test
    void aLaterPartGivesUpItsMomentToWhatIsMoreUrgent() {
        Cue twice = cue(
                "twice",
                List.of("!twice"),
                List.of(),
                card("card", new Anchor.At(0), 1_000),
                card("again", new Anchor.At(2_000), 1_000));
        onStage(new BusyRule.TakeOver(5, 20_000), twice, show("gift", Urgency.URGENT, 3_000));
        say(0, INES, "!twice");
        say(1_500, WICKERBY, "!gift");
        wake(10_000);
        assertThat(told).extracting(Directive::partRun).containsExactly("1.card", "2.card");
    }

    @Test
    void aPlaceThatGivesWayToNobodyDropsTheNewcomerAndTakesNoCooldown() {
        Cue two = cue(
                "two", List.of("!two"), List.of(new CooldownGate(60_000, 0)), card("card", new Anchor.At(0), 1_000));
        onStage(new BusyRule.GiveWay(), show("one", Urgency.USUAL, 4_000), two);
        say(0, INES, "!one");
        assertThat(sentence(say(1_000, WICKERBY, "!two"))).isEqualTo("dropped Two · Lower third is taken");
        assertThat(sentence(say(5_000, WICKERBY, "!two"))).isEqualTo("rang Two");
    }

    @Test
    void hushEndsAndDropsInOneStepAndGivesBackOnlyWhatNeverPlayed() {
        engine = engine(Samples.pour(), show("one", Urgency.USUAL, 500));
        say(0, INES, "!pour");
        say(10, INES, "!one");
        Outcome hush = keep(engine.hush(T0 + 1_000, Actor.HOST));
        assertThat(sentence(hush)).isEqualTo("Hush · ended 1, dropped 1");
        assertThat(hush.directives()).containsExactly(new HushAll(T0 + 1_000));
        assertThat(engine.save().rings()).isEmpty();
        assertThat(wake(60_000).isEmpty()).isTrue();
        assertThat(sentence(say(2_000, INES, "!one"))).isEqualTo("rang One");
        assertThat(sentence(say(2_500, INES, "!pour"))).contains("resting, 12 s to go");
    }

    @Test
    void theSameSoundNeverComesTwiceRunningAndEveryOneComes() {
        engine = engine(cue("pour", List.of("!pour"), List.of(), Samples.pouring("sound")));
        for (int i = 0; i < 60; i++) {
            say(i * 10_000L, INES, "!pour");
        }
        List<String> sounds =
                told.stream().map(each -> ((PlaySound) each).media()).toList();
        assertThat(sounds).hasSize(60);
        for (int i = 1; i < sounds.size(); i++) {
            assertThat(sounds.get(i)).isNotEqualTo(sounds.get(i - 1));
        }
        assertThat(sounds.stream().distinct()).hasSize(3);
    }

    @Test
    void rewiringLeavesWhatPlaysAndDropsWhatWaitsForACueNowOff() {
        Cue one = show("one", Urgency.USUAL, 4_000);
        engine = engine(one);
        say(0, INES, "!one");
        say(10, INES, "!one");
        Wiring off = new Wiring(
                House.PLAIN,
                List.of(new Rack(1, "bench", "At the bench", false)),
                List.of(one),
                List.of(Samples.MAIN),
                Samples.SHELF);
        engine.rewire(T0 + 100, new CueBook(off));
        assertThat(engine.save().rings()).extracting(Ring::number).containsExactly(1L);
        assertThat(sentence(say(200, SEDGE, "!one"))).isEqualTo("held One · its rack At the bench is off");
    }

    @Test
    void aFailedPartIsOverAndSaysWhy() {
        say(0, INES, "!pour");
        Outcome outcome = keep(engine.completed(T0 + 200, "1.sound", Completion.failed("may not sound until clicked")));
        assertThat(outcome.now(Books.RINGS))
                .singleElement()
                .satisfies(ring -> assertThat(ring.parts().get(1))
                        .extracting(PartRun::state, PartRun::note)
                        .containsExactly(PartState.FAILED, "may not sound until clicked"));
        assertThat(engine.completed(T0 + 300, "99.card", Completion.ended()).isEmpty())
                .isTrue();
        assertThat(engine.completed(T0 + 300, "no such", Completion.ended()).isEmpty())
                .isTrue();
    }

    @Test
    void theLeadIsWhatThePagesAskFor() {
        engine.lead(120);
        say(0, INES, "!pour");
        assertThat(startOf("1.card")).isEqualTo(120);
    }

    @Test
    void reRunningTheSameGivesTheSame() {
        List<String> runs = new ArrayList<>();
        for (int run = 0; run < 2; run++) {
            engine = engine(Samples.pour(), reply());
            runs.add(Kept.of(say(0, INES, "!pour"))
                    + Kept.of(say(1, INES, "!say"))
                    + Kept.of(say(20_000, INES, "!pour"))
                    + engine.save());
        }
        assertThat(runs.get(0)).isEqualTo(runs.get(1));
    }

    private static Cue reply() {
        return cue("say", List.of("!say"), List.of(), Samples.reply("r", new Anchor.At(0)));
    }
}
