package org.waxbell.crowd;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What a crowd is doing now, beside who does it.
 *
 * @param held     until when each key is held, milliseconds since 1970 UTC, by key
 * @param presses  how many there were in this show
 * @param began    when the vote that goes began, 0 where none goes
 * @param tally    how many votes each word has
 * @param recent   who pressed what last, the newest first
 */
public record CrowdHead(
        Map<String, Long> held, long presses, long began, Map<String, Integer> tally, List<Pressed> recent) {
    /** Nobody presses anything. */
    static final CrowdHead NEW = new CrowdHead(Map.of(), 0, 0, Map.of(), List.of());

    private static final int MOST_RECENT = 6;

    /** A press. @param at milliseconds since 1970 UTC @param won by how many votes it was chosen, 0 where it was pressed at once */
    public record Pressed(long at, String name, String word, int won) {}

    public CrowdHead {
        held = Map.copyOf(held);
        tally = Map.copyOf(tally);
        recent = List.copyOf(recent);
    }

    CrowdHead holding(String key, long until) {
        Map<String, Long> more = new TreeMap<>(held);
        more.put(key, until);
        return new CrowdHead(more, presses, began, tally, recent);
    }

    CrowdHead lifting(String key) {
        Map<String, Long> less = new TreeMap<>(held);
        less.remove(key);
        return new CrowdHead(less, presses, began, tally, recent);
    }

    CrowdHead pressed(Pressed press) {
        List<Pressed> all = new ArrayList<>(recent);
        all.add(0, press);
        return new CrowdHead(held, presses + 1, began, tally, all.subList(0, Math.min(MOST_RECENT, all.size())));
    }

    /** One more vote for a word, or one less. */
    CrowdHead voted(String word, int by) {
        Map<String, Integer> more = new TreeMap<>(tally);
        more.merge(word, by, Integer::sum);
        more.values().removeIf(each -> each <= 0);
        return new CrowdHead(held, presses, began, more, recent);
    }

    /** A vote begins, or with 0 is over. */
    CrowdHead vote(long from) {
        return new CrowdHead(held, presses, from, Map.of(), recent);
    }

    /** A show opens. */
    CrowdHead anew() {
        return new CrowdHead(held, 0, began, tally, List.of());
    }
}
