package org.waxbell.checkup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.gate.ArgumentGate;
import org.waxbell.gate.Gate;
import org.waxbell.score.CardPart;
import org.waxbell.score.Part;
import org.waxbell.wiring.Wiring;
import org.waxbell.words.Wording;

/** Words or a portrait of whom the writer names, where nobody need be named. */
final class NobodyNamed extends CueRule {
    NobodyNamed() {
        super("nobody-named", Remark.Severity.DOUBTFUL);
    }

    @Override
    void look(Wiring wiring, Cue cue, Found found) {
        boolean typed = cue.pulls().stream().anyMatch(ChatWordPull.class::isInstance);
        if (!typed || Cues.gate(cue, ArgumentGate.class).isPresent()) {
            return;
        }
        for (Placed each : parts(cue)) {
            if (names(each.part())) {
                found.add(
                        each.path(),
                        "It shows or says whom the writer names, and stays empty where nobody is named.",
                        "Let it ring only where a name stands behind the word.",
                        Optional.of(asking(cue)));
                return;
            }
        }
    }

    private static boolean names(Part part) {
        return part instanceof CardPart card && card.portrait().equals(CardPart.NAMED)
                || part.patterns().stream()
                        .filter(pattern -> Wording.faultOf(pattern) == null)
                        .flatMap(pattern -> Wording.uses(pattern).stream())
                        .anyMatch(use -> !use.guarded() && use.name().startsWith("named"));
    }

    private static Cue asking(Cue cue) {
        List<Gate> gates = new ArrayList<>(cue.gates());
        gates.add(new ArgumentGate(ArgumentGate.Wants.VIEWER, 1, 100, List.of(), false, ""));
        return cue.withGates(gates);
    }
}
