package org.waxbell.app.link;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.waxbell.link.ChannelProof;
import org.waxbell.link.LinkState;

/**
 * A link as pages are told it.
 *
 * @param kind    {@code channel}, {@code irc}, {@code mixer} or {@code stage}
 * @param doing   what it is doing, in words
 * @param rank    how well off it is, 0 for the best
 * @param refusal why a part that needs it cannot be done now, empty text where it can
 * @param users   how many cues use it
 * @param fixed   whether it is always there and can be neither set nor removed
 * @param proof   a proof that is under way or was ended last, null for none
 */
public record LinkView(
        String id,
        String kind,
        String name,
        LinkState state,
        String doing,
        int rank,
        String refusal,
        List<LinkFact> facts,
        int users,
        boolean fixed,
        @Nullable ProofView proof) {
    /** A proof under way that a chat account is the host's. @param who proved it, or said it without being signed in; empty text for nobody */
    public record ProofView(String code, long until, int triesLeft, ChannelProof.Result result, String who) {}

    /** Something known of a link. @param name what it is, such as {@code signed in as} @param good whether it is as it should be */
    public record LinkFact(String name, String says, boolean good) {
        /** A fact that is as it should be. */
        public static LinkFact of(String name, Object says) {
            return new LinkFact(name, says.toString(), true);
        }
    }
}
