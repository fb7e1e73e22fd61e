package org.waxbell.app.wiring;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.waxbell.act.DeskSheet;
import org.waxbell.check.Problem;
import org.waxbell.check.Problems;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.port.Calendars;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.CueCheck;
import org.waxbell.wiring.House;
import org.waxbell.wiring.Wiring;
import org.waxbell.wiring.WiringCheck;

/** What is wrong with one document that is to be saved or taken away. */
final class DocumentCheck {
    private DocumentCheck() {}

    /** A rack is switched on air, so nothing is asked of the cues for that; a change of what cues stand on must break none. @param value null where it is taken away */
    static List<Problem> of(
            DocumentSet current, DocumentSet next, DocumentKind kind, @Nullable Object value, Calendars calendars) {
        if (value instanceof Cue cue) {
            return CueCheck.check(current.wiring(), cue, calendars);
        }
        List<Problem> all = new ArrayList<>(alone(value, next.wiring()));
        boolean onlySwitched = kind == DocumentKind.RACK && value != null;
        if (all.isEmpty() && !onlySwitched && (kind != DocumentKind.CUE || value == null)) {
            all.addAll(WiringCheck.broken(current.wiring(), next.wiring(), calendars));
        }
        return all;
    }

    private static List<Problem> alone(@Nullable Object value, Wiring next) {
        Problems problems = new Problems();
        if (value instanceof House house) {
            house.check(problems);
        } else if (value instanceof Rack rack) {
            rack.check(problems);
        } else if (value instanceof Stage stage) {
            stage.check(problems, next.inWords(), next.shelf(), next.desks(), next.looks());
        } else if (value instanceof DeskSheet desk) {
            WiringCheck.desk(desk, problems);
        }
        return problems.found();
    }
}
