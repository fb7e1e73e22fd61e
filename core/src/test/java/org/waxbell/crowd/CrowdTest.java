package org.waxbell.crowd;

import static org.assertj.core.api.Assertions.assertThat;
import static org.waxbell.desk.OnDesk.viewer;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.check.Problem;
import org.waxbell.check.Problems;
import org.waxbell.desk.OnDesk;
import org.waxbell.directive.SetTarget;
import org.waxbell.engine.Outcome;
import org.waxbell.event.Facts;
import org.waxbell.event.Viewer;
import org.waxbell.kind.Fresh;
import org.waxbell.kind.Records;
import org.waxbell.state.Change;
import org.waxbell.state.Memory;

class CrowdTest {
    private static final Crowd STEER =
            Records.with((Crowd) Crowd.KIND.fresh().apply(Fresh.NOTHING), Map.of("id", "rig", "name", "The rig"));
    private static final Viewer OTTER = viewer("brine_otter");
    private static final Viewer MOTH = viewer("tallowmoth");

    private static OnDesk<Crowd, CrowdState> on(Map<String, ?> rules) {
        return new OnDesk<>(new CrowdDesk(), Records.with(STEER, rules));
    }

    private static List<String> keys(Outcome outcome) {
        return outcome.directives().stream()
                .filter(SetTarget.class::isInstance)
                .map(SetTarget.class::cast)
                .map(each -> each.target().name() + " " + each.value())
                .toList();
    }

    private static Outcome says(OnDesk<Crowd, CrowdState> on, Viewer viewer, String line) {
        return on.engine.accept(on.at, Samples.line(viewer, line));
    }

    private static Outcome later(OnDesk<Crowd, CrowdState> on, long millis) {
        on.at += millis;
        return on.engine.wake(on.at);
    }

    @Test
    void aWordPressesItsKeyAndItComesUpByItself() {
        OnDesk<Crowd, CrowdState> on = on(Map.of());
        assertThat(keys(says(on, OTTER, "left"))).containsExactly("ArrowLeft down");
        assertThat(on.state().head().recent())
                .first()
                .extracting(CrowdHead.Pressed::name, CrowdHead.Pressed::word)
                .containsExactly("brine_otter", "left");
        assertThat(on.engine.nextWake()).isLessThanOrEqualTo(on.at + 200);
        assertThat(keys(later(on, 200))).containsExactly("ArrowLeft up");
        assertThat(on.state().head().held()).isEmpty();
        assertThat(keys(later(on, 5_000))).isEmpty();
    }

    @Test
    void aViewerHasAFairShareAndASentencePressesNothing() {
        OnDesk<Crowd, CrowdState> on = on(Map.of());
        assertThat(keys(says(on, OTTER, "DIP"))).containsExactly("ArrowDown down");
        later(on, 400);
        assertThat(keys(says(on, OTTER, "dip"))).as("again within its rest").isEmpty();
        assertThat(keys(says(on, MOTH, "lift the lid, please"))).isEmpty();
        assertThat(keys(says(on, MOTH, "lift"))).containsExactly("ArrowUp down");
        on.at += 600;
        assertThat(keys(says(on, OTTER, "dip"))).contains("ArrowDown down");
    }

    @Test
    void whoPlayedLongAgoIsForgotten() {
        OnDesk<Crowd, CrowdState> on = on(Map.of());
        says(on, OTTER, "dip");
        later(on, 30_000);
        says(on, MOTH, "lift");
        later(on, 200);
        assertThat(on.state().voices().size()).isEqualTo(2);
        later(on, 40_000);
        says(on, viewer("lou"), "dip");
        later(on, 200);
        assertThat(on.state().voices().get(OTTER.id())).isEmpty();
        assertThat(on.state().voices().size()).isEqualTo(2);
    }

    @Test
    void oppositeKeysCancelAndTheSameOneIsPressedAnew() {
        OnDesk<Crowd, CrowdState> on = on(Map.of("holdMs", 2_000));
        says(on, OTTER, "left");
        assertThat(keys(says(on, MOTH, "right"))).containsExactly("ArrowLeft up");
        assertThat(keys(says(on, viewer("lou"), "right"))).containsExactly("ArrowRight down");
        assertThat(keys(says(on, viewer("ines"), "right"))).containsExactly("ArrowRight up", "ArrowRight down");
    }

    @Test
    void hushLiftsEveryKeyAndSoDoesTheHost() {
        OnDesk<Crowd, CrowdState> on = on(Map.of("holdMs", 5_000));
        says(on, OTTER, "left");
        says(on, MOTH, "dip");
        assertThat(keys(on.engine.accept(on.at, Facts.HUSH.by(Actor.HOST))))
                .containsExactlyInAnyOrder("ArrowLeft up", "ArrowDown up");
        on.at += 2_000;
        says(on, OTTER, "lift");
        assertThat(keys(on.host("lift"))).containsExactly("ArrowUp up");
        assertThat(keys(on.host("press", "move", "right"))).containsExactly("ArrowRight down");
        assertThat(on.ask("press", "move", "up")).contains("moves nothing here", "left, right, dip, lift");
    }

    @Test
    void byVoteOnePressesWhatMostWantAndAVoiceMayChange() {
        OnDesk<Crowd, CrowdState> on = on(Map.of("way", Crowd.Way.VOTE));
        assertThat(keys(says(on, OTTER, "left"))).isEmpty();
        says(on, MOTH, "left");
        says(on, viewer("lou"), "dip");
        says(on, MOTH, "dip");
        assertThat(on.state().head().tally()).isEqualTo(Map.of("left", 1, "dip", 2));
        assertThat(later(on, 4_000).directives()).noneMatch(SetTarget.class::isInstance);
        Outcome over = later(on, 1_000);
        assertThat(keys(over)).containsExactly("ArrowDown down");
        assertThat(over.decisions())
                .anySatisfy(each -> assertThat(each.event().sentence()).isEqualTo("The rig is for dip"));
        assertThat(on.state().head().tally()).isEmpty();
        assertThat(keys(later(on, 60_000)))
                .as("no vote goes while nobody votes")
                .containsExactly("ArrowDown up");
        CrowdFace face = (CrowdFace) new CrowdDesk()
                .face(Records.with(STEER, Map.of("way", Crowd.Way.VOTE)), on.state(), on.at)
                .orElseThrow();
        assertThat(face.recent().get(0).won()).isEqualTo(2);
        assertThat(face.began()).isZero();
    }

    @Test
    void fiveHundredPressesASecondKeepTheirOrderAndLeaveNoKeyHeld() {
        OnDesk<Crowd, CrowdState> on = on(Map.of("moves", free()));
        List<String> wanted = new ArrayList<>();
        List<String> went = new ArrayList<>();
        Random random = new Random(5);
        for (int i = 0; i < 2_000; i++) {
            on.at += 2;
            CrowdMove move = free().get(random.nextInt(4));
            wanted.add(move.key());
            went.addAll(keys(says(on, viewer("viewer_" + i), move.word())));
        }
        went.addAll(keys(later(on, 1_000)));
        assertThat(went.stream().filter(each -> each.endsWith("down")).map(each -> each.replace(" down", "")))
                .containsExactlyElementsOf(wanted);
        assertThat(held(went)).isEmpty();
    }

    private static List<CrowdMove> free() {
        return STEER.moves().stream()
                .map(each -> new CrowdMove(each.word(), each.key(), ""))
                .toList();
    }

    private static List<String> held(List<String> went) {
        Map<String, Boolean> down = new HashMap<>();
        went.forEach(each -> {
            boolean now = each.endsWith("down");
            assertThat(down.put(each.split(" ")[0], now))
                    .as("a key goes down and up by turns")
                    .isNotEqualTo(now);
        });
        return down.keySet().stream().filter(down::get).toList();
    }

    @RepeatedTest(8)
    void whateverHappensKeysGoDownAndUpByTurnsAndWhatIsKeptIsWhatStands(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        OnDesk<Crowd, CrowdState> on =
                on(Map.of("way", run.getCurrentRepetition() % 2 == 0 ? Crowd.Way.VOTE : Crowd.Way.AT_ONCE));
        Memory kept = new Memory(on.engine.save().memory());
        List<String> went = new ArrayList<>();
        for (int i = 0; i < 300; i++) {
            on.at += random.nextInt(700);
            Outcome outcome = switch (random.nextInt(12)) {
                case 0 -> on.engine.accept(on.at, Facts.HUSH.by(Actor.HOST));
                case 1 -> on.host("lift");
                case 2 ->
                    on.host(
                            "press",
                            "move",
                            STEER.moves().get(random.nextInt(4)).word());
                case 3 -> on.engine.wake(on.at);
                default ->
                    says(
                            on,
                            viewer("viewer_" + random.nextInt(9)),
                            STEER.moves().get(random.nextInt(4)).word());
            };
            went.addAll(keys(outcome));
            for (Change change : outcome.changes()) {
                kept.take(change);
            }
            assertThat(new CrowdDesk().restored("rig", kept)).isEqualTo(on.state());
            assertThat(held(went))
                    .containsExactlyInAnyOrderElementsOf(
                            on.state().head().held().keySet());
            if (random.nextInt(30) == 0) {
                on.restart();
            }
        }
        went.addAll(keys(later(on, 70_000)));
        went.addAll(keys(later(on, 70_000)));
        assertThat(held(went)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "two words, ArrowLeft, '', moves[0].word",
        "'', ArrowLeft, '', moves[0].word",
        "go, Arrow, '', moves[0].key",
        "go, ctrl+1, '', moves[0].key",
        "go, F25, '', moves[0].key",
        "go, A, stop, moves[0].against",
        "go, A, go, moves[0].against",
    })
    void whatCannotBePressedIsRefusedAtItsLine(String word, String key, String against, String path) {
        Problems problems = new Problems();
        Records.with(STEER, Map.of("moves", List.of(new CrowdMove(word, key, against))))
                .check(problems);
        assertThat(problems.found()).extracting(Problem::path).containsExactly(path);
    }
}
