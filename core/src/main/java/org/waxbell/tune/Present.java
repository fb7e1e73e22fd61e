package org.waxbell.tune;

/** A viewer who wrote lately. @param person identity @param seen when last, milliseconds since 1970 UTC */
public record Present(String person, long seen) {}
