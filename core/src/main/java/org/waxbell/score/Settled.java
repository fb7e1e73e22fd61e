package org.waxbell.score;

import org.waxbell.shelf.Media;

/**
 * What was left open in a part, settled for one ring as far as it can be.
 *
 * @param lengthMs  how long it lasts in milliseconds as far as that is known; 0 for what is done at once
 * @param longestMs when it is cut, in milliseconds; the length itself where that is fixed
 * @param known     whether the length is known; else the part is over when its adapter says so
 * @param pick      which of several wordings is used
 * @param media     the item drawn or named, {@link Media#NONE} where it uses none
 */
public record Settled(long lengthMs, long longestMs, boolean known, Media media, int pick) {
    /** A length that is known and stays. */
    public static Settled fixed(long lengthMs, Media media) {
        return new Settled(lengthMs, lengthMs, true, media, 0);
    }

    /** A length that only its adapter will tell. */
    public static Settled open(long longestMs, Media media) {
        return new Settled(0, longestMs, false, media, 0);
    }

    /** The same with a length that is known now, cut at its longest. */
    public Settled lasting(long lengthMs) {
        return new Settled(Math.min(Math.max(0, lengthMs), longestMs), longestMs, true, media, pick);
    }

    /** The same with another of several wordings. */
    public Settled picking(int which) {
        return new Settled(lengthMs, longestMs, known, media, which);
    }

    /** How long it may take up its place: the length where it is known, else its longest. */
    public long claimMs() {
        return known ? lengthMs : longestMs;
    }
}
