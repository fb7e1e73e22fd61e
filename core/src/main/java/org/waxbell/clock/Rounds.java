package org.waxbell.clock;

/**
 * Work and rest in turn. Turns are counted from 0: even ones are work, odd ones rest; no rest follows the last work.
 *
 * @param workMs     how long one works, in milliseconds
 * @param restMs     how long one rests, in milliseconds; 0 for none
 * @param count      how often one works
 * @param longRestMs how long the long rest is, in milliseconds; 0 for none
 * @param longEvery  behind how many works the rest is a long one
 */
public record Rounds(long workMs, long restMs, int count, long longRestMs, int longEvery) {
    /** What stands there first. */
    static final Rounds USUAL = new Rounds(25 * 60_000, 5 * 60_000, 3, 0, 4);

    /** How many turns there are. */
    int turns() {
        return 2 * count - 1;
    }

    /** Whether one rests. */
    static boolean rests(int turn) {
        return turn % 2 == 1;
    }

    private boolean isLong(int turn) {
        return rests(turn) && longRestMs > 0 && (turn + 1) / 2 % longEvery == 0;
    }

    /** How long a turn is, in milliseconds. */
    long length(int turn) {
        return isLong(turn) ? longRestMs : rests(turn) ? restMs : workMs;
    }

    /** The turn behind that one, those without any length left out; {@link #turns} where there is none. */
    int after(int turn) {
        int next = turn + 1;
        while (next < turns() && length(next) == 0) {
            next++;
        }
        return next;
    }

    /** The sort of a turn in one word, by which cues choose: {@code work}, {@code rest} or {@code long rest}. */
    String sort(int turn) {
        return isLong(turn) ? "long rest" : rests(turn) ? "rest" : "work";
    }

    /** A turn as people call it: {@code work, 2 of 3}. */
    String inWords(int turn) {
        return sort(turn) + ", " + (turn / 2 + 1) + " of " + count;
    }
}
