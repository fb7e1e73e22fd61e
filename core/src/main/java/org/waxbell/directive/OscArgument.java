package org.waxbell.directive;

/** What goes with a message of Open Sound Control. @param sort {@code int}, {@code float} or {@code text} @param words the value, a number as people write it; until it is told, words with values */
public record OscArgument(String sort, String words) {}
