package org.waxbell.app.health;

/**
 * One thing that tells how the program does.
 *
 * @param part of the program, such as {@code Database}
 * @param name what it is
 * @param says how it stands, in words with units
 * @param mood how good that is
 */
public record Vital(String part, String name, String says, Mood mood) {
    /** How good something is. */
    public enum Mood {
        /** As it should be. */
        FINE,
        /** Worth a look. */
        DOUBTFUL,
        /** Something is lost or will be. */
        BAD
    }

    /** Something that is as it should be, or that is only told. */
    static Vital fine(String part, String name, String says) {
        return new Vital(part, name, says, Mood.FINE);
    }

    /** Something that is as it should be as long as it is below both bounds. */
    static Vital below(String part, String name, String says, double value, double doubtful, double bad) {
        return new Vital(part, name, says, value >= bad ? Mood.BAD : value >= doubtful ? Mood.DOUBTFUL : Mood.FINE);
    }
}
