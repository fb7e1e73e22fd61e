package org.waxbell.prize;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.waxbell.state.Ranked;

/**
 * How a prize draw stands.
 *
 * @param entrants who entered, by number
 * @param numbers  their numbers, by identity
 */
public record PrizeState(PrizeHead head, Ranked<Integer, Entrant> entrants, Ranked<String, Integer> numbers) {
    /** None was opened yet. */
    static final PrizeState NEW = new PrizeState(PrizeHead.NEW, Ranked.none(), Ranked.none());

    PrizeState with(PrizeHead other) {
        return new PrizeState(other, entrants, numbers);
    }

    /** The same where nobody entered. */
    PrizeState empty() {
        return new PrizeState(head, Ranked.none(), Ranked.none());
    }

    PrizeState with(Entrant entrant) {
        return new PrizeState(
                head, entrants.with(entrant.number(), entrant), numbers.with(entrant.person(), entrant.number()));
    }

    /** What is known of somebody; empty where they are not in. */
    Optional<Entrant> of(String person) {
        return numbers.get(person).flatMap(entrants::get);
    }

    /** Who entered last, the newest first. */
    List<Entrant> lately(int most) {
        List<Entrant> all = new ArrayList<>();
        for (int number = entrants.size(); number > 0 && all.size() < most; number--) {
            entrants.get(number).ifPresent(all::add);
        }
        return all;
    }

    /** Those on whom no draw fell yet, in the order of their numbers. */
    List<Entrant> stillIn() {
        Set<String> out = new HashSet<>();
        head.draws().forEach(each -> out.add(each.person()));
        List<Entrant> in = new ArrayList<>(entrants.first(entrants.size()));
        in.removeIf(each -> out.contains(each.person()));
        return in;
    }
}
