package org.waxbell.directive;

import java.util.Map;
import java.util.Optional;

/** Put a notice up for the community. @param words with line breaks @param picture the hash of a picture of the shelf, empty text for none @param link an address that belongs to it, such as that of a clip; empty text for none */
public record PostNotice(String partRun, long meantFor, String words, String picture, String link)
        implements Directive {
    private static final long STAND_IN_TAKES_MS = 200;

    @Override
    public Wave wave() {
        return Wave.DONE;
    }

    @Override
    public String untaken() {
        return "no noticeboard is set up";
    }

    @Override
    public Optional<StandIn> standIn() {
        return Optional.of(new StandIn(STAND_IN_TAKES_MS, Map.of()));
    }
}
