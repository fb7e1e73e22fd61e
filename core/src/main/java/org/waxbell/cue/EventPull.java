package org.waxbell.cue;

import java.util.Collections;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.waxbell.check.Problems;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;

/**
 * Sets the cue off when the channel tells of an event, when a show opens or closes, or when something on a desk is over.
 *
 * @param event   kind of event, such as {@code gift}
 * @param atLeast least values of its numbers, such as {@code giftWorth: 50}
 * @param exactly texts that its fields must have, however their capitals are, such as {@code giftItem: Lantern}
 */
public record EventPull(String event, Map<String, Long> atLeast, Map<String, String> exactly) implements Pull {
    public EventPull {
        // In order of their names, so that the same pull is always written the same.
        atLeast = Collections.unmodifiableMap(new TreeMap<>(atLeast));
        exactly = Collections.unmodifiableMap(new TreeMap<>(exactly));
    }

    @Override
    public Set<String> fields() {
        return Facts.awaited(event)
                .map(kind -> kind.sample())
                .map(sample -> sample.values().keySet())
                .orElse(Set.of());
    }

    @Override
    public Set<String> numbers() {
        return Facts.awaited(event)
                .map(kind -> kind.sample())
                .map(sample -> sample.numbers().keySet())
                .orElse(Set.of());
    }

    @Override
    public long exactness() {
        return Exactness.ofFilters(exactly.size(), atLeast.values());
    }

    @Override
    public void enter(PullIndex index) {
        index.byKind(event, this::fits);
    }

    private boolean fits(ShowEvent happened) {
        return atLeast.entrySet().stream()
                        .allMatch(each -> happened.numbers().getOrDefault(each.getKey(), 0L) >= each.getValue())
                && exactly.entrySet().stream()
                        .allMatch(each -> WordKey.of(happened.values().getOrDefault(each.getKey(), ""))
                                .equals(WordKey.of(each.getValue())));
    }

    @Override
    public void check(Problems problems) {
        ShowEvent sample = Facts.awaited(event).map(kind -> kind.sample()).orElse(null);
        if (sample == null) {
            problems.at("event").add(event, "There is no such event.", "Choose one of " + Facts.awaited() + ".");
            return;
        }
        names(problems.at("atLeast"), atLeast, sample.numbers().keySet());
        names(problems.at("exactly"), exactly, sample.values().keySet());
        atLeast.forEach((name, least) ->
                problems.at("atLeast").at(name).within(least, 0, Integer.MAX_VALUE, "The least value", ""));
    }

    private static void names(Problems problems, Map<String, ?> filters, Set<String> known) {
        for (String name : filters.keySet()) {
            if (!known.contains(name)) {
                problems.at(name)
                        .add(
                                name,
                                "The event has no such field.",
                                known.isEmpty() ? "Take it away." : "Use one of " + new TreeSet<>(known) + ".");
            }
        }
    }
}
