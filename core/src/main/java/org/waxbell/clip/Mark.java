package org.waxbell.clip;

/** A moment of the show that somebody noted, or of which a clip was made. @param at milliseconds since 1970 UTC @param words why it was noted, plain text @param by who did, empty text for the program */
public record Mark(long at, String words, String by) {}
