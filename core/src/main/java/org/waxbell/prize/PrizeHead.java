package org.waxbell.prize;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How a prize draw stands, beside who entered.
 *
 * @param phase  where it is
 * @param opened when entries were opened, milliseconds since 1970 UTC; 0 before the first
 * @param ends   when they close by themselves or closed, milliseconds since 1970 UTC; 0 while nothing but the host closes them
 * @param seed   of its draws, secret until the first
 * @param draws  in order
 * @param winners of the draws before this one, the newest first: a list of identities for each
 */
public record PrizeHead(
        Phase phase, long opened, long ends, String seed, List<Drawn> draws, List<List<String>> winners) {
    /** Where it is. */
    public enum Phase {
        /** Nobody can enter. */
        NONE,
        /** Who wants to enters. */
        OPEN,
        /** Somebody was drawn and has time to speak up. */
        DRAWN,
        /** All prizes are given, or nobody is left to draw. */
        OVER
    }

    /** None was opened yet. */
    static final PrizeHead NEW = new PrizeHead(Phase.NONE, 0, 0, "", List.of(), List.of());

    private static final int MOST_REMEMBERED = 100;

    public PrizeHead {
        draws = List.copyOf(draws);
        winners = winners.stream().map(List::copyOf).toList();
    }

    /** Entries open. */
    PrizeHead opened(long at, long forMs, String fresh) {
        return new PrizeHead(Phase.OPEN, at, forMs == 0 ? 0 : at + forMs, fresh, List.of(), remembered());
    }

    /** It is broken off. */
    PrizeHead cancelled() {
        return new PrizeHead(Phase.NONE, opened, ends, "", List.of(), winners);
    }

    private List<List<String>> remembered() {
        List<List<String>> all = new ArrayList<>(winners);
        List<String> won = draws.stream()
                .filter(each -> each.claim() == Drawn.Claim.WON)
                .map(Drawn::person)
                .toList();
        if (!won.isEmpty()) {
            all.add(0, won);
        }
        return all.subList(0, Math.min(MOST_REMEMBERED, all.size()));
    }

    PrizeHead with(Phase other, long closed) {
        return new PrizeHead(other, opened, closed, seed, draws, winners);
    }

    PrizeHead drew(Drawn drawn) {
        List<Drawn> more = new ArrayList<>(draws);
        more.add(drawn);
        return new PrizeHead(phase, opened, ends, seed, more, winners);
    }

    /** The last draw ended so. */
    PrizeHead settled(Drawn.Claim claim) {
        List<Drawn> all = new ArrayList<>(draws);
        all.set(all.size() - 1, all.get(all.size() - 1).with(claim));
        return new PrizeHead(phase, opened, ends, seed, all, winners);
    }

    /** The last draw. */
    Optional<Drawn> last() {
        return draws.isEmpty() ? Optional.empty() : Optional.of(draws.get(draws.size() - 1));
    }

    /** Whether somebody won one of the last draws before this one. */
    boolean wonLately(String person, int among) {
        return remembered().stream().limit(among).anyMatch(each -> each.contains(person));
    }

    /** How many prizes are given. */
    int given() {
        return (int)
                draws.stream().filter(each -> each.claim() == Drawn.Claim.WON).count();
    }
}
