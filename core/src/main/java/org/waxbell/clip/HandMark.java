package org.waxbell.clip;

import org.waxbell.actor.Actor;
import org.waxbell.check.Problems;
import org.waxbell.event.ChatText;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;

/**
 * A mark that somebody wants to set by hand.
 *
 * @param at    the moment, milliseconds since 1970 UTC, 0 for now
 * @param words what it was, plain text, empty text for a mark and no more
 */
public record HandMark(long at, String words) {
    private static final int LONGEST = 200;
    /** Whoever writes what it was may take so long for it, in milliseconds. */
    private static final long BACK = 600_000;

    /** One line of words. */
    public HandMark {
        words = ChatText.line(words);
    }

    /** Finds what is wrong with it. @param now milliseconds since 1970 UTC */
    public void check(Problems problems, long now) {
        if (!words.isEmpty()) {
            problems.at("words").text(words, LONGEST, "What it was");
        }
        if (at != 0 && Math.abs(now - at) > BACK) {
            problems.at("at")
                    .add(at, "That moment is not of now.", "Mark it within ten minutes, or leave out when it was.");
        }
    }

    /** What happens when it is set. @param now milliseconds since 1970 UTC */
    public Fact by(Actor by, long now) {
        return Facts.MARKED.by(by, words, at == 0 ? 0 : Math.max(0, now - at));
    }
}
