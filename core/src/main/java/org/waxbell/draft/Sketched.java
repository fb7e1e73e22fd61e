package org.waxbell.draft;

import org.waxbell.score.Lane;

/**
 * A part as it will be played, as far as that can be told before it rings.
 *
 * @param from  start in milliseconds from the start of the score
 * @param to    end likewise, at the latest
 * @param open  whether its length is known only when it is played
 * @param label what stands on its bar, with samples in its words
 * @param least the least length that it may be given in milliseconds, 0 where it has none that can be set
 * @param most  the greatest length likewise
 * @param mayLast whether it may last to the end of its score instead
 */
public record Sketched(
        String id, Lane lane, long from, long to, boolean open, String label, long least, long most, boolean mayLast) {}
