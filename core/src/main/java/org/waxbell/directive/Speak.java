package org.waxbell.directive;

import java.util.Map;
import java.util.Optional;
import org.waxbell.voice.Utterance;

/**
 * Say something on an outlet of a stage; how long it lasts is reported when it was made.
 *
 * @param lengthMs how long it may take up its outlet, in milliseconds
 * @param volume   loudness in percent, 0 to 100
 * @param caption  where it can be read meanwhile
 */
public record Speak(
        String partRun,
        long meantFor,
        long lengthMs,
        String stage,
        String outlet,
        Utterance what,
        int volume,
        Optional<Caption> caption)
        implements Directive, StageDirective {
    @Override
    public Optional<StandIn> standIn() {
        return Optional.of(new StandIn(Math.min(lengthMs, what.aboutMs()), Map.of()));
    }
}
