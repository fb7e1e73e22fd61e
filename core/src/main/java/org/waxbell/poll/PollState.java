package org.waxbell.poll;

import org.waxbell.state.Ranked;

/** How a poll stands. @param ballots of those who voted, by identity */
public record PollState(PollHead head, Ranked<String, Ballot> ballots) {
    /** None was asked yet. */
    static final PollState NEW = new PollState(PollHead.NEW, Ranked.none());

    PollState with(PollHead other) {
        return new PollState(other, ballots);
    }

    PollState with(Ballot ballot) {
        return new PollState(head, ballots.with(ballot.person(), ballot));
    }
}
