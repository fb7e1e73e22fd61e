package org.waxbell.evening;

/**
 * How the shutters stand.
 *
 * @param down  whether strangers are kept from ringing
 * @param until when they go up by themselves, milliseconds since 1970 UTC; 0 where that is left to somebody
 * @param why   in words, empty text while they are up
 * @param held  how many things of strangers were held since they came down
 */
public record Shut(boolean down, long until, String why, long held) {
    /** They are up. */
    public static final Shut UP = new Shut(false, 0, "", 0);

    /** One more was held. */
    public Shut holding() {
        return new Shut(down, until, why, held + 1);
    }
}
