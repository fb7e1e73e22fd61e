package org.waxbell.tune;

import java.util.Optional;
import org.waxbell.catalogue.Tune;
import org.waxbell.event.Viewer;

/**
 * The tune that plays.
 *
 * @param number counts the tunes that were played
 * @param person who asked for it, by identity; empty text for the host, and for the fallback list
 * @param name   the same as they are called
 * @param fallback whether it plays because nobody asks
 * @param asked  when it was asked for, milliseconds since 1970 UTC
 * @param began  when it began, milliseconds since 1970 UTC; it is moved on by pauses, so its place follows from it
 * @param paused when it was paused, milliseconds since 1970 UTC; 0 while it runs
 */
public record Playing(
        long number, Tune tune, String person, String name, boolean fallback, long asked, long began, long paused) {
    /** Who asked for it; empty where that was no viewer. */
    Optional<Viewer> viewer() {
        return Request.viewer(person, name);
    }

    /** When its last note is over, milliseconds since 1970 UTC; never while it is paused. */
    long ends() {
        return paused > 0 ? Long.MAX_VALUE : began + tune.lengthMs();
    }

    /** How much of it was played, in milliseconds. */
    long place(long at) {
        return Math.max(0, Math.min(tune.lengthMs(), (paused > 0 ? paused : at) - began));
    }

    Playing pausedAt(long at) {
        return new Playing(number, tune, person, name, fallback, asked, began, at);
    }

    Playing goingOn(long at) {
        return new Playing(number, tune, person, name, fallback, asked, began + at - paused, 0);
    }
}
