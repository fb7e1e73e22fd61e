package org.waxbell.cue;

import org.waxbell.score.Score;

/**
 * One of a cue's alternative scores.
 *
 * @param id     small letters, digits, hyphens
 * @param name   as the tabs and the journal name it
 * @param when   condition in CEL that must hold for it where the first that fits is taken; empty text for always
 * @param weight how often it is drawn beside the others, where takes are drawn by weight
 * @param spare  id of the take that is played where a part of this one fails and asks for it; empty text for none
 */
public record Take(String id, String name, String when, int weight, String spare, Score score) {
    /** The only take of a simple cue. */
    public static Take only(Score score) {
        return new Take("main", "Main", "", 1, "", score);
    }
}
