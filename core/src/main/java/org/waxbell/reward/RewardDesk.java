package org.waxbell.reward;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.waxbell.cue.Cue;
import org.waxbell.desk.Answer;
import org.waxbell.desk.Ask;
import org.waxbell.desk.ChatWords;
import org.waxbell.desk.HeadAndEntries;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.Gate;
import org.waxbell.gate.Surroundings;
import org.waxbell.reward.Redeemed.State;
import org.waxbell.reward.RewardState.RewardHead;
import org.waxbell.state.Book;

/** Runs rewards. */
public final class RewardDesk extends HeadAndEntries<Rewards, RewardState, RewardHead, Integer, Redeemed> {
    private static final int PAST = 30;
    /** A rest for each viewer alone. */
    private static final List<Gate> EACH = List.of(new CooldownGate(0, 5_000));

    /** The desk. */
    public RewardDesk() {
        super(
                "Rewards",
                Rewards.class,
                new Heads<>(
                        new Book<>(Rewards.DESK, RewardHead.class),
                        RewardState.NEW,
                        RewardState::head,
                        RewardState::with),
                new Entries<>(
                        new Book<>("redeemed", Redeemed.class),
                        RewardState::redeemed,
                        Redeemed::number,
                        RewardState::with));
    }

    @Override
    public Answer<RewardState> ask(Rewards rewards, RewardState now, Ask ask, Surroundings evening) {
        RewardStep step = new RewardStep(rewards, now, ask.at(), evening);
        return switch (ask.act().name()) {
            case Rewards.LIST -> step.list();
            case Rewards.ACCEPT -> step.accept(ask);
            case Rewards.BACK -> step.back(ask);
            default -> step.redeem(ask);
        };
    }

    @Override
    public boolean hears(ShowEvent event) {
        return event instanceof Fact fact && fact.is(Facts.SHOW_OPENED);
    }

    @Override
    public Answer<RewardState> hear(Rewards rewards, RewardState now, long at, ShowEvent event, Surroundings evening) {
        return new RewardStep(rewards, now, at, evening).anew();
    }

    private static List<Redeemed> waiting(RewardState now) {
        List<Redeemed> all = new ArrayList<>();
        for (Redeemed each : now.redeemed()) {
            if (each.state() == State.WAITS) {
                all.add(each);
            }
        }
        return all;
    }

    @Override
    public Map<String, Object> values(Rewards rewards, RewardState now, long at, String person) {
        int count = now.redeemed().size();
        return Map.of(
                rewards.value("Last"),
                count == 0
                        ? "none"
                        : now.redeemed().at(count - 1).name() + ": "
                                + now.redeemed().at(count - 1).reward(),
                rewards.value("Waiting"),
                (long) waiting(now).size());
    }

    @Override
    public RewardBoard board(Rewards rewards, RewardState now, long at) {
        List<Redeemed> past = new ArrayList<>();
        for (int i = now.redeemed().size() - 1; i >= 0 && past.size() < PAST; i--) {
            if (now.redeemed().at(i).state() != State.WAITS) {
                past.add(now.redeemed().at(i));
            }
        }
        return new RewardBoard(
                waiting(now),
                past,
                rewards.rewards().stream()
                        .map(each -> now.tonight(each.title()).size())
                        .toList());
    }

    @Override
    public String brief(Rewards rewards, RewardState now, long at) {
        int waits = waiting(now).size();
        return waits == 0
                ? rewards.rewards().size() + (rewards.rewards().size() == 1 ? " reward" : " rewards")
                : waits + (waits == 1 ? " waits for you" : " wait for you");
    }

    @Override
    public List<String> of(Rewards rewards, RewardState now, String person) {
        long count = now.redeemed().first(Integer.MAX_VALUE).stream()
                .filter(each -> each.person().equals(person) && each.state() != Redeemed.State.BACK)
                .count();
        return count == 0 ? List.of() : List.of(count + " redeemed lately");
    }

    @Override
    public List<Cue> starters(Rewards rewards, String about, String rack) {
        ChatWords words = new ChatWords(rewards, about, rack);
        String name = ChatWords.plain(rewards.name());
        return List.of(
                words.asks("", "Redeem of " + name, EACH, Rewards.REDEEM, Map.of(Rewards.WHAT, "{argument}")),
                words.asks("-list", "What there is of " + name, List.of(ChatWords.CALM), Rewards.LIST, Map.of()));
    }
}
