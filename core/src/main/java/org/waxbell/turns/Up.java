package org.waxbell.turns;

/** Somebody who is up. @param since from when on, milliseconds since 1970 UTC */
public record Up(Entry entry, long since) {}
