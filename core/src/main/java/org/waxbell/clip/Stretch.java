package org.waxbell.clip;

/** A stretch of the show. @param from milliseconds since 1970 UTC @param to likewise, not included */
public record Stretch(long from, long to) {
    /** Of two clips that share so much of the longer, in percent, the second shows nothing new. */
    private static final long SAME = 80;

    private static final long DAY = 86_400_000;

    /** How long it is, in milliseconds. */
    public long lengthMs() {
        return to - from;
    }

    /** Whether it was over more than so many days before a moment, milliseconds since 1970 UTC. */
    public boolean isOlderThan(int days, long now) {
        return to < now - days * DAY;
    }

    /** Whether a clip of the other would show the same as one of this. */
    public boolean sameAs(Stretch other) {
        long shared = Math.min(to, other.to) - Math.max(from, other.from);
        long longer = Math.max(lengthMs(), other.lengthMs());
        return shared > 0 && shared * 100 >= longer * SAME;
    }
}
