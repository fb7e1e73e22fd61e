package org.waxbell.checkup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.waxbell.cue.Cue;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.Gate;
import org.waxbell.gate.LimitGate;
import org.waxbell.gate.PriceGate;
import org.waxbell.score.Part;
import org.waxbell.score.SoundPart;
import org.waxbell.score.VoicePart;
import org.waxbell.wiring.Wiring;

/** A sound that everyone may ring again and again. */
final class LoudWithoutRest extends CueRule {
    private static final long REST = 10_000;

    LoudWithoutRest() {
        super("loud-without-rest", Remark.Severity.DOUBTFUL);
    }

    @Override
    void look(Wiring wiring, Cue cue, Found found) {
        boolean held = Cues.restMs(cue) > 0
                || Cues.gate(cue, LimitGate.class).isPresent()
                || Cues.gate(cue, PriceGate.class).isPresent();
        for (Placed each : parts(cue)) {
            if (!held && cue.openToAll() && isHeard(each.part())) {
                found.add(
                        "gates",
                        each.part() instanceof SoundPart
                                ? "Everyone may ring this sound as often as they like."
                                : "Everyone may have this said as often as they like.",
                        "Give it a cooldown, such as 10 s.",
                        Optional.of(rested(cue)));
                return;
            }
        }
    }

    /** Whether it is heard as soon as it rings; what the host hears first is not. */
    private static boolean isHeard(Part part) {
        return part.lane().heard()
                && !(part instanceof VoicePart voice
                        && voice.earFirst()
                        && !voice.strange().isEmpty());
    }

    private static Cue rested(Cue cue) {
        List<Gate> gates = new ArrayList<>(cue.gates());
        long own = Cues.gate(cue, CooldownGate.class)
                .map(CooldownGate::perViewerMs)
                .orElse(0L);
        gates.removeIf(CooldownGate.class::isInstance);
        gates.add(new CooldownGate(REST, own));
        return cue.withGates(gates);
    }
}
