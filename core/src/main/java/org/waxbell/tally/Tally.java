package org.waxbell.tally;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.slate.SlateValue;

/**
 * Counts what a channel tells: the latest of each kind, for good, and how much of it there was tonight. The counts are values of
 * the slate that nobody need wire; words, conditions, marks, labels and goals read them as they read any other.
 */
public final class Tally {
    /** The values, in the order in which they are offered. */
    public static final List<SlateValue> VALUES = List.of(
            latest("latestFollower", "Latest follower"),
            latest("latestMember", "Latest member"),
            latest("latestGiver", "Who gave last"),
            latest("latestGift", "What was given last"),
            latest("latestTipper", "Who tipped last"),
            latest("latestArrival", "Who arrived last"),
            tonight("followsTonight", "Follows tonight"),
            tonight("membersTonight", "Memberships tonight"),
            tonight("giftsTonight", "Gifts tonight"),
            tonight("giftWorthTonight", "Worth of tonight's gifts"),
            tonight("tipsTonight", "Tips tonight, in hundredths"),
            tonight("arrivalsTonight", "Viewers who arrived tonight"));

    private Tally() {}

    private static SlateValue latest(String id, String name) {
        return new SlateValue(id, name, false, false, true, "nobody yet");
    }

    private static SlateValue tonight(String id, String name) {
        return new SlateValue(id, name, true, false, false, "0");
    }

    /** Whether a value of that id is counted by the program itself. */
    public static boolean counts(String id) {
        return VALUES.stream().anyMatch(each -> each.id().equals(id));
    }

    /** What a fact writes anew, by id of the value and in its order; empty for most. */
    public static Map<String, String> latest(Fact fact) {
        String name = fact.who();
        if (fact.is(Facts.FOLLOW)) {
            return Map.of("latestFollower", name);
        } else if (fact.is(Facts.MEMBERSHIP)) {
            return Map.of("latestMember", name);
        } else if (fact.is(Facts.GIFT)) {
            return new TreeMap<>(Map.of("latestGiver", name, "latestGift", fact.text("item")));
        } else if (fact.is(Facts.TIP)) {
            return Map.of("latestTipper", name);
        }
        return fact.is(Facts.ARRIVAL) ? Map.of("latestArrival", name) : Map.of();
    }

    /** What a fact adds, by id of the value and in its order; empty for most. */
    public static Map<String, Long> adds(Fact fact) {
        if (fact.is(Facts.FOLLOW)) {
            return Map.of("followsTonight", 1L);
        } else if (fact.is(Facts.MEMBERSHIP)) {
            return Map.of("membersTonight", 1L);
        } else if (fact.is(Facts.GIFT)) {
            long count = fact.number("count");
            return new TreeMap<>(Map.of("giftsTonight", count, "giftWorthTonight", fact.number("worth") * count));
        } else if (fact.is(Facts.TIP)) {
            return Map.of("tipsTonight", fact.number("cents"));
        }
        return fact.is(Facts.ARRIVAL) ? Map.of("arrivalsTonight", fact.number("viewers")) : Map.of();
    }
}
