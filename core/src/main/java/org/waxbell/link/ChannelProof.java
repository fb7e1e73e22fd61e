package org.waxbell.link;

import java.util.Locale;

/**
 * The proof that a chat account is the host's: a code that only the console shows is said in chat by that account, within ten
 * minutes; after three wrong codes it is void. Not safe for several threads.
 */
public final class ChannelProof {
    /** How long a code is good, in milliseconds. */
    public static final long GOOD_FOR = 600_000;
    /** How many wrong codes it bears. */
    public static final int TRIES = 3;
    /** What every code begins with, so that a wrong one is known from ordinary talk. */
    public static final String SIGN = "mybell-";

    private final String code;
    private final long until;
    private int wrong;
    private Result result = Result.WAITING;

    /** How it stands. */
    public enum Result {
        /** The code was not said yet. */
        WAITING,
        /** The right code was said. */
        PROVED,
        /** Too many wrong codes were said. */
        VOID,
        /** Nobody said it in time. */
        OVER
    }

    /** A proof that begins at {@code at}. @param secret four or more letters or digits that nobody can guess */
    public ChannelProof(long at, String secret) {
        this.code = SIGN + secret.toLowerCase(Locale.ROOT);
        this.until = at + GOOD_FOR;
    }

    /** What is to be said. */
    public String code() {
        return code;
    }

    /** Until when, milliseconds since 1970 UTC. */
    public long until() {
        return until;
    }

    /** How many wrong codes it still bears. */
    public int triesLeft() {
        return TRIES - wrong;
    }

    /** How it stands at {@code at}. */
    public Result result(long at) {
        if (result == Result.WAITING && at > until) {
            result = Result.OVER;
        }
        return result;
    }

    /** A line was said by somebody; whether this very line proved it. */
    public boolean hears(long at, String line) {
        String said = line.strip().toLowerCase(Locale.ROOT);
        if (result(at) != Result.WAITING || !said.startsWith(SIGN)) {
            return false;
        }
        if (said.equals(code)) {
            result = Result.PROVED;
            return true;
        }
        wrong++;
        if (wrong >= TRIES) {
            result = Result.VOID;
        }
        return false;
    }
}
