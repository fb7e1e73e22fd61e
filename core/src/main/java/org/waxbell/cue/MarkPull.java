package org.waxbell.cue;

import java.util.Set;
import org.waxbell.check.Problems;
import org.waxbell.event.Fact;

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
