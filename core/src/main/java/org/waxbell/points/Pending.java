package org.waxbell.points;

/** A price that is promised for a ring and not yet paid. @param ring its number @param person who pays @param price in points */
public record Pending(long ring, String person, long price, String why) {}
