package org.waxbell.score;

/** A field of a call. @param name as it is called there @param words with values */
public record WebField(String name, String words) {}
