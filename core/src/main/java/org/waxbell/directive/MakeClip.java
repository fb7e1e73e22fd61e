package org.waxbell.directive;

import java.util.Map;
import java.util.Optional;

/** Keep the last seconds as a clip, and report what came of it. @param title plain text @param maker the name of who wants it, empty text for nobody */
public record MakeClip(String partRun, long meantFor, int seconds, String title, String maker) implements Directive {
    private static final long STAND_IN_TAKES_MS = 2_000;

    @Override
    public Wave wave() {
        return Wave.DONE;
    }

    @Override
    public String untaken() {
        return "no link is set up that makes clips";
    }

    @Override
    public Optional<StandIn> standIn() {
        return Optional.of(new StandIn(
                STAND_IN_TAKES_MS,
                Map.of(
                        "address",
                        "rehearsed-clip-" + partRun,
                        "title",
                        title,
                        "seconds",
                        Integer.toString(seconds),
                        "maker",
                        maker,
                        "outcome",
                        "made",
                        "answer",
                        "kept")));
    }
}
