package org.waxbell.directive;

import java.util.Map;
import java.util.Optional;

/**
 * Play a sound on an outlet of a stage.
 *
 * @param lengthMs length of the sound in milliseconds
 * @param media    hash of the sound
 * @param volume   loudness in percent of the file's own, 0 to 100
 * @param open     whether the length is not known and the page tells when it was over
 */
public record PlaySound(
        String partRun,
        long meantFor,
        long lengthMs,
        String stage,
        String outlet,
        String media,
        int volume,
        boolean open)
        implements Directive, StageDirective {
    private static final long STAND_IN_TAKES_MS = 5_000;

    @Override
    public Optional<StandIn> standIn() {
        return open ? Optional.of(new StandIn(Math.min(lengthMs, STAND_IN_TAKES_MS), Map.of())) : Optional.empty();
    }
}
