package org.waxbell.link;

import org.jspecify.annotations.Nullable;

/**
 * What a link is doing, since when, what it heard last, and what went wrong. Moments are milliseconds since 1970 UTC, 0 for never.
 *
 * @param since     since when it is in this phase
 * @param trouble   what is wrong or was wrong last, kept while it connects again; null where nothing is
 * @param failures  how often in a row it could not connect or was cut
 * @param nextTry   when it connects again by itself, 0 where it does not wait for that
 * @param heardAt   when it heard last
 * @param heard     what that was, as short text
 * @param roundTrip the last measured way there and back in milliseconds, less than 0 where it is not known
 */
public record LinkState(
        Phase phase,
        long since,
        @Nullable Trouble trouble,
        int failures,
        long nextTry,
        long heardAt,
        String heard,
        double roundTrip) {
    private static final int LONGEST_HEARD = 120;
    /** A link that was just made. */
    public static final LinkState NEW = new LinkState(Phase.UNSET, 0, null, 0, 0, 0, "", -1);

    /** It begins to connect. */
    public LinkState connecting(long at) {
        return new LinkState(
                Phase.CONNECTING, phase == Phase.CONNECTING ? since : at, trouble, failures, 0, heardAt, heard, -1);
    }

    /** It works. */
    public LinkState up(long at) {
        return phase == Phase.UP ? this : new LinkState(Phase.UP, at, null, 0, 0, heardAt, heard, roundTrip);
    }

    /** It does not work, or no longer. @param lot for the wait, from 0 to below 1 */
    public LinkState broken(long at, Trouble why, double lot) {
        if (phase == Phase.PAUSED) {
            return this;
        }
        int count = failures + 1;
        return new LinkState(
                Phase.BROKEN,
                phase == Phase.BROKEN ? since : at,
                why,
                count,
                why.again() ? at + Backoff.after(count, lot) : 0,
                heardAt,
                heard,
                -1);
    }

    /** The host paused it. */
    public LinkState paused(long at) {
        return new LinkState(Phase.PAUSED, at, null, 0, 0, heardAt, heard, -1);
    }

    /** There is nothing to connect to. */
    public LinkState unset(long at) {
        return new LinkState(Phase.UNSET, at, null, 0, 0, heardAt, heard, -1);
    }

    /** It heard something. */
    public LinkState hears(long at, String what) {
        String cut = what.length() > LONGEST_HEARD ? what.substring(0, LONGEST_HEARD) : what;
        return new LinkState(phase, since, trouble, failures, nextTry, at, cut, roundTrip);
    }

    /** The way there and back was measured, in milliseconds. */
    public LinkState measured(double millis) {
        return new LinkState(phase, since, trouble, failures, nextTry, heardAt, heard, millis);
    }

    /** What it is doing, in words, with how often it has tried: {@code connecting, try 3}. */
    public String inWords() {
        return phase.inWords() + (phase == Phase.CONNECTING && failures > 0 ? ", try " + (failures + 1) : "");
    }

    /** Why a part that needs it cannot be done now, as a sentence without a full stop; empty text where it can. @param name what the link is called */
    public String refusal(String name) {
        return switch (phase) {
            case UP -> "";
            case PAUSED -> name + " is paused";
            case UNSET -> name + " is not set up";
            case CONNECTING -> name + " is connecting";
            case BROKEN ->
                name + " is down"
                        + (trouble == null ? "" : ": " + trouble.says().replaceFirst("\\.$", ""));
        };
    }
}
