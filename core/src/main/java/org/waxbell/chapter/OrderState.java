package org.waxbell.chapter;

import java.util.ArrayList;
import java.util.List;
import org.waxbell.act.Asking;
import org.waxbell.event.Target;

/**
 * Where an evening is.
 *
 * @param chapter the id of the one that is on, empty text for none
 * @param since   since when, milliseconds since 1970 UTC
 * @param began   when the first of the evening was entered, milliseconds since 1970 UTC; 0 before any
 * @param due     whether it was told already that its planned time is up
 * @param past    the chapters of the evening that are over, the latest last
 * @param held    how targets stand by the chapter that is on
 * @param undo    what undoes what it asked desks for, in the order in which it asked
 */
public record OrderState(
        String chapter, long since, long began, boolean due, List<Spent> past, List<Setting> held, List<Asking> undo) {
    private static final int MOST_PAST = 60;

    /** A chapter that is over. @param from when it was entered @param to when it was left; both milliseconds since 1970 UTC */
    public record Spent(String chapter, String name, long from, long to) {}

    static final OrderState NONE = new OrderState("", 0, 0, false, List.of(), List.of(), List.of());

    public OrderState {
        past = List.copyOf(past);
        held = List.copyOf(held);
        undo = List.copyOf(undo);
    }

    /** What tells this time of a chapter from others. */
    String mark() {
        return chapter + "/" + since;
    }

    boolean isOn() {
        return !chapter.isEmpty();
    }

    /** A chapter is on from now on. @param name of the one that was */
    OrderState entering(Chapter next, String name, long at) {
        return new OrderState(
                next.id(), at, isOn() ? began : at, false, isOn() ? left(name, at) : List.of(), next.sets(), List.of());
    }

    OrderState ended(String name, long at) {
        return new OrderState("", at, began, false, left(name, at), List.of(), List.of());
    }

    private List<Spent> left(String name, long at) {
        List<Spent> more = new ArrayList<>(past.size() < MOST_PAST ? past : past.subList(1, past.size()));
        more.add(new Spent(chapter, name, since, at));
        return more;
    }

    OrderState told() {
        return new OrderState(chapter, since, began, true, past, held, undo);
    }

    OrderState undoing(Asking more) {
        List<Asking> all = new ArrayList<>(undo);
        all.add(more);
        return new OrderState(chapter, since, began, due, past, held, all);
    }

    /** A person switched a target: it is theirs from now on. */
    OrderState without(Target target) {
        return new OrderState(
                chapter,
                since,
                began,
                due,
                past,
                held.stream().filter(each -> !each.target().equals(target)).toList(),
                undo);
    }
}
