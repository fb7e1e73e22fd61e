package org.waxbell.pack;

/** Something that comes has the id of another that is there. @param name of what comes @param theirs how the one is called that is there */
public record Clash(PackItem item, String name, String theirs) {}
