package org.waxbell.slate;

/** What stands on the slate. @param value id of the value @param person whose it is, empty text for the channel's */
public record SlateEntry(String value, String person, String text) {}
