package org.waxbell.reward;

import java.util.List;

/** How rewards stand, for the host. @param waiting the oldest first @param past the newest first @param tonight how often each was redeemed in this show, in the order of rewards */
public record RewardBoard(List<Redeemed> waiting, List<Redeemed> past, List<Integer> tonight) {
    public RewardBoard {
        waiting = List.copyOf(waiting);
        past = List.copyOf(past);
        tonight = List.copyOf(tonight);
    }
}
