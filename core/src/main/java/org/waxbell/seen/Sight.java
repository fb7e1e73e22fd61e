package org.waxbell.seen;

import org.waxbell.mixer.MixerPicture.Standing;

/**
 * What is known of one ring on one stage.
 *
 * @param stage    the id of the stage
 * @param name     what people call it
 * @param screen   whether it had something to show
 * @param sound    whether it had something to sound
 * @param pages    how many pages showed the stage
 * @param painted  whether one of them painted the first frame of all that was to be shown
 * @param mixer    whether the mixer told how it stands
 * @param standing how the stage stood in the mixer meanwhile, at its best
 * @param scene    the name of the scene on programme
 * @param level    what became of the level
 */
public record Sight(
        String stage,
        String name,
        boolean screen,
        boolean sound,
        int pages,
        boolean painted,
        boolean mixer,
        Standing standing,
        String scene,
        Level level) {
    /** What became of the level of the stage's source. */
    public enum Level {
        /** The mixer does not tell levels. */
        UNKNOWN,
        /** It moved. */
        MOVED,
        /** It stayed silent. */
        STILL,
        /** The source is muted. */
        MUTED
    }
}
