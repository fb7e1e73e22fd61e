package org.waxbell.engine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.integers;
import static org.quicktheories.generators.SourceDSL.lists;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.quicktheories.core.Gen;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.booking.BusyRule;
import org.waxbell.evening.TargetState;
import org.waxbell.event.Facts;
import org.waxbell.event.Identity;
import org.waxbell.event.Target;
import org.waxbell.points.Ledger;
import org.waxbell.points.LedgerEntry;
import org.waxbell.state.Book;
import org.waxbell.state.Memory;
import org.waxbell.wiring.CueBook;

/** What holds for every evening with points, clips, lamps and racks, however it goes: a thousand made-up ones each. */
class HousePropertiesTest {
    private static final int TRIES = 1_000;
    private static final Map<String, CueBook> BOOKS = new HashMap<>();
    private static final Target LAMP = new Target(Target.Kind.LAMP, "Bench");
    private static final List<String> HAPPENS = List.of(
            "brine_otter !dye",
            "wickerby !dye",
            "tallowmoth !clip",
            "brine_otter !red",
            "wickerby !blue",
            "tallowmoth !busy",
            "wickerby !long",
            "brine_otter !off",
            "lowtide_lou hello",
            "tallowmoth !count",
            "!show open",
            "!show close",
            "!lamp Bench #00ff00 hand",
            "!done 2.clip address=a title=b",
            "!failed 1.clip no",
            "!measured 3.sound 5000",
            "!hush",
            "!rack off",
            "!rack on",
            "wickerby !round",
            "!failed 2.card gone");
    private static final List<BusyRule> RULES =
            List.of(new BusyRule.Wait(4, 9_000), new BusyRule.TakeOver(4, 9_000), new BusyRule.GiveWay());

    /** An evening: each number is one thing that happens and its gap. */
    private static Gen<List<Integer>> evenings() {
        return lists().of(integers().between(0, HAPPENS.size() * 150 - 1)).ofSizeBetween(1, 25);
    }

    private static String script(List<Integer> numbers, int rule) {
        StringBuilder script = new StringBuilder(rule == 1 ? "# rule takeOver\n" : rule == 2 ? "# rule giveWay\n" : "");
        script.append("0 !show open\n1 !lamp Bench #222222 report\n2 brine_otter hello\n3 wickerby hello\n");
        long at = 10;
        for (int number : numbers) {
            at += number / HAPPENS.size() * 20L;
            script.append(at)
                    .append(' ')
                    .append(HAPPENS.get(number % HAPPENS.size()))
                    .append('\n');
        }
        return script.toString();
    }

    /** Books are compiled once and not for every try. */
    private static CueBook book(BusyRule rule, boolean rackOn) {
        return BOOKS.computeIfAbsent(rule + " " + rackOn, key -> GoldenHouseTest.book(rule, rackOn));
    }

    private static ScriptPlayer played(List<Integer> numbers, int rule, boolean restless) {
        ScriptPlayer player = new ScriptPlayer(HousePropertiesTest::book, restless);
        player.play(script(numbers, rule));
        return player;
    }

    @Test
    void savingAndRestoringBeforeEveryLineChangesNothing() {
        qt().withExamples(TRIES)
                .forAll(evenings(), integers().between(0, 2))
                .check((numbers, rule) -> new ScriptPlayer(HousePropertiesTest::book, false)
                        .play(script(numbers, rule))
                        .equals(new ScriptPlayer(HousePropertiesTest::book, true).play(script(numbers, rule))));
    }

    @Test
    void pointsAreNeverBelowZeroAndTheLedgerAddsUp() {
        qt().withExamples(TRIES).forAll(evenings(), integers().between(0, 2)).check((numbers, rule) -> {
            ScriptPlayer player = played(numbers, rule, false);
            Map<String, Long> sums = new HashMap<>();
            for (LedgerEntry entry : player.entries()) {
                if (sums.merge(entry.person(), entry.amount(), Long::sum) < 0) {
                    return false;
                }
            }
            Memory memory = player.engine().save().memory();
            return memory.all(Books.PENDING).isEmpty()
                    && sums.entrySet().stream()
                            .filter(each -> each.getValue() != 0)
                            .allMatch(each -> memory.get(Books.BALANCES, Book.key(Identity.key(each.getKey())))
                                    .equals(Optional.of(each.getValue())));
        });
    }

    @Test
    void whatIsPromisedIsPaidOrGivenBackOnce() {
        qt().withExamples(TRIES)
                .forAll(lists().of(integers().between(-60, 60)).ofSizeBetween(1, 40))
                .check(moves -> {
                    Ledger ledger = new Ledger(Ledger.State.EMPTY);
                    long expected = 0;
                    for (int i = 0; i < moves.size(); i++) {
                        long amount = moves.get(i);
                        if (amount > 0) {
                            expected += ledger.move(i, "a", amount, "")
                                    .map(LedgerEntry::amount)
                                    .orElse(0L);
                        } else if (ledger.canSpend("a") >= -amount) {
                            ledger.reserve(i, "a", -amount, "");
                            expected += i % 2 == 0
                                    ? ledger.pay(i, i).map(LedgerEntry::amount).orElse(0L)
                                    : 0;
                            ledger.release(i);
                        }
                        if (ledger.canSpend("a") < 0 || ledger.balance("a") != expected) {
                            return false;
                        }
                    }
                    return new Ledger(ledger.save()).canSpend("a") == ledger.canSpend("a");
                });
    }

    @Test
    void whenAllIsOverEveryTargetStandsAtItsBase() {
        qt().withExamples(TRIES).forAll(evenings(), integers().between(0, 2)).check((numbers, rule) -> {
            EngineState state = played(numbers, rule, true).engine().save();
            return state.rings().isEmpty()
                    && state.memory().all(Books.TARGETS).stream()
                            .allMatch(each -> each.base().equals(each.shown()));
        });
    }

    @Test
    void aLampIsToldOnlyWhatChangesIt() {
        qt().withExamples(TRIES).forAll(evenings()).check(numbers -> {
            ScriptPlayer player = played(numbers, 0, false);
            TargetState lamp = player.engine().save().memory().all(Books.TARGETS).stream()
                    .filter(each -> each.target().equals(LAMP))
                    .findFirst()
                    .orElseThrow();
            return lamp.shown().equals(player.lamp()) && player.toldInVain() == 0;
        });
    }

    @Test
    void aLampIsToldOnceForEachChange() {
        ScriptPlayer player = new ScriptPlayer(HousePropertiesTest::book, false);
        player.play(
                "0 !show open\n1 !lamp Bench #222222 report\n10 wickerby !red\n20 brine_otter !red\n30 tallowmoth !blue");
        assertThat(player.told()).isEqualTo(4);
    }

    @Test
    void theLoopGuardStopsWhateverTheRules() {
        for (BusyRule rule : RULES) {
            Engine engine = Samples.engine(GoldenHouseTest.book(rule, true), EngineState.fresh(1));
            Outcome outcome = engine.accept(1_000, Samples.line(Samples.INES, "!round"));
            assertThat(outcome.decisions()).hasSize(Engine.DEEPEST + 2);
            assertThat(engine.accept(1_000, Facts.HAND.by(Actor.HOST, "bell", "Bell"))
                            .decisions())
                    .hasSize(1);
        }
    }
}
