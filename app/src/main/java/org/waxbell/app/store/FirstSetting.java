package org.waxbell.app.store;

/** Where the first evening is kept: an empty folder begins with it, and where nothing is kept nobody is shown the way. */
public final class FirstSetting {
    /** The name of the setting. */
    public static final String NAME = "first.evening";

    /** What is kept before anything of it was done. */
    public static final String BEGUN = "{\"away\":false,\"done\":[]}";

    private FirstSetting() {}
}
