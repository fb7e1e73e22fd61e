package org.waxbell.directive;

import java.util.Map;
import java.util.Optional;

/**
 * Play a sound on an outlet of a stage.
 *
 * @param lengthMs length of the sound in milliseconds
 * @param media    hash of the sound
 * @param volume   loudness in percent, 0 to 100
 * @param gain     by how much the file is raised beside that, in hundredths of a decibel
 * @param fromMs   where in the file it begins, in milliseconds
 * @param playMs   how much of it is played from there, in milliseconds; 0 for all
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
        int gain,
        long fromMs,
        long playMs,
        long fadeInMs,
        long fadeOutMs,
        boolean open)
        implements Directive, StageDirective {
    private static final long STAND_IN_TAKES_MS = 5_000;

    @Override
    public Optional<StandIn> standIn() {
        return open ? Optional.of(new StandIn(Math.min(lengthMs, STAND_IN_TAKES_MS), Map.of())) : Optional.empty();
    }
}
