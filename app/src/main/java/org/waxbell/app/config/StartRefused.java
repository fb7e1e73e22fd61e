package org.waxbell.app.config;

/** The program cannot start; the message is one sentence and the remedy another. */
public class StartRefused extends RuntimeException {
    /** What the process ends with. */
    public static final int EXIT_CODE = 2;

    private final String remedy;

    /** Why it cannot start, and what to do about it. */
    public StartRefused(String message, String remedy) {
        super(message);
        this.remedy = remedy;
    }

    /** What to do about it, as a sentence. */
    public String remedy() {
        return remedy;
    }
}
