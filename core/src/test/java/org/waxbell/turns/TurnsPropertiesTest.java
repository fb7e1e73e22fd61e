package org.waxbell.turns;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.waxbell.Samples;
import org.waxbell.engine.Outcome;
import org.waxbell.event.Viewer;
import org.waxbell.state.Change;
import org.waxbell.state.Memory;

/** What holds of a queue whatever is done to it, and in whatever order. */
class TurnsPropertiesTest {
    private static final List<String> ACTS = List.of(
            "next", "random", "take", "done", "back", "remove", "move", "add", "ban", "unban", "undo", "open", "turn");

    private static Viewer somebody(Random random) {
        int who = random.nextInt(14);
        return OnQueue.viewer("viewer_" + who, who % 3 == 0 ? who : 0);
    }

    private static Outcome anything(OnQueue on, Random random) {
        on.at += 6_000 + random.nextInt(60_000);
        if (random.nextInt(3) > 0) {
            String word = List.of("!bench sage", "!bench", "!benchleave", "!benchplace", "!benchnote rose")
                    .get(random.nextInt(5));
            return on.engine.accept(on.at, Samples.line(somebody(random), word));
        }
        String act = ACTS.get(random.nextInt(ACTS.size()));
        String name = somebody(random).name();
        return switch (act) {
            case "take", "remove", "ban", "unban", "add", "back" -> on.host(act, "name", name);
            case "done" ->
                on.host(act, "name", on.up().isEmpty() ? name : on.up().get(0));
            case "move" -> on.host(act, "name", name, "to", Integer.toString(1 + random.nextInt(8)));
            default -> on.host(act);
        };
    }

    @RepeatedTest(12)
    void nobodyIsThereTwicePlacesAreWholeAndWhatIsKeptIsWhatStands(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        OnQueue on = new OnQueue(Map.of("first", First.values()[run.getCurrentRepetition() % 3], "most", 9));
        on.ask("open");
        Memory kept = new Memory(on.engine.save().memory());
        for (int i = 0; i < 160; i++) {
            Outcome outcome = anything(on, random);
            for (Change change : outcome.changes()) {
                kept.take(change);
            }
            TurnsState state = on.state();
            assertThat(new TurnsDesk().restored("bench", kept)).isEqualTo(state);
            Set<String> all = new HashSet<>();
            state.waiting().forEach(each -> assertThat(all.add(each.person())).isTrue());
            state.head()
                    .up()
                    .forEach(each -> assertThat(all.add(each.entry().person())).isTrue());
            assertThat(state.people().size()).isEqualTo(state.waiting().size());
            int place = 0;
            for (Entry each : state.waiting()) {
                assertThat(state.place(each.person())).isEqualTo(++place);
                assertThat(state.head().banned()).doesNotContainKey(each.person());
            }
            if (random.nextInt(20) == 0) {
                on.restart();
            }
        }
    }

    @RepeatedTest(6)
    void viewersNeverChangeTheOrderOfOthers(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        OnQueue on = new OnQueue(Map.of("first", First.MEMBERS));
        on.ask("open");
        List<String> before = new ArrayList<>();
        for (int i = 0; i < 120; i++) {
            Viewer viewer = somebody(random);
            on.say(viewer, random.nextInt(3) == 0 ? "!benchleave" : "!bench");
            List<String> now = new ArrayList<>(on.waiting());
            List<String> others = new ArrayList<>(now);
            others.remove(viewer.name());
            before.remove(viewer.name());
            assertThat(others).isEqualTo(before);
            before = now;
        }
    }

    @RepeatedTest(6)
    void keptAndRestoredAtAnyStepNothingLaterIsOther(RepetitionInfo run) {
        OnQueue one = new OnQueue(Map.of());
        OnQueue other = new OnQueue(Map.of());
        one.ask("open");
        other.ask("open");
        Random first = new Random(run.getCurrentRepetition());
        Random second = new Random(run.getCurrentRepetition());
        for (int i = 0; i < 120; i++) {
            Outcome here = anything(one, first);
            Outcome there = anything(other, second);
            assertThat(there.decisions()).isEqualTo(here.decisions());
            other.restart();
        }
        assertThat(other.state()).isEqualTo(one.state());
    }

    /** Chi-square with 4 degrees of freedom: 18.47 is passed once in a thousand (seeds are fixed, so it is never by chance). */
    @Test
    void theDrawHoldsItsOdds() {
        List<Entry> waiting = new ArrayList<>();
        long at = 100 * 60_000L;
        for (int i = 0; i < 5; i++) {
            Entry entry = Joining.entered(
                    OnQueue.BENCH, TurnsState.NEW, OnQueue.viewer("viewer_" + i), "", at - i * i * 60_000L);
            waiting.add(entry);
        }
        Random random = new Random(5);
        Map<String, Integer> drawn = new TreeMap<>();
        int draws = 20_000;
        for (int i = 0; i < draws; i++) {
            drawn.merge(
                    Draw.of(waiting, false, at, (purpose, bound) -> random.nextInt(bound))
                            .orElseThrow()
                            .entry()
                            .name(),
                    1,
                    Integer::sum);
        }
        double off = 0;
        long all = Draw.lots(waiting, at);
        assertThat(all).isEqualTo(5 + 1 + 4 + 9 + 16);
        for (Entry each : waiting) {
            double wanted = (double) draws * Draw.lots(each, at) / all;
            off += Math.pow(drawn.getOrDefault(each.name(), 0) - wanted, 2) / wanted;
        }
        assertThat(off).isLessThan(18.47);
        assertThat(Draw.of(waiting, true, at, (purpose, bound) -> 0)).isEmpty();
    }
}
