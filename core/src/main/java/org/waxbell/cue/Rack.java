package org.waxbell.cue;

import org.waxbell.check.Problems;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;

/** A folder of cues that can be switched on and off together. */
public record Rack(int formatVersion, String id, String name, boolean on) {
    /** The version of the document that this program writes. */
    public static final int FORMAT = 1;

    /** What it says of itself. */
    public static final Kind<Rack> KIND = Kind.<Rack>of(Rack.class, "rack", "Rack of cues", "Rack")
            .also("folder group")
            .with(Field.text("name", "Name", 40).called("The name").needed(), Field.flag("on", "its cues may ring"));

    /** Adds what is wrong with it. */
    public void check(Problems problems) {
        problems.version(formatVersion, FORMAT);
        problems.at("id").id(id, "at-the-bench");
        KIND.check(this, problems);
    }
}
