package org.waxbell.checkup;

import java.util.List;
import org.waxbell.cue.Cue;
import org.waxbell.wiring.Wiring;

/** Looks at a wiring for one kind of mistake. */
interface Rule {
    /** Its name, small letters and hyphens. */
    String name();

    /** What it finds, in the order of the list of cues. */
    List<Remark> look(Wiring wiring);

    /** What it finds that is about one cue of it. */
    default List<Remark> about(Wiring wiring, Cue cue) {
        return look(wiring).stream()
                .filter(each -> each.cueId().equals(cue.id()))
                .toList();
    }
}
