package org.waxbell.tune;

import java.util.List;
import java.util.Optional;
import org.waxbell.catalogue.Tune;
import org.waxbell.fixture.Face;

/**
 * What the desk of tunes shows on a stage, and lets it sound.
 *
 * @param now     the tune that plays
 * @param after   the tune that follows, as far as it is known, so that pages can begin it without a gap
 * @param next    what waits, the first few
 * @param waiting how many wait
 * @param volume  0 to 100
 * @param crossMs how long one fades into the next, in milliseconds
 */
public record TunesFace(
        Optional<Sounding> now, Optional<Sounding> after, List<Waits> next, int waiting, int volume, long crossMs)
        implements Face {
    /** A tune as pages play it. @param filmed whether its video is seen @param name of who asked, empty text for nobody @param began when it begins, milliseconds since 1970 UTC @param paused when it was paused, 0 while it runs */
    public record Sounding(Tune tune, boolean filmed, String name, long began, long paused) {
        static Sounding of(Tune tune, String name, long began, long paused) {
            return new Sounding(tune, tune.filmed(), name, began, paused);
        }
    }

    /** One that waits. @param name of who asked */
    public record Waits(String title, String name) {}

    public TunesFace {
        next = List.copyOf(next);
    }
}
