package org.waxbell.checkup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.waxbell.booking.Spot;
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
                if (spot.x() < 0 || spot.y() < 0 || spot.x() + spot.width() > stage.width() || spot.y() + spot.height() > stage.height()) {
                    remarks.add(new Remark(Remark.Severity.DOUBTFUL, name(), "", "stages." + stage.id() + "." + spot.id(), "The spot " + spot.name()
                            + " reaches beyond the stage " + stage.name() + ".", "Move it, or make it smaller.", Optional.empty()));
                }
            }
        }
        return remarks;
    }
}
