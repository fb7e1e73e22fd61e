package org.waxbell.prize;

import static org.assertj.core.api.Assertions.assertThat;
import static org.waxbell.desk.OnDesk.viewer;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.check.Problem;
import org.waxbell.check.Problems;
import org.waxbell.desk.OnDesk;
import org.waxbell.event.Viewer;
import org.waxbell.kind.Fresh;
import org.waxbell.kind.Records;

class PrizeTest {
    private static final PrizeDraw TAPER = Records.with(
            (PrizeDraw) PrizeDraw.KIND.fresh().apply(Fresh.NOTHING), Map.of("id", "taper", "name", "Taper draw"));
    private static final Viewer OTTER = viewer("brine_otter");
    private static final Viewer SEDGE = Samples.SEDGE;

    private static OnDesk<PrizeDraw, PrizeState> on(Map<String, ?> rules) {
        return new OnDesk<>(new PrizeDesk(), Records.with(TAPER, rules));
    }

    private static Viewer moth(int number) {
        return viewer("moth" + number);
    }

    private static String later(OnDesk<PrizeDraw, PrizeState> on, long millis) {
        on.at += millis;
        return OnDesk.said(on.engine.wake(on.at));
    }

    private static void enter(OnDesk<PrizeDraw, PrizeState> on, int count) {
        IntStream.rangeClosed(1, count).forEach(i -> on.engine.accept(on.at + i, Samples.line(moth(i), "!taper")));
        on.at += count;
    }

    private static Drawn last(OnDesk<PrizeDraw, PrizeState> on) {
        return on.state().head().last().orElseThrow();
    }

    @Test
    void fortyEnterOneIsDrawnWhoDoesNotSpeakUpThenAnotherWhoDoes() {
        OnDesk<PrizeDraw, PrizeState> on = on(Map.of());
        assertThat(on.say(OTTER, "!taper")).isEqualTo("brine_otter, nobody can enter now.");
        assertThat(on.say(SEDGE, "!taperopen"))
                .matches("Enter now for a taper of your colour. The draw is sealed by [0-9a-f]{12}….");
        enter(on, 40);
        assertThat(on.say(moth(7), "!taper")).isEqualTo("moth7, you are in already, as number 7.");
        on.say(SEDGE, "!taperclose");
        Drawn first = last(on);
        assertThat(first.claim()).isEqualTo(Drawn.Claim.WAITS);
        assertThat(on.say(OTTER, "me!")).as("not who was drawn").isEmpty();
        assertThat(later(on, 60_000))
                .contains(first.name() + " did not speak up. It is drawn again.", "is drawn for a taper");
        Drawn second = last(on);
        assertThat(second.number()).isNotEqualTo(first.number());
        assertThat(on.say(viewer(second.name()), "oh, that is me"))
                .contains(second.name() + " has a taper of your colour.");
        assertThat(on.state().head().phase()).isEqualTo(PrizeHead.Phase.OVER);
        assertThat(on.state().head().draws())
                .extracting(Drawn::claim)
                .containsExactly(Drawn.Claim.MISSED, Drawn.Claim.WON);
    }

    @Test
    void anybodyCanDrawTheSameAgainFromWhatWasPublished() {
        OnDesk<PrizeDraw, PrizeState> on = on(Map.of("claimMs", 0, "prizes", List.of("a taper", "a tin", "a wick")));
        on.ask("open");
        String seal = new PrizeDesk().board(TAPER, on.state(), on.at).seal();
        assertThat(new PrizeDesk().board(TAPER, on.state(), on.at).seed())
                .as("secret while one may enter")
                .isEmpty();
        enter(on, 40);
        on.ask("close");
        PrizeBoard board = new PrizeDesk().board(TAPER, on.state(), on.at);
        assertThat(FairDraw.sealed(board.seed())).isEqualTo(seal);
        List<Entrant> in = new ArrayList<>(board.entrants());
        for (Drawn each : on.state().head().draws()) {
            Entrant again = FairDraw.draw(board.seed(), each.round(), in).orElseThrow();
            assertThat(again.number()).isEqualTo(each.number());
            in.remove(again);
        }
        assertThat(on.state().head().draws()).hasSize(3);
    }

    @Test
    void theRuleOfTheDrawIsTheOneThatIsWrittenDown() {
        // printf '%s' 'abc/1' | sha256sum begins with bd7b776350965a3, which is 853352372733830563; its rest by 3 is 1.
        List<Entrant> in = IntStream.rangeClosed(1, 3)
                .mapToObj(i -> new Entrant("p" + i, "moth" + i, i, 1, 0))
                .toList();
        assertThat(FairDraw.draw("abc", 1, in).orElseThrow().number()).isEqualTo(2);
    }

    /** Lots of 1, 2 and 5 by chi-square with 2 degrees of freedom; 13.8 is passed once in a thousand. */
    @Test
    void aHundredThousandDrawsFallAsTheLotsSay() {
        int[] lots = {1, 2, 5};
        List<Entrant> in = IntStream.range(0, 3)
                .mapToObj(i -> new Entrant("p" + i, "moth" + i, i + 1, lots[i], 0))
                .toList();
        int[] fell = new int[3];
        for (int i = 0; i < 100_000; i++) {
            fell[FairDraw.draw("evening" + i, 1, in).orElseThrow().number() - 1]++;
        }
        double chi = 0;
        for (int i = 0; i < 3; i++) {
            double expected = 100_000.0 * lots[i] / 8;
            chi += (fell[i] - expected) * (fell[i] - expected) / expected;
        }
        assertThat(chi).isLessThan(13.8);
    }

    @Test
    void membersHaveMoreLotsStrangersAreKeptOutAndWhoWonLatelyWaits() {
        OnDesk<PrizeDraw, PrizeState> on =
                on(Map.of("months", true, "mostLots", 12, "who", PrizeDraw.Who.FOLLOWERS, "claimMs", 0));
        on.ask("open");
        assertThat(on.say(Samples.viewer("lou"), "!taper")).isEqualTo("lou, this draw is for followers.");
        assertThat(on.say(viewer("ines", 30), "!taper")).isEqualTo("ines, you are number 1.");
        assertThat(on.state().entrants().first(1)).extracting(Entrant::lots).containsExactly(12);
        on.ask("close");
        on.ask("open");
        assertThat(on.say(viewer("ines", 30), "!taper")).contains("you won lately");
        on.ask("close");
        assertThat(on.state().head().phase()).as("nobody was in").isEqualTo(PrizeHead.Phase.OVER);
    }

    @Test
    void everyLineEntersAndNobodyIsAnsweredForIt() {
        OnDesk<PrizeDraw, PrizeState> on = on(Map.of("everyLine", true));
        assertThat(on.say(OTTER, "good evening")).isEmpty();
        assertThat(on.state().entrants().size()).isZero();
        on.ask("open");
        assertThat(on.say(OTTER, "good evening")).isEmpty();
        assertThat(on.say(OTTER, "again")).isEmpty();
        assertThat(on.state().entrants().size()).isEqualTo(1);
    }

    @Test
    void whatWasPaidComesBackWhereItIsBrokenOff() {
        OnDesk<PrizeDraw, PrizeState> on = on(Map.of("price", 30));
        on.owns(OTTER, 40);
        on.ask("open");
        assertThat(on.say(OTTER, "!taper")).isEqualTo("brine_otter, you are number 1.");
        assertThat(on.owned(OTTER)).isEqualTo(10);
        assertThat(on.say(moth(1), "!taper")).contains("to enter costs 30 points, and you have fewer");
        assertThat(on.ask("cancel")).isEqualTo("Taper draw is broken off.");
        assertThat(on.owned(OTTER)).isEqualTo(40);
        assertThat(on.ask("again")).contains("Nobody was drawn yet");
        assertThat(on.ask("open")).contains("Enter now");
        assertThat(on.ask("open")).contains("goes already");
        assertThat(on.ask("enter", "name", " @lou ")).isEqualTo("lou, you are number 1.");
        assertThat(on.ask("enter", "name", " ")).contains("Nobody is named");
    }

    @Test
    void aRestartInTheMiddleLosesNobodyAndTheTimeToSpeakUpGoesOn() {
        OnDesk<PrizeDraw, PrizeState> on = on(Map.of("forMs", 10_000));
        on.ask("open");
        enter(on, 25);
        PrizeState before = on.state();
        on.restart();
        assertThat(on.state()).isEqualTo(before);
        later(on, 10_000);
        Drawn first = last(on);
        on.restart();
        later(on, 60_000);
        assertThat(on.state().head().draws().get(0)).isEqualTo(first.with(Drawn.Claim.MISSED));
    }

    @Test
    void whatIsWrongIsRefusedAtItsField() {
        Problems problems = new Problems();
        Records.with(TAPER, Map.of("prizes", List.of())).check(problems);
        Records.with(TAPER, Map.of("prizes", List.of(" "))).check(problems);
        Records.with(TAPER, Map.of("mostLots", 0, "months", true)).check(problems);
        Records.with(TAPER, Map.of("answers", Records.with(PrizeAnswers.USUAL, Map.of("won", "{who"))))
                .check(problems);
        assertThat(problems.found())
                .extracting(Problem::path)
                .containsExactly("prizes", "prizes[0]", "mostLots", "answers.won");
    }
}
