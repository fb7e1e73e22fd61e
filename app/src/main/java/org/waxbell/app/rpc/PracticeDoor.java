package org.waxbell.app.rpc;

/** Where the practice mixer is reached by whoever links to it, and under which name its password is kept. */
public final class PracticeDoor {
    /** The path of its socket. */
    public static final String PATH = "/ws/mixer-link";
    /** The name of its password on the ring of keys. */
    public static final String PASSWORD = "practice.mixer.password";

    private PracticeDoor() {}
}
