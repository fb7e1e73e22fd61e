package org.waxbell.booking;

/**
 * What one part of a score wants of a place.
 *
 * @param place  {@code stage/spot} or {@code stage/outlet}
 * @param fromMs in milliseconds from the start of the score
 * @param toMs   likewise, not included
 */
public record Want(Place place, long fromMs, long toMs) {}
