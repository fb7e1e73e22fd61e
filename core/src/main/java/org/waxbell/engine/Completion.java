package org.waxbell.engine;

/** What an adapter reports of a part that it was told. @param detail why it failed, empty text where it did not */
public record Completion(Kind kind, String detail) {
    /** How it went. */
    public enum Kind {
        /** The part is over. */
        ENDED,
        /** It could not be done. */
        FAILED
    }

    /** The part is over. */
    public static Completion ended() {
        return new Completion(Kind.ENDED, "");
    }

    /** The part could not be done, and why. */
    public static Completion failed(String why) {
        return new Completion(Kind.FAILED, why);
    }
}
