package org.waxbell.poll;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.waxbell.actor.Actor;
import org.waxbell.cue.Cue;
import org.waxbell.desk.Answer;
import org.waxbell.desk.Ask;
import org.waxbell.desk.HeadAndEntries;
import org.waxbell.event.ChatLine;
import org.waxbell.event.ShowEvent;
import org.waxbell.fixture.Face;
import org.waxbell.gate.Surroundings;
import org.waxbell.state.Book;

/** Runs polls. */
public final class PollDesk extends HeadAndEntries<Poll, PollState, PollHead, String, Ballot> {

    /** The desk. */
    public PollDesk() {
        super(
                "Polls",
                Poll.class,
                new Heads<>(new Book<>(Poll.DESK, PollHead.class), PollState.NEW, PollState::head, PollState::with),
                new Entries<>(new Book<>("ballot", Ballot.class), PollState::ballots, Ballot::person, PollState::with));
    }

    @Override
    public Answer<PollState> ask(Poll poll, PollState now, Ask ask, Surroundings evening) {
        PollStep step = new PollStep(poll, now, ask.at(), evening);
        return switch (ask.act().name()) {
            case Poll.OPEN -> step.open(ask);
            case Poll.CLOSE -> step.close(ask.by());
            case Poll.CANCEL -> step.cancel();
            default -> step.vote(ask.viewer(), ask.text(Poll.CHOICE));
        };
    }

    @Override
    public boolean hears(ShowEvent event) {
        return event instanceof ChatLine;
    }

    @Override
    public Answer<PollState> hear(Poll poll, PollState now, long at, ShowEvent event, Surroundings evening) {
        return poll.alone() && now.head().isOpen() && event instanceof ChatLine line
                ? new PollStep(poll, now, at, evening).alone(line.viewer(), line.text())
                : Answer.nothing(now);
    }

    @Override
    public long nextWake(Poll poll, PollState now) {
        return now.head().isOpen() && now.head().ends() > 0 ? now.head().ends() : Long.MAX_VALUE;
    }

    @Override
    public Answer<PollState> wake(Poll poll, PollState now, long at, Surroundings evening) {
        return new PollStep(poll, now, at, evening).close(Actor.PROGRAM);
    }

    @Override
    public Map<String, Object> values(Poll poll, PollState now, long at, String person) {
        PollHead head = now.head();
        List<String> leading = head.leading();
        return Map.of(
                poll.value("Question"),
                head.question(),
                poll.value("Leads"),
                leading.isEmpty() ? "none" : String.join(" and ", leading),
                poll.value("Votes"),
                (long) head.total(),
                poll.value("Result"),
                head.phase() == PollHead.Phase.OVER ? PollStep.result(head) : "none");
    }

    private static PollFace shown(PollState now) {
        PollHead head = now.head();
        List<String> leading = head.leading();
        List<PollFace.PollBar> bars = new ArrayList<>();
        for (int i = 0; i < head.answers().size(); i++) {
            String answer = head.answers().get(i);
            bars.add(new PollFace.PollBar(answer, head.votes().get(i), leading.contains(answer)));
        }
        return new PollFace(head.isOpen(), head.question(), bars, head.began(), head.ends());
    }

    @Override
    public Optional<Face> face(Poll poll, PollState now, long at) {
        return Optional.of(shown(now));
    }

    @Override
    public PollBoard board(Poll poll, PollState now, long at) {
        long paid = 0;
        for (Ballot each : now.ballots()) {
            paid += each.paid();
        }
        return new PollBoard(
                shown(now),
                now.ballots().size(),
                paid,
                now.head().phase() == PollHead.Phase.OVER ? PollStep.result(now.head()) : "");
    }

    @Override
    public String brief(Poll poll, PollState now, long at) {
        return switch (now.head().phase()) {
            case NONE -> "asks nothing";
            case OPEN -> now.head().total() + (now.head().total() == 1 ? " vote" : " votes") + " so far";
            case OVER -> PollStep.result(now.head());
        };
    }

    @Override
    public List<Cue> starters(Poll poll, String about, String rack) {
        return new PollStarters(poll, about, rack).all();
    }
}
