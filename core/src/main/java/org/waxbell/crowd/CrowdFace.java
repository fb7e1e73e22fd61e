package org.waxbell.crowd;

import java.util.List;
import org.waxbell.fixture.Face;

/**
 * What a crowd shows on a stage.
 *
 * @param moves  its words, with their votes
 * @param vote   whether they vote
 * @param began  when the vote that goes began, milliseconds since 1970 UTC; 0 where none goes
 * @param ends   when it is over
 * @param recent who pressed what last, the newest first
 */
public record CrowdFace(List<CrowdWord> moves, boolean vote, long began, long ends, List<CrowdHead.Pressed> recent)
        implements Face {
    /** A word and its votes. @param key that it presses @param held whether the key is held now */
    public record CrowdWord(String word, String key, int votes, boolean held) {}

    public CrowdFace {
        moves = List.copyOf(moves);
        recent = List.copyOf(recent);
    }
}
