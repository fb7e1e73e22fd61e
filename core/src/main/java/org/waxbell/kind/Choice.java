package org.waxbell.kind;

/** Something that may be chosen. @param value as documents write it @param name as people call it */
public record Choice(String value, String name) {}
