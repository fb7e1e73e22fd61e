package org.waxbell.reward;

import java.util.ArrayList;
import java.util.List;
import org.waxbell.state.Ranked;

/** How rewards stand. @param redeemed the last ones, by number */
public record RewardState(RewardHead head, Ranked<Integer, Redeemed> redeemed) {
    /** None was redeemed yet. */
    static final RewardState NEW = new RewardState(new RewardHead(1), Ranked.none());

    private static final int MOST = 500;

    /** Beside them. @param next the number of the next one */
    public record RewardHead(int next) {}

    RewardState with(RewardHead other) {
        return new RewardState(other, redeemed);
    }

    RewardState with(Redeemed one) {
        return new RewardState(head, redeemed.with(one.number(), one));
    }

    RewardState adding(Redeemed one) {
        Ranked<Integer, Redeemed> more = redeemed.with(one.number(), one);
        if (more.size() > MOST) {
            more = more.without(more.at(0).number());
        }
        return new RewardState(new RewardHead(one.number() + 1), more);
    }

    /** Those of this show that were not given back. */
    List<Redeemed> tonight(String reward) {
        List<Redeemed> all = new ArrayList<>();
        for (Redeemed each : redeemed) {
            if (each.tonight() && each.reward().equals(reward) && each.state() != Redeemed.State.BACK) {
                all.add(each);
            }
        }
        return all;
    }
}
