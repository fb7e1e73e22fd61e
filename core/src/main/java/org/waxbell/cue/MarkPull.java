package org.waxbell.cue;

import java.util.Set;
import org.waxbell.actor.Actor;
import org.waxbell.check.Problems;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;

/**
 * Sets the cue off when a number of the slate crosses a mark.
 *
 * @param value id of the value
 * @param mark  reached or passed going up; reached or undercut going down
 * @param up    the direction in which it is crossed
 */
public record MarkPull(String value, long mark, boolean up) implements Pull {
    /** What it says of itself. */
    public static final Kind<Pull> KIND = Kind.<Pull>of(
                    MarkPull.class, "mark", "a number on the slate crosses a mark", "Number reached")
            .also("goal variable counter")
            .with(
                    Field.choice("value", "Number", From.NUMBERS),
                    Field.of(Field.Type.NUMBER, "mark", "The number to reach"),
                    Field.flag("up", "going up (else down)"))
            .making(on -> new MarkPull("", 10, true));

    private static final Set<String> FIELDS = Set.of("valueName", "valueNow", "valueBefore");

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Said said(Naming names) {
        return Said.of((value.isEmpty() ? "a number" : names.value(value)) + " on the slate "
                + (up ? "reaches " : "falls to ") + mark);
    }

    @Override
    public ShowEvent sample(Sampling on) {
        return Facts.VALUE_MOVED.by(Actor.PROGRAM, value, up ? mark - 1 : mark + 1, mark);
    }

    @Override
    public Set<String> fields() {
        return FIELDS;
    }

    @Override
    public Set<String> numbers() {
        return Set.of("valueNow", "valueBefore");
    }

    @Override
    public void enter(PullIndex index) {
        index.byKind(
                "value",
                event -> event instanceof Fact moved
                        && moved.text("value").equals(value)
                        && crosses(moved.number("before"), moved.number("now")));
    }

    private boolean crosses(long before, long now) {
        return up ? before < mark && mark <= now : now <= mark && mark < before;
    }

    @Override
    public void check(Problems problems) {
        problems.at("value").text(value, 40, "The name of the value");
    }
}
