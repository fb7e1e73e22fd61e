package org.waxbell.desk;

/** Points that a desk gives, or takes where they are negative: never more than can be spent. @param person identity */
public record PointsMove(String person, long amount, String why) {}
