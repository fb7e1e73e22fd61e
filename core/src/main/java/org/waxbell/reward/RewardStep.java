package org.waxbell.reward;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.waxbell.desk.Answer;
import org.waxbell.desk.AnswerWords;
import org.waxbell.desk.Ask;
import org.waxbell.desk.OneLine;
import org.waxbell.desk.PointsMove;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.Viewer;
import org.waxbell.gate.Surroundings;
import org.waxbell.reward.Redeemed.State;
import org.waxbell.time.Spans;

/** One step of rewards. */
final class RewardStep {
    private final Rewards rewards;
    private final RewardState now;
    private final long at;
    private final Surroundings evening;
    private final Map<String, String> with = new HashMap<>();

    RewardStep(Rewards rewards, RewardState now, long at, Surroundings evening) {
        this.rewards = rewards;
        this.now = now;
        this.at = at;
        this.evening = evening;
        with.put(
                "rewards",
                rewards.rewards().stream()
                        .map(each -> each.title() + " (" + each.price() + ")")
                        .collect(Collectors.joining(", ")));
    }

    private Answer<RewardState> refused(String outcome, String pattern) {
        return Answer.refused(now, outcome, AnswerWords.filled(pattern, with));
    }

    private Answer<RewardState> done(RewardState next, String outcome, String pattern) {
        return Answer.done(next, outcome, AnswerWords.filled(pattern, with), Map.of());
    }

    Answer<RewardState> list() {
        return rewards.rewards().isEmpty()
                ? Answer.refused(now, "nothing", "There is no reward yet.")
                : done(now, "said", rewards.answers().list());
    }

    Answer<RewardState> redeem(Ask ask) {
        if (ask.viewer().isEmpty()) {
            return Answer.refused(now, "nobody", "A viewer redeems, for points of their own.");
        }
        Viewer who = ask.viewer().get();
        with.put("viewer", who.name());
        with.put("points", evening.points(evening.canSpend(who.id())));
        String line = OneLine.of(ask.text(Rewards.WHAT));
        Optional<Reward> meant = rewards.meant(line);
        if (meant.isEmpty()) {
            return refused("noReward", rewards.answers().noReward());
        }
        Reward reward = meant.get();
        String input =
                line.substring(Math.min(line.length(), reward.title().length())).strip();
        with.put("reward", reward.title());
        with.put("question", reward.asks());
        with.put("price", evening.points(reward.price()));
        return hindrance(reward, who, input).orElseGet(() -> take(ask, reward, who, input));
    }

    private Optional<Answer<RewardState>> hindrance(Reward reward, Viewer who, String input) {
        if (!reward.asks().isEmpty() && input.isEmpty()) {
            return Optional.of(refused("asks", rewards.answers().asks()));
        }
        if (!reward.scenes().isEmpty() && !reward.scenes().contains(evening.scene())) {
            return Optional.of(refused("notHere", rewards.answers().notHere()));
        }
        List<Redeemed> tonight = now.tonight(reward.title());
        long own =
                tonight.stream().filter(each -> each.person().equals(who.id())).count();
        if (reward.mostShow() > 0 && tonight.size() >= reward.mostShow()
                || reward.mostEach() > 0 && own >= reward.mostEach()) {
            return Optional.of(refused("enough", rewards.answers().enough()));
        }
        long rests = tonight.stream().mapToLong(Redeemed::at).max().orElse(Long.MIN_VALUE / 2) + reward.restMs() - at;
        if (rests > 0) {
            with.put("rest", Spans.toGo(rests));
            return Optional.of(refused("rests", rewards.answers().rests()));
        }
        return reward.price() > evening.canSpend(who.id())
                ? Optional.of(refused("cannotPay", rewards.answers().cannotPay()))
                : Optional.empty();
    }

    private Answer<RewardState> take(Ask ask, Reward reward, Viewer who, String input) {
        Redeemed one = new Redeemed(
                now.head().next(),
                who.id(),
                who.name(),
                who.standings(),
                who.months(),
                reward.title(),
                reward.asks().isEmpty() ? "" : input,
                reward.price(),
                at,
                true,
                reward.waits() ? State.WAITS : State.DONE);
        Answer<RewardState> taken = done(
                now.adding(one),
                reward.waits() ? "waits" : "redeemed",
                reward.waits() ? rewards.answers().waits() : rewards.answers().redeemed());
        Answer<RewardState> paid = reward.price() == 0
                ? taken
                : taken.moving(List.of(new PointsMove(who.id(), -reward.price(), reward.title())));
        return reward.waits() ? paid : paid.telling(List.of(told(one, ask)));
    }

    /** It sets cues off as a reward of the channel does. */
    private static Fact told(Redeemed one, Ask ask) {
        return Facts.REWARD.about(ask.by(), Optional.of(one.viewer()), one.reward(), one.input());
    }

    private Optional<Redeemed> waiting(Ask ask) {
        return now.redeemed().get(ask.number(Rewards.NUMBER)).filter(each -> each.state() == State.WAITS);
    }

    private Answer<RewardState> gone(Ask ask) {
        return Answer.refused(
                now, "gone", "Number " + ask.number(Rewards.NUMBER) + " does not wait any more. Look at the board.");
    }

    Answer<RewardState> accept(Ask ask) {
        Redeemed one = waiting(ask).orElse(null);
        return one == null
                ? gone(ask)
                : Answer.done(
                                now.with(one.with(State.DONE)),
                                "accepted",
                                one.reward() + " of " + one.name() + " is accepted.",
                                Map.of())
                        .telling(List.of(told(one, ask)));
    }

    Answer<RewardState> back(Ask ask) {
        Redeemed one = waiting(ask).orElse(null);
        return one == null
                ? gone(ask)
                : Answer.done(
                                now.with(one.with(State.BACK)),
                                "back",
                                one.reward() + " of " + one.name() + " is given back.",
                                Map.of())
                        .moving(List.of(new PointsMove(one.person(), one.paid(), one.reward() + ", given back")));
    }

    /** A show opens: what was redeemed before counts no longer. */
    Answer<RewardState> anew() {
        RewardState next = now;
        for (Redeemed each : now.redeemed()) {
            if (each.tonight()) {
                next = next.with(each.past());
            }
        }
        return Answer.becomes(next);
    }
}
