package org.waxbell.directive;

import java.util.Map;
import java.util.Optional;

/**
 * Show something on a spot or by a fixture of a stage, and take it away again when its time is up.
 *
 * @param lengthMs how long, in milliseconds, coming in and going out included
 * @param place    the spot or fixture
 * @param media    hash of its picture or video, empty text for none
 */
public record ShowThing(
        String partRun, long meantFor, long lengthMs, String stage, String place, String media, Shown shown)
        implements Directive, StageDirective {
    @Override
    public Optional<StandIn> standIn() {
        return shown.standsInMs().map(takes -> new StandIn(Math.min(lengthMs, takes), Map.of()));
    }
}
