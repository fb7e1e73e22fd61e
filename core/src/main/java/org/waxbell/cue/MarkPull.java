package org.waxbell.cue;

import java.util.Set;
import org.waxbell.check.Problems;
import org.waxbell.event.HouseEvent;

/**
 * Sets the cue off when a number of the slate crosses a mark.
 *
 * @param value id of the value
 * @param mark  reached or passed going up; reached or undercut going down
 * @param up    the direction in which it is crossed
 */
public record MarkPull(String value, long mark, boolean up) implements Pull {
    private static final Set<String> FIELDS = Set.of("valueName", "valueNow", "valueBefore");

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
                event -> event instanceof HouseEvent.ValueMoved moved
                        && moved.value().equals(value)
                        && (up
                                ? moved.before() < mark && mark <= moved.now()
                                : moved.now() <= mark && mark < moved.before()));
    }

    @Override
    public void check(Problems problems) {
        problems.at("value").text(value, 40, "The name of the value");
    }
}
