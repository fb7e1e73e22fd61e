package org.waxbell.earning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.waxbell.desk.OnDesk.viewer;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.check.Problem;
import org.waxbell.check.Problems;
import org.waxbell.desk.OnDesk;
import org.waxbell.engine.Books;
import org.waxbell.event.Facts;
import org.waxbell.event.Viewer;
import org.waxbell.kind.Fresh;
import org.waxbell.kind.Records;
import org.waxbell.points.LedgerEntry;

class EarningTest {
    private static final Earning DRIPS = Records.with(
            (Earning) Earning.KIND.fresh().apply(Fresh.NOTHING),
            Map.of("id", "drips", "name", "Drips", "onAir", false, "first", 0, "line", 0));
    private static final Viewer OTTER = viewer("brine_otter");
    private static final Viewer MOTH = viewer("tallowmoth");
    private static final Viewer INES = viewer("marshlight_ines", 14);

    private static OnDesk<Earning, EarningState> on(Map<String, ?> rules) {
        OnDesk<Earning, EarningState> on = new OnDesk<>(new EarningDesk(), Records.with(DRIPS, rules));
        on.engine.accept(on.at, Facts.show(Actor.HOST, true));
        return on;
    }

    private static void says(OnDesk<Earning, EarningState> on, Viewer who) {
        on.engine.accept(on.at, Samples.line(who, "good evening"));
    }

    @Test
    void whoWroteLatelyIsPaidEveryFiveMinutesAndMembersMore() {
        OnDesk<Earning, EarningState> on = on(Map.of());
        says(on, OTTER);
        says(on, INES);
        on.pass(299);
        assertThat(on.owned(OTTER)).isZero();
        on.pass(1);
        assertThat(on.owned(OTTER)).isEqualTo(5);
        assertThat(on.owned(INES)).isEqualTo(7);
        on.pass(300);
        says(on, OTTER);
        on.pass(300);
        on.pass(300);
        assertThat(on.owned(INES)).as("gone for a quarter of an hour").isEqualTo(21);
        assertThat(on.owned(OTTER)).isEqualTo(20);
        on.engine.accept(on.at, Facts.show(Actor.HOST, false));
        on.pass(3_000);
        assertThat(on.owned(OTTER)).isEqualTo(20);
    }

    @Test
    void onAirOnlyPaysOnAir() {
        OnDesk<Earning, EarningState> on = on(Map.of("onAir", true));
        says(on, OTTER);
        on.pass(300);
        assertThat(on.owned(OTTER)).isZero();
        on.engine.accept(on.at, Facts.air(Actor.HOST, true));
        on.pass(300);
        assertThat(on.owned(OTTER)).isEqualTo(5);
    }

    @Test
    void linesEventsAndBeingFirstArePaidWithinBounds() {
        OnDesk<Earning, EarningState> on = on(Map.of("line", 1, "mostLines", 3, "first", 20));
        IntStream.range(0, 10).forEach(i -> says(on, OTTER));
        assertThat(on.owned(OTTER)).isEqualTo(23);
        says(on, MOTH);
        assertThat(on.owned(MOTH)).as("not the first").isEqualTo(1);
        on.engine.accept(on.at, Facts.FOLLOW.from("practice", MOTH));
        assertThat(on.owned(MOTH)).isEqualTo(26);
        on.engine.accept(on.at, Facts.GIFT.from("practice", INES, "Honeycomb", 50L, 3L));
        assertThat(on.owned(INES)).isEqualTo(15);
        assertThat(on.state().head().paid()).isEqualTo(64);
    }

    @Test
    void aViewerGivesAnotherWithinBoundsAndEachHasItInTheLedgerWithWhy() {
        OnDesk<Earning, EarningState> on = on(Map.of());
        on.owns(OTTER, 60);
        says(on, OTTER);
        says(on, MOTH);
        assertThat(on.say(OTTER, "!drips")).isEqualTo("brine_otter, you have 60 points.");
        assertThat(on.say(OTTER, "!dripsgive @Tallowmoth 10"))
                .isEqualTo("brine_otter, tallowmoth has 10 points of yours now.");
        assertThat(on.say(OTTER, "!dripsgive tallowmoth 100"))
                .contains("one may give 50 points at once and 200 points a show");
        assertThat(on.owned(OTTER)).isEqualTo(50);
        assertThat(on.owned(MOTH)).isEqualTo(10);
        assertThat(on.say(MOTH, "!dripsgive brine_otter 11")).isEqualTo("tallowmoth, you have 10 points only.");
        assertThat(on.say(MOTH, "!dripstop")).isEqualTo("Most of those here: brine_otter 50, tallowmoth 10.");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "tallowmoth -5",
                "tallowmoth 0",
                "tallowmoth 1.5",
                "tallowmoth 1234567890123456789",
                "tallowmoth ten",
                "tallowmoth",
                ""
            })
    void whatIsNoWholeNumberIsAnsweredWithTheRemedy(String behind) {
        OnDesk<Earning, EarningState> on = on(Map.of());
        on.owns(OTTER, 60);
        says(on, MOTH);
        assertThat(on.say(OTTER, "!dripsgive " + behind)).contains("a whole number such as 10");
        assertThat(on.owned(OTTER)).isEqualTo(60);
    }

    @Test
    void toOneselfToNobodyAndToALookAlikeIsAnsweredToo() {
        OnDesk<Earning, EarningState> on = on(Map.of());
        on.owns(OTTER, 60);
        says(on, OTTER);
        says(on, MOTH);
        assertThat(on.say(OTTER, "!dripsgive brine_otter 5")).contains("they are yours already");
        assertThat(on.say(OTTER, "!dripsgive lowtide_lou 5")).contains("lowtide_lou was not here tonight");
        assertThat(on.say(OTTER, "!dripsgive tаllowmoth 5"))
                .as("with a Cyrillic a")
                .contains("was not here tonight");
        assertThat(on.owned(OTTER)).isEqualTo(60);
    }

    @Test
    void staffGiveAndTakeWithAReasonOneOrAll() {
        OnDesk<Earning, EarningState> on = on(Map.of());
        says(on, OTTER);
        says(on, MOTH);
        assertThat(on.ask("grant", "name", "brine_otter", "amount", "40", "why", "a good question"))
                .isEqualTo("brine_otter gets 40 points.");
        assertThat(on.ask("grant", "name", "brine_otter", "amount", "-15", "why", "a slip"))
                .isEqualTo("brine_otter loses 15 points.");
        assertThat(on.ask("grant", "name", "brine_otter", "amount", "-100")).isEqualTo("brine_otter loses 25 points.");
        assertThat(on.owned(OTTER)).isZero();
        assertThat(on.ask("grant", "name", "practice:wickerby", "amount", "5", "why", "from last week"))
                .isEqualTo("wickerby gets 5 points.");
        assertThat(on.ask("grant", "name", "wickerby", "amount", "5"))
                .contains("was not here tonight. People has everybody.");
        assertThat(on.ask("all", "amount", "7", "why", "a kiln well fired")).isEqualTo("2 people get 7 points each.");
        assertThat(on.ask("all", "amount", "0")).contains("no whole number other than 0");
        assertThat(on.ask("all", "amount", "7", "circle", "dippers")).contains("Nobody of");
    }

    @Test
    void whatIsToldIsGivenWhileNothingCanBeKept() {
        OnDesk<Earning, EarningState> on = on(Map.of());
        says(on, OTTER);
        on.engine.kept(false);
        assertThat(on.ask("grant", "name", "brine_otter", "amount", "40", "why", "a good question"))
                .isEqualTo("brine_otter gets 40 points.");
        on.engine.kept(true);
        assertThat(on.owned(OTTER)).isEqualTo(40);
    }

    @Test
    void fiveThousandArePaidInOneStep() {
        OnDesk<Earning, EarningState> on = on(Map.of());
        IntStream.range(0, 5_000).forEach(i -> says(on, viewer("moth" + i)));
        on.at += 300_000;
        List<LedgerEntry> entries = on.engine.wake(on.at).now(Books.ENTRIES);
        assertThat(entries)
                .hasSize(5_000)
                .allMatch(each -> each.amount() == 5 && each.why().equals("presence"));
    }

    @RepeatedTest(20)
    void theLedgerAddsUpWhateverHappensAndNobodyOwesAnything(RepetitionInfo info) {
        Random random = new Random(info.getCurrentRepetition());
        OnDesk<Earning, EarningState> on = on(Map.of("line", 1));
        Map<String, Long> sums = new HashMap<>();
        for (int i = 0; i < 300; i++) {
            on.at += random.nextInt(40_000);
            Viewer who = viewer("moth" + random.nextInt(6));
            var outcome = random.nextInt(10) == 0
                    ? on.host(
                            "grant",
                            "name",
                            who.name(),
                            "amount",
                            Integer.toString(random.nextInt(60) - 30),
                            "why",
                            "chance")
                    : on.engine.accept(
                            on.at,
                            Samples.line(
                                    who,
                                    random.nextBoolean()
                                            ? "!dripsgive moth" + random.nextInt(6) + " " + random.nextInt(40)
                                            : "hello"));
            outcome.now(Books.ENTRIES).forEach(each -> sums.merge(each.person(), each.amount(), Long::sum));
            assertThat(sums.values()).allMatch(sum -> sum >= 0);
            if (i % 100 == 50) {
                on.restart();
            }
        }
        sums.forEach((person, sum) ->
                assertThat(on.owned(new Viewer(person, "x", Set.of(), 0))).isEqualTo(sum));
        assertThat(on.engine.save().memory().all(Books.BALANCES).stream()
                        .mapToLong(Long::longValue)
                        .sum())
                .isEqualTo(sums.values().stream().mapToLong(Long::longValue).sum());
    }

    @Test
    void whatIsWrongIsRefusedAtItsField() {
        Problems problems = new Problems();
        Records.with(DRIPS, Map.of("everyMs", 1L)).check(problems);
        Records.with(DRIPS, Map.of("presence", -1)).check(problems);
        Records.with(DRIPS, Map.of("member", 50)).check(problems);
        Records.with(DRIPS, Map.of("answers", Records.with(EarningAnswers.USUAL, Map.of("mine", "{all}"))))
                .check(problems);
        assertThat(problems.found())
                .extracting(Problem::path)
                .containsExactly("everyMs", "presence", "member", "answers.mine");
    }
}
