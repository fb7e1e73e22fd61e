package org.waxbell.app.attention;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.waxbell.actor.Right;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.live.DeskBoards;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.evening.Soon;
import org.waxbell.reward.Redeemed;
import org.waxbell.reward.RewardDesk;
import org.waxbell.reward.Rewards;

/** Rewards that were redeemed and wait until the host accepts them or gives them back. */
@Component
class RewardNeeds implements NeedSource {
    private static final RewardDesk DESK = new RewardDesk();
    private final WiringStore wiring;
    private final DeskBoards boards;
    private final SystemClock clock;

    RewardNeeds(WiringStore wiring, DeskBoards boards, SystemClock clock) {
        this.wiring = wiring;
        this.boards = boards;
        this.clock = clock;
    }

    @Override
    public List<Need> needs() {
        List<Need> all = new ArrayList<>();
        wiring.current().wiring().desks().forEach(desk -> {
            if (desk instanceof Rewards rewards) {
                DESK.board(rewards, boards.now(DESK, rewards.id(), rewards), clock.now())
                        .waiting()
                        .forEach(each -> all.add(need(rewards, each)));
            }
        });
        return all;
    }

    private static Need need(Rewards rewards, Redeemed one) {
        Map<String, Object> with =
                Map.of("about", rewards.id(), "with", Map.of("number", Integer.toString(one.number())));
        return new Need(
                "reward/" + rewards.id() + "/" + one.number(),
                Soon.SOON,
                one.name(),
                "redeemed " + one.reward() + (one.input().isEmpty() ? "" : ": “" + one.input() + "”"),
                one.at(),
                "/desks/" + rewards.id(),
                List.of(
                        new Need.NeedAct("Accept it", "/desks/rewards/accept", with, Right.ASK),
                        new Need.NeedAct("Give it back", "/desks/rewards/back", with, Right.ASK)));
    }
}
