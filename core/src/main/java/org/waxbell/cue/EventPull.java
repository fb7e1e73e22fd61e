package org.waxbell.cue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.waxbell.check.Problems;
import org.waxbell.event.FactKind;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;
import org.waxbell.words.WordKey;

/**
 * Sets the cue off when the channel tells of an event, when a show opens or closes, or when something on a desk is over.
 *
 * @param event   kind of event, such as {@code gift}
 * @param atLeast least values of its numbers, such as {@code giftWorth: 50}
 * @param exactly texts that its fields must have, however their capitals are, such as {@code giftItem: Lantern}
 */
public record EventPull(String event, Map<String, Long> atLeast, Map<String, String> exactly) implements Pull {
    /** What it says of itself. */
    public static final Kind<Pull> KIND = Kind.<Pull>of(
                    EventPull.class, "event", "something happens on the channel", "Event")
            .also("follow membership gift tip arrival reward clip likes show air wheel clock queue turn")
            .with(
                    Field.of(Field.Type.OTHER, "event", "What happens"),
                    Field.of(Field.Type.OTHER, "atLeast", "At least"),
                    Field.of(Field.Type.OTHER, "exactly", "Exactly"))
            .making(on -> new EventPull("", Map.of(), Map.of()));

    public EventPull {
        // In order of their names, so that the same pull is always written the same.
        atLeast = Collections.unmodifiableMap(new TreeMap<>(atLeast));
        exactly = Collections.unmodifiableMap(new TreeMap<>(exactly));
    }

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Said said(Naming names) {
        List<String> filters = new ArrayList<>();
        atLeast.forEach((name, least) -> filters.add(spoken(name) + " at least " + least));
        exactly.forEach((name, text) -> filters.add(spoken(name) + " " + text));
        if (event.isEmpty()) {
            return Said.of("something that is still to be chosen happens");
        }
        String happens = Facts.awaited(event).map(FactKind::happens).orElse(event);
        return Said.of(happens + (filters.isEmpty() ? "" : " (" + String.join(", ", filters) + ")"));
    }

    /** A name of words as people read it: {@code giftWorth} is {@code gift worth}. */
    public static String spoken(String name) {
        return name.replaceAll("([A-Z])", " $1").toLowerCase(Locale.ROOT);
    }

    @Override
    public ShowEvent sample(Sampling on) {
        return Facts.awaited(event)
                .<ShowEvent>map(kind -> kind.sample((field, usual) -> {
                    Long least = atLeast.get(field.name());
                    String exact = exactly.get(field.name());
                    return exact != null && usual instanceof String
                            ? exact
                            : least != null && usual instanceof Long ? least : usual;
                }))
                .orElseGet(() -> on.line("good evening"));
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
        if (event.isEmpty()) {
            problems.at("event").add(event, "It is not chosen yet what happens.", "Choose an event.");
            return;
        }
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
