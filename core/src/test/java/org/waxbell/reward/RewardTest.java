package org.waxbell.reward;

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
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.check.Problem;
import org.waxbell.check.Problems;
import org.waxbell.cue.Cue;
import org.waxbell.cue.EventPull;
import org.waxbell.desk.OnDesk;
import org.waxbell.event.Facts;
import org.waxbell.event.Standing;
import org.waxbell.event.Target;
import org.waxbell.event.Viewer;
import org.waxbell.journal.Decision;
import org.waxbell.kind.Fresh;
import org.waxbell.kind.Records;
import org.waxbell.reward.Redeemed.State;
import org.waxbell.score.Anchor;
import org.waxbell.wiring.CueBook;
import org.waxbell.wiring.Wiring;

class RewardTest {
    private static final Rewards SHOP = Records.with(
            (Rewards) Rewards.KIND.fresh().apply(Fresh.NOTHING), Map.of("id", "reward", "name", "Rewards"));
    private static final Reward BELL = SHOP.rewards().get(1);
    private static final Viewer OTTER = viewer("brine_otter");
    private static final Viewer INES = viewer("ines", 14);

    private static OnDesk<Rewards, RewardState> on(Reward... rewards) {
        OnDesk<Rewards, RewardState> on = new OnDesk<>(
                new RewardDesk(), rewards.length == 0 ? SHOP : Records.with(SHOP, Map.of("rewards", List.of(rewards))));
        on.owns(OTTER, 1_000);
        on.owns(INES, 1_000);
        return on;
    }

    /** A cue waits for rewards from now on. */
    private static void waitedFor(OnDesk<Rewards, RewardState> on) {
        Wiring wiring = OnDesk.wiring(SHOP);
        List<Cue> cues = new ArrayList<>(wiring.cues());
        cues.add(Samples.cue("named", List.of(), List.of(), Samples.reply("say", new Anchor.At(0)))
                .withPulls(List.of(new EventPull("reward", Map.of(), Map.of()))));
        on.engine = Samples.engine(
                new CueBook(new Wiring(
                        wiring.house(), wiring.racks(), cues, wiring.stages(), wiring.desks(), wiring.shelf())),
                on.engine.save());
    }

    private static Reward bell(Map<String, ?> rules) {
        Map<String, Object> all = new HashMap<>(Map.of("restMs", 0L));
        all.putAll(rules);
        return Records.with(BELL, all);
    }

    @Test
    void oneThatWaitsIsAcceptedOnceAndGivenBackOnce() {
        OnDesk<Rewards, RewardState> on = on();
        assertThat(on.say(INES, "!reward name a taper Old Smoke"))
                .isEqualTo("ines, Name a taper is asked for; it is paid back if it cannot be.");
        assertThat(on.owned(INES)).isEqualTo(900);
        on.say(OTTER, "!reward Name a Taper  Sprig");
        assertThat(on.owned(OTTER)).isEqualTo(900);
        waitedFor(on);
        List<Decision> told = on.host("accept", "number", "1").decisions();
        assertThat(told.get(0).note()).isEqualTo("Name a taper of ines is accepted.");
        assertThat(told).anySatisfy(each -> {
            assertThat(each.event().kind()).isEqualTo("reward");
            assertThat(each.event().by().orElseThrow().standings()).contains(Standing.MEMBER);
            assertThat(each.event().values()).containsEntry("rewardInput", "Old Smoke");
        });
        assertThat(on.ask("back", "number", "2")).isEqualTo("Name a taper of brine_otter is given back.");
        assertThat(on.owned(OTTER)).isEqualTo(1_000);
        assertThat(on.ask("back", "number", "2")).contains("does not wait any more");
        assertThat(on.ask("accept", "number", "7")).contains("does not wait any more");
        assertThat(on.state().redeemed().first(2)).extracting(Redeemed::state).containsExactly(State.DONE, State.BACK);
    }

    @Test
    void eachReasonAgainstItIsSaidWithTheRemedy() {
        OnDesk<Rewards, RewardState> on = on();
        assertThat(on.say(OTTER, "!reward a kiln"))
                .isEqualTo("brine_otter, there is no such reward. There are: Name a taper (100), Ring the bell (25)");
        assertThat(on.say(OTTER, "!reward name a taper"))
                .isEqualTo("brine_otter, Its name? Write it behind Name a taper.");
        assertThat(on.say(OTTER, "!reward ring the bell")).isEqualTo("brine_otter, Ring the bell it is.");
        assertThat(on.say(INES, "!reward ring the bell")).isEqualTo("ines, Ring the bell rests for 54 s yet.");
        assertThat(on.say(viewer("lou"), "!reward name a taper x"))
                .isEqualTo("lou, Name a taper costs 100 points, and you have 0 points.");
        assertThat(on.say(OTTER, "!rewardlist")).isEqualTo("There are: Name a taper (100), Ring the bell (25)");
    }

    @Test
    void boundsOfAShowAndOfOneHoldAndBeginAnewWithTheNextShow() {
        OnDesk<Rewards, RewardState> on = on(bell(Map.of("mostShow", 2, "mostEach", 1)));
        on.engine.accept(on.at, Facts.show(Actor.HOST, true));
        assertThat(on.say(OTTER, "!reward ring the bell")).contains("it is");
        assertThat(on.say(OTTER, "!reward ring the bell")).contains("is gone for tonight");
        assertThat(on.say(INES, "!reward ring the bell")).contains("it is");
        on.owns(viewer("lou"), 100);
        assertThat(on.say(viewer("lou"), "!reward ring the bell")).contains("is gone for tonight");
        on.engine.accept(on.at, Facts.show(Actor.HOST, false));
        on.engine.accept(on.at, Facts.show(Actor.HOST, true));
        on.restart();
        assertThat(on.say(OTTER, "!reward ring the bell")).contains("it is");
    }

    @Test
    void itIsOnInItsScenesOnly() {
        OnDesk<Rewards, RewardState> on = on(bell(Map.of("scenes", List.of("bench"))));
        assertThat(on.say(OTTER, "!reward ring the bell")).contains("is not on in this scene");
        on.engine.accept(on.at, Facts.switched(Actor.HOST, new Target(Target.Kind.SCENE, ""), "bench"));
        assertThat(on.say(OTTER, "!reward ring the bell")).contains("it is");
    }

    @RepeatedTest(10)
    void whatIsPaidIsEitherKeptOrGivenBackWhole(RepetitionInfo info) {
        Random random = new Random(info.getCurrentRepetition());
        OnDesk<Rewards, RewardState> on = on(bell(Map.of("waits", true, "price", 7)));
        for (int i = 0; i < 120; i++) {
            on.at += 6_000;
            String number = Integer.toString(
                    1 + random.nextInt(Math.max(1, on.state().head().next())));
            if (random.nextBoolean()) {
                on.engine.accept(on.at, Samples.line(random.nextBoolean() ? OTTER : INES, "!reward ring the bell"));
            } else {
                on.host(random.nextBoolean() ? "accept" : "back", "number", number);
            }
            long kept = on.state().redeemed().first(1_000).stream()
                    .filter(each -> each.state() != State.BACK)
                    .mapToLong(Redeemed::paid)
                    .sum();
            assertThat(on.owned(OTTER) + on.owned(INES) + kept).isEqualTo(2_000);
        }
        RewardState before = on.state();
        on.restart();
        assertThat(on.state()).isEqualTo(before);
    }

    @Test
    void whatIsWrongIsRefusedAtItsField() {
        Problems problems = new Problems();
        Records.with(SHOP, Map.of("rewards", List.of(BELL, Records.with(BELL, Map.of("title", "RING the bell")))))
                .check(problems);
        Records.with(
                        SHOP,
                        Map.of(
                                "rewards",
                                List.of(Records.with(BELL, Map.of("title", " ", "price", -1, "colour", "red")))))
                .check(problems);
        assertThat(problems.found())
                .extracting(Problem::path)
                .containsExactly(
                        "rewards[1].title",
                        "rewards[0].title",
                        "rewards[0].title",
                        "rewards[0].price",
                        "rewards[0].colour");
    }
}
