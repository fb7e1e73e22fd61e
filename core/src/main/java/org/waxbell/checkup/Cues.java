package org.waxbell.checkup;

import java.util.Optional;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.cue.PatternPull;
import org.waxbell.cue.PhrasePull;
import org.waxbell.event.Standing;
import org.waxbell.gate.CooldownGate;
import org.waxbell.gate.Gate;
import org.waxbell.gate.WhoGate;

/** What several rules ask of a cue. */
final class Cues {
    private Cues() {}

    /** The gate of a kind. */
    static <G extends Gate> Optional<G> gate(Cue cue, Class<G> kind) {
        return cue.gates().stream().filter(kind::isInstance).map(kind::cast).findFirst();
    }

    /** Whether any viewer may set it off by writing. */
    static boolean openToAll(Cue cue) {
        boolean typed = cue.pulls().stream()
                .anyMatch(pull ->
                        pull instanceof ChatWordPull || pull instanceof PhrasePull || pull instanceof PatternPull);
        return typed
                && gate(cue, WhoGate.class)
                        .map(who -> who.standings().contains(Standing.ANYONE)
                                || who.standings().contains(Standing.FOLLOWER))
                        .orElse(true);
    }

    /** How often it may ring at most for all, in milliseconds between; 0 for as often as it comes. */
    static long restMs(Cue cue) {
        return gate(cue, CooldownGate.class).map(CooldownGate::forAllMs).orElse(0L);
    }
}
