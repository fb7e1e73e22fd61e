package org.waxbell.cue;

import org.waxbell.check.Problems;

/** A folder of cues that can be switched on and off together. */
public record Rack(int formatVersion, String id, String name, boolean on) {
    /** The version of the document that this program writes. */
    public static final int FORMAT = 1;

    private static final int LONGEST_NAME = 40;

    /** Adds what is wrong with it. */
    public void check(Problems problems) {
        problems.version(formatVersion, FORMAT);
        problems.at("id").id(id, "at-the-bench");
        problems.at("name").text(name, LONGEST_NAME, "The name");
    }
}
