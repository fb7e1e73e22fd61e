package org.waxbell.checkup;

import java.util.Optional;
import org.waxbell.cue.Cue;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.Gate;

/** What several rules ask of a cue. */
final class Cues {
    private Cues() {}

    /** The gate of a kind. */
    static <G extends Gate> Optional<G> gate(Cue cue, Class<G> kind) {
        return cue.gates().stream().filter(kind::isInstance).map(kind::cast).findFirst();
    }

    /** How often it may ring at most for all, in milliseconds between; 0 for as often as it comes. */
    static long restMs(Cue cue) {
        return gate(cue, CooldownGate.class).map(CooldownGate::forAllMs).orElse(0L);
    }
}
