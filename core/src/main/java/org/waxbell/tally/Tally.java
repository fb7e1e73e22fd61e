package org.waxbell.tally;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.waxbell.event.ChannelEvent;
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

    /** What an event writes anew, by id of the value and in its order; empty for most. */
    public static Map<String, String> latest(ChannelEvent event) {
        String name = event.viewer().name();
        if (event instanceof ChannelEvent.Followed) {
            return Map.of("latestFollower", name);
        } else if (event instanceof ChannelEvent.Membership) {
            return Map.of("latestMember", name);
        } else if (event instanceof ChannelEvent.Gift gift) {
            return new TreeMap<>(Map.of("latestGiver", name, "latestGift", gift.item()));
        } else if (event instanceof ChannelEvent.Tip) {
            return Map.of("latestTipper", name);
        }
        return event instanceof ChannelEvent.Arrival ? Map.of("latestArrival", name) : Map.of();
    }

    /** What an event adds, by id of the value and in its order; empty for most. */
    public static Map<String, Long> adds(ChannelEvent event) {
        if (event instanceof ChannelEvent.Followed) {
            return Map.of("followsTonight", 1L);
        } else if (event instanceof ChannelEvent.Membership) {
            return Map.of("membersTonight", 1L);
        } else if (event instanceof ChannelEvent.Gift gift) {
            return new TreeMap<>(Map.of("giftsTonight", gift.count(), "giftWorthTonight", gift.worth() * gift.count()));
        } else if (event instanceof ChannelEvent.Tip tip) {
            return Map.of("tipsTonight", tip.cents());
        }
        return event instanceof ChannelEvent.Arrival arrival ? Map.of("arrivalsTonight", arrival.viewers()) : Map.of();
    }
}
