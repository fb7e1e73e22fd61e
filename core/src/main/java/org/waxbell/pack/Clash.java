package org.waxbell.pack;

import java.util.List;

/** Something that comes has the id of another that is there. @param name of what comes @param theirs how the one is called that is there @param ways what can be done, the usual one first */
public record Clash(PackItem item, String name, String theirs, List<Choices.Way> ways) {
    public Clash {
        ways = List.copyOf(ways);
    }
}
