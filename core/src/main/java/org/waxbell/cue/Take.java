package org.waxbell.cue;

import org.waxbell.score.Score;

/** One of a cue's alternative scores. */
public record Take(String id, Score score) {
}
