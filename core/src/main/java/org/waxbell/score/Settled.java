package org.waxbell.score;

import org.waxbell.shelf.Media;

/**
 * What was left open in a part, settled for one ring.
 *
 * @param lengthMs how long it lasts in milliseconds; 0 for what is done at once
 * @param media    the item drawn or named, {@link Media#NONE} where it uses none
 */
public record Settled(long lengthMs, Media media) {
}
