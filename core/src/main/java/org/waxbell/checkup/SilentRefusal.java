package org.waxbell.checkup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.waxbell.cue.Cue;
import org.waxbell.cue.HeldAnswer;
import org.waxbell.gate.Gate;
import org.waxbell.wiring.Wiring;

/** A command that asks for something and says nothing when it is missing. */
final class SilentRefusal extends CueRule {
    SilentRefusal() {
        super("silent-refusal", Remark.Severity.HINT);
    }

    @Override
    void look(Wiring wiring, Cue cue, Found found) {
        for (Gate gate : cue.gates()) {
            boolean asks =
                    gate.kind().name().equals("argument") || gate.kind().name().equals("price");
            if (asks
                    && cue.whenHeld().stream()
                            .noneMatch(each -> each.gate().equals(gate.kind().name()))) {
                List<HeldAnswer> answers = new ArrayList<>(cue.whenHeld());
                answers.add(new HeldAnswer(gate.kind().name(), "{viewer}: {reason}."));
                found.add(
                        "whenHeld",
                        "When " + (gate.kind().name().equals("price") ? "points are" : "what it needs is")
                                + " missing, the viewer hears nothing.",
                        "Let it say why.",
                        cue.fields().contains("viewer") ? Optional.of(cue.withAnswers(answers)) : Optional.empty());
            }
        }
    }
}
