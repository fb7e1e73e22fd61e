package org.waxbell.tune;

import java.util.Optional;
import org.waxbell.catalogue.Tune;
import org.waxbell.event.Viewer;

/**
 * A tune that was played, or that could not be.
 *
 * @param number counts them
 * @param person who asked, by identity; empty text where nobody did
 * @param name   the same as they were called
 * @param asked  when it was asked for, milliseconds since 1970 UTC
 * @param began  when it began, milliseconds since 1970 UTC
 * @param playedMs how much of it was heard, in milliseconds
 * @param how    how it ended
 */
public record PastTune(
        long number,
        Tune tune,
        String person,
        String name,
        boolean fallback,
        long asked,
        long began,
        long playedMs,
        How how) {
    /** Who asked for it; empty where that was no viewer. */
    Optional<Viewer> viewer() {
        return Request.viewer(person, name);
    }

    /** How a tune ended. */
    public enum How {
        /** It was played to its end. */
        PLAYED("played"),
        /** The host went on to the next. */
        SKIPPED("skipped"),
        /** Viewers voted for the next. */
        VOTED("voted away"),
        /** It gave way to what was asked for. */
        GAVE_WAY("gave way"),
        /** Playing was ended. */
        STOPPED("stopped"),
        /** It is not there any more. */
        LOST("lost");

        private final String says;

        How(String says) {
            this.says = says;
        }

        /** How people say it. */
        public String says() {
            return says;
        }
    }
}
