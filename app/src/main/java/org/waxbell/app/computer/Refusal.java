package org.waxbell.app.computer;

/** Something was not done; its message says why, as a sentence without its full stop. */
final class Refusal extends Exception {
    private static final long serialVersionUID = 1L;

    Refusal(String why) {
        super(why);
    }
}
