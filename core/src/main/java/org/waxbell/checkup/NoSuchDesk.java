package org.waxbell.checkup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.waxbell.fixture.Fixture;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.Wiring;

/** A fixture that shows a desk which is no more: it stays empty on air. */
final class NoSuchDesk implements Rule {
    @Override
    public String name() {
        return "no-such-desk";
    }

    @Override
    public List<Remark> look(Wiring wiring) {
        List<Remark> remarks = new ArrayList<>();
        for (Stage stage : wiring.stages()) {
            for (Fixture fixture : stage.fixtures()) {
                if (fixture.shows().filter(id -> wiring.desk(id).isEmpty()).isPresent()) {
                    remarks.add(new Remark(
                            Remark.Severity.GRAVE,
                            name(),
                            "",
                            "stages." + stage.id() + "." + fixture.id(),
                            fixture.name() + " on the stage " + stage.name()
                                    + " shows a desk that is no more, so nothing is seen.",
                            "Choose another there, or take it away.",
                            Optional.empty()));
                }
            }
        }
        return remarks;
    }
}
