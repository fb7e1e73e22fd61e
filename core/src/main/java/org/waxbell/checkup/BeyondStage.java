package org.waxbell.checkup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.waxbell.booking.Frame;
import org.waxbell.booking.Spot;
import org.waxbell.fixture.Fixture;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.Wiring;

/** A spot that lies beyond its stage, so that what stands there is cut off. */
final class BeyondStage implements Rule {
    @Override
    public String name() {
        return "beyond-stage";
    }

    @Override
    public List<Remark> look(Wiring wiring) {
        List<Remark> remarks = new ArrayList<>();
        for (Stage stage : wiring.stages()) {
            for (Spot spot : stage.spots()) {
                look(stage, spot.id(), "The spot " + spot.name(), spot.frame(), remarks);
            }
            for (Fixture fixture : stage.fixtures()) {
                look(stage, fixture.id(), fixture.name(), fixture.frame(), remarks);
            }
        }
        return remarks;
    }

    private void look(Stage stage, String id, String what, Frame frame, List<Remark> remarks) {
        if (frame.beyond(stage.width(), stage.height())) {
            remarks.add(new Remark(
                    Remark.Severity.DOUBTFUL,
                    name(),
                    "",
                    "stages." + stage.id() + "." + id,
                    what + " reaches beyond the stage " + stage.name() + ".",
                    "Move it, or make it smaller.",
                    Optional.empty()));
        }
    }
}
