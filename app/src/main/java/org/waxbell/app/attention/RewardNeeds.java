package org.waxbell.app.attention;

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
import org.waxbell.reward.RewardState;
import org.waxbell.reward.Rewards;

/** Rewards that were redeemed and wait until the host accepts them or gives them back. */
@Component
class RewardNeeds extends DeskNeeds<Rewards, RewardState> {
    private static final RewardDesk DESK = new RewardDesk();

    RewardNeeds(WiringStore wiring, DeskBoards boards, SystemClock clock) {
        super(DESK, wiring, boards, clock);
    }

    @Override
    List<Need> needs(Rewards rewards, RewardState now, long at) {
        return DESK.board(rewards, now, at).waiting().stream()
                .map(each -> need(rewards, each))
                .toList();
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
