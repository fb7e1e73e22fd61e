package org.waxbell.directive;

import java.util.Map;
import java.util.Optional;

/** Keep the last seconds as a clip, and report its {@code address} and {@code title}. @param link the channel to keep it on, empty text for the home one */
public record MakeClip(String partRun, long meantFor, String link, int seconds, String title) implements Directive {
    private static final long STAND_IN_TAKES_MS = 2_000;

    @Override
    public Wave wave() {
        return Wave.DONE;
    }

    @Override
    public String untaken() {
        return "no link is set up that makes clips" + (link.isEmpty() ? "" : " on " + link);
    }

    @Override
    public Optional<StandIn> standIn() {
        return Optional.of(
                new StandIn(STAND_IN_TAKES_MS, Map.of("address", "rehearsed-clip-" + partRun, "title", title)));
    }
}
