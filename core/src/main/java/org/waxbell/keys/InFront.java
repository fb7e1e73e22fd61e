package org.waxbell.keys;

import java.util.List;

/**
 * What has to be in front where something is allowed.
 *
 * @param anywhere whether whatever is in front
 * @param programs else while one of these is in front, by their names; nowhere while there is none
 */
public record InFront(boolean anywhere, List<String> programs) {
    public InFront {
        programs = List.copyOf(programs);
    }

    /** Whether it is allowed somewhere. */
    public boolean given() {
        return anywhere || !programs.isEmpty();
    }
}
