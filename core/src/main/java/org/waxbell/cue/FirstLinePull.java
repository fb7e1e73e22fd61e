package org.waxbell.cue;

import java.util.Set;
import org.waxbell.check.Problems;
import org.waxbell.event.Viewer;
import org.waxbell.event.Written;

/**
 * Sets the cue off by the first line tonight. It is spent by the first ring of the cue, so that who writes while the cue is
 * held is greeted later.
 *
 * @param whose         whose line it is
 * @param name          the viewer, where one is named; else empty text
 * @param spentWhenHeld whether it is spent also by a line for which the cue was held
 */
public record FirstLinePull(Whose whose, String name, boolean spentWhenHeld) implements Pull {
    /** Whose first line. */
    public enum Whose {
        /** Each viewer's own. */
        EACH,
        /** The one of the viewer who is named. */
        NAMED,
        /** The very first of the evening, whoever writes it. */
        FIRST_OF_ALL
    }

    @Override
    public Set<String> fields() {
        return Written.FIELDS;
    }

    @Override
    public long exactness() {
        return whose == Whose.NAMED
                ? Exactness.NAMED
                : whose == Whose.FIRST_OF_ALL ? Exactness.FIRST_LINE + 1 : Exactness.FIRST_LINE;
    }

    @Override
    public void enter(PullIndex index) {
        index.byFirstLine(this);
    }

    /** Whether this viewer's line may be meant. */
    public boolean concerns(Viewer viewer) {
        return whose != Whose.NAMED || WordKey.of(viewer.name()).equals(WordKey.of(name));
    }

    /** Under which identity it is spent: the viewer's own, or one for all. */
    public String spentBy(Viewer viewer) {
        return whose == Whose.FIRST_OF_ALL ? "*" : viewer.id();
    }

    @Override
    public void check(Problems problems) {
        if (whose == Whose.NAMED) {
            problems.at("name").text(name, 40, "The name");
        } else if (!name.isEmpty()) {
            problems.at("name")
                    .add(
                            name,
                            "A name is only looked at where one viewer is meant.",
                            "Take it away, or choose the named viewer.");
        }
    }
}
