package org.waxbell.game;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.waxbell.desk.OnDesk.viewer;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.waxbell.Samples;
import org.waxbell.check.Problem;
import org.waxbell.check.Problems;
import org.waxbell.desk.Lots;
import org.waxbell.desk.OnDesk;
import org.waxbell.event.Viewer;
import org.waxbell.game.Game.Sort;
import org.waxbell.kind.Fresh;
import org.waxbell.kind.Records;

class GameTest {
    private static final Game WHEELS = Records.with(
            (Game) Game.KIND.fresh().apply(Fresh.NOTHING), Map.of("id", "spin", "name", "Three wheels", "on", true));
    private static final Viewer OTTER = viewer("brine_otter");
    private static final Viewer MOTH = viewer("tallowmoth");

    private static OnDesk<Game, GameState> on(Map<String, ?> rules) {
        OnDesk<Game, GameState> on = new OnDesk<>(new GameDesk(), Records.with(WHEELS, rules));
        on.owns(OTTER, 100);
        return on;
    }

    static Stream<Rules> rules() {
        return Stream.of(new Toss(48), new GuessNumber(), new ThreeWheels());
    }

    @ParameterizedTest
    @MethodSource("rules")
    void theOddsThatAreStatedAddUpAndAreThoseThatArePlayed(Rules rules) {
        List<Odd> odds = rules.odds();
        assertThat(odds.stream().mapToDouble(Odd::chance).sum()).isCloseTo(1, within(1e-9));
        Random random = new Random(11);
        Lots lots = (purpose, bound) -> random.nextInt(bound);
        Map<Integer, Integer> came = new HashMap<>();
        int plays = 100_000;
        for (int i = 0; i < plays; i++) {
            came.merge(rules.play(lots, "7").pays(), 1, Integer::sum);
        }
        // Chi-square over what is paid; with at most 5 degrees of freedom 20.5 is passed once in a thousand.
        double chi = 0;
        for (double pays : odds.stream().map(Odd::pays).distinct().toList()) {
            double expected = plays
                    * odds.stream()
                            .filter(each -> each.pays() == pays)
                            .mapToDouble(Odd::chance)
                            .sum();
            double off = came.getOrDefault((int) pays, 0) - expected;
            chi += off * off / expected;
        }
        assertThat(chi).isLessThan(20.5);
        assertThat(Odd.expected(odds)).isBetween(0.85, 1.0);
    }

    @Test
    void whatComesBackIsWorkedOut() {
        assertThat(Odd.expected(new ThreeWheels().odds())).isCloseTo(0.97, within(1e-9));
        assertThat(new ThreeWheels().odds().get(0)).isEqualTo(new Odd("three times candle", 0.001, 50));
        assertThat(Odd.expected(new Toss(48).odds())).isCloseTo(0.96, within(1e-9));
        assertThat(Odd.expected(new GuessNumber().odds())).isCloseTo(0.9, within(1e-9));
    }

    @Test
    void itBeginsOffAndSaysSo() {
        assertThat(((Game) Game.KIND.fresh().apply(Fresh.NOTHING)).on()).isFalse();
        OnDesk<Game, GameState> on = on(Map.of("on", false));
        assertThat(on.say(OTTER, "!spin 10")).isEqualTo("brine_otter, Three wheels is not played now.");
        assertThat(on.owned(OTTER)).isEqualTo(100);
    }

    @Test
    void aPlayIsPaidKeptAndBounded() {
        OnDesk<Game, GameState> on = on(Map.of("mostAShow", 60, "sort", Sort.TOSS, "chance", 95));
        long before = on.owned(OTTER);
        String said = on.say(OTTER, "!spin 40");
        GameHead.Play play = on.state().head().plays().get(0);
        assertThat(on.owned(OTTER)).isEqualTo(before - 40 + play.won());
        assertThat(said).contains(play.drawn());
        on.at += 20_000;
        assertThat(on.say(OTTER, "!spin 30")).isEqualTo("brine_otter, that is enough for tonight: 60 points.");
        assertThat(on.state().head().plays()).hasSize(1);
        on.restart();
        assertThat(on.state().head().plays()).containsExactly(play);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "ten", "-5", "0", "51", "1.5", "99999999999"})
    void aStakeThatCannotBeIsAnsweredWithOneThatCan(String stake) {
        OnDesk<Game, GameState> on = on(Map.of());
        assertThat(on.say(OTTER, "!spin " + stake)).isEqualTo("brine_otter, stake 1 point to 50 points, such as: 10");
        assertThat(on.owned(OTTER)).isEqualTo(100);
    }

    @Test
    void aGuessIsWantedAndMoreThanOneHasIsRefused() {
        OnDesk<Game, GameState> on = on(Map.of("sort", Sort.NUMBER));
        assertThat(on.say(OTTER, "!spin 10")).isEqualTo("brine_otter, write a number from 1 to 10 behind the stake.");
        on.at += 20_000;
        assertThat(on.say(OTTER, "!spin 10 eleven")).contains("a number from 1 to 10");
        assertThat(on.say(MOTH, "!spin 10 7")).isEqualTo("tallowmoth, you have 0 points only.");
    }

    @Test
    void twoWhoAgreePlayForBothStakesAndAChallengeThatNobodyTakesUpGoesBack() {
        OnDesk<Game, GameState> on = on(Map.of("sort", Sort.DUEL));
        on.owns(MOTH, 100);
        assertThat(on.say(OTTER, "!spin @Tallowmoth 20"))
                .isEqualTo("Tallowmoth, brine_otter challenges you for 20 points. Take it up within 1 min.");
        assertThat(on.owned(OTTER)).isEqualTo(80);
        assertThat(on.say(viewer("lou"), "!spinyes")).isEqualTo("lou, nobody has challenged you.");
        assertThat(on.say(MOTH, "!spinyes")).contains("brine_otter against tallowmoth", "That is 40 points!");
        assertThat(on.owned(OTTER) + on.owned(MOTH)).isEqualTo(200);
        assertThat(Math.abs(on.owned(OTTER) - on.owned(MOTH))).isEqualTo(40);
        on.at += 20_000;
        long had = on.owned(OTTER);
        on.say(OTTER, "!spin tallowmoth 20");
        on.pass(61);
        assertThat(on.owned(OTTER)).isEqualTo(had);
        assertThat(on.say(OTTER, "!spin brine_otter 20")).contains("whom you challenge");
    }

    @Test
    void aPotIsDrawnFromItsThresholdOnAndElseGoesBack() {
        OnDesk<Game, GameState> on = on(Map.of("sort", Sort.POT, "threshold", 50));
        on.owns(MOTH, 100);
        assertThat(on.say(OTTER, "!spin 20"))
                .isEqualTo("brine_otter, 20 points in. The pot holds 20 points; it is drawn from 50 points on.");
        on.pass(61);
        assertThat(on.owned(OTTER)).isEqualTo(100);
        on.say(OTTER, "!spin 20");
        on.say(MOTH, "!spin 30");
        on.restart();
        on.pass(61);
        assertThat(on.owned(OTTER) + on.owned(MOTH)).isEqualTo(200);
        assertThat(on.state().head().plays().get(0).won()).isEqualTo(50);
        on.say(OTTER, "!spin 20");
        assertThat(on.ask("callOff")).isEqualTo("Nothing came of Three wheels: every stake goes back.");
        assertThat(on.owned(OTTER) + on.owned(MOTH)).isEqualTo(200);
    }

    @RepeatedTest(20)
    void nobodyEverOwesAnythingAndOnlyTheTableGivesOrTakes(RepetitionInfo info) {
        Random random = new Random(info.getCurrentRepetition());
        Sort sort = Sort.values()[info.getCurrentRepetition() % Sort.values().length];
        OnDesk<Game, GameState> on = on(Map.of("sort", sort, "mostAShow", 1_000_000, "waitMs", 20_000L));
        on.owns(MOTH, 100);
        for (int i = 0; i < 150; i++) {
            Viewer who = random.nextBoolean() ? OTTER : MOTH;
            String other = who == OTTER ? "tallowmoth " : "brine_otter ";
            on.at += random.nextInt(15_000);
            String line = random.nextInt(3) == 0
                    ? "!spinyes"
                    : "!spin " + (sort == Sort.DUEL ? other : "") + (1 + random.nextInt(50))
                            + (sort == Sort.NUMBER ? " 7" : "");
            on.engine.accept(on.at, Samples.line(who, line));
            assertThat(on.owned(OTTER)).isNotNegative();
            assertThat(on.owned(MOTH)).isNotNegative();
            if (sort == Sort.DUEL || sort == Sort.POT) {
                long held = on.state().head().holds()
                        + on.state().head().offers().stream()
                                .mapToLong(GameHead.Offer::stake)
                                .sum();
                assertThat(on.owned(OTTER) + on.owned(MOTH) + held).isEqualTo(200);
            }
        }
    }

    @Test
    void whatIsWrongIsRefusedAtItsField() {
        Problems problems = new Problems();
        Records.with(WHEELS, Map.of("most", 1, "least", 5)).check(problems);
        Records.with(WHEELS, Map.of("sort", Sort.TOSS, "chance", 100)).check(problems);
        Records.with(WHEELS, Map.of("answers", Records.with(GameAnswers.USUAL, Map.of("won", "{all}"))))
                .check(problems);
        assertThat(problems.found()).extracting(Problem::path).containsExactly("most", "chance", "answers.won");
    }
}
