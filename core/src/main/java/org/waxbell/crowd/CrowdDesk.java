package org.waxbell.crowd;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.waxbell.cue.Cue;
import org.waxbell.desk.Answer;
import org.waxbell.desk.Ask;
import org.waxbell.desk.HeadAndEntries;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.fixture.Face;
import org.waxbell.gate.Surroundings;
import org.waxbell.state.Book;

/** Lets crowds play: their presses become keys that go down and up. */
public final class CrowdDesk extends HeadAndEntries<Crowd, CrowdState, CrowdHead, String, Voice> {

    /** The desk. */
    public CrowdDesk() {
        super(
                "Crowd play",
                Crowd.class,
                new Heads<>(
                        new Book<>(Crowd.DESK, CrowdHead.class), CrowdState.NEW, CrowdState::head, CrowdState::with),
                new Entries<>(
                        new Book<>("crowdVoice", Voice.class), CrowdState::voices, Voice::person, CrowdState::with));
    }

    @Override
    public Answer<CrowdState> ask(Crowd crowd, CrowdState now, Ask ask, Surroundings evening) {
        CrowdStep step = new CrowdStep(crowd, now, ask.at());
        return ask.act().name().equals(Crowd.LIFT) ? step.lift() : step.press(ask);
    }

    @Override
    public boolean hears(ShowEvent event) {
        return event instanceof Fact fact && (fact.is(Facts.HUSH) || fact.is(Facts.SHOW_OPENED));
    }

    @Override
    public Answer<CrowdState> hear(Crowd crowd, CrowdState now, long at, ShowEvent event, Surroundings evening) {
        return ((Fact) event).is(Facts.HUSH)
                ? new CrowdStep(crowd, now, at).lift()
                : Answer.becomes(now.with(now.head().anew()).silent());
    }

    @Override
    public long nextWake(Crowd crowd, CrowdState now) {
        return Math.min(CrowdStep.nextLift(now), CrowdStep.voteEnds(crowd, now));
    }

    @Override
    public Answer<CrowdState> wake(Crowd crowd, CrowdState now, long at, Surroundings evening) {
        return new CrowdStep(crowd, now, at).wake();
    }

    @Override
    public Map<String, Object> values(Crowd crowd, CrowdState now, long at, String person) {
        List<CrowdHead.Pressed> recent = now.head().recent();
        return Map.of(
                crowd.value("Presses"),
                now.head().presses(),
                crowd.value("Last"),
                recent.isEmpty()
                        ? "nobody"
                        : recent.get(0).name() + ": " + recent.get(0).word(),
                crowd.value("Leads"),
                CrowdStep.leads(crowd, now).map(CrowdMove::word).orElse("none"));
    }

    private static CrowdFace shown(Crowd crowd, CrowdState now) {
        boolean vote = crowd.way() == Crowd.Way.VOTE;
        return new CrowdFace(
                crowd.moves().stream()
                        .map(each -> new CrowdFace.CrowdWord(
                                each.word(),
                                each.key(),
                                now.head().tally().getOrDefault(each.word(), 0),
                                now.head().held().containsKey(each.key())))
                        .toList(),
                vote,
                now.head().began(),
                now.head().began() == 0 ? 0 : now.head().began() + crowd.everyMs(),
                now.head().recent());
    }

    @Override
    public Optional<Face> face(Crowd crowd, CrowdState now, long at) {
        return Optional.of(shown(crowd, now));
    }

    @Override
    public CrowdBoard board(Crowd crowd, CrowdState now, long at) {
        return new CrowdBoard(
                shown(crowd, now), now.head().presses(), now.voices().size());
    }

    @Override
    public String brief(Crowd crowd, CrowdState now, long at) {
        long presses = now.head().presses();
        return presses == 0 ? "nobody has pressed yet" : presses + (presses == 1 ? " press" : " presses");
    }

    @Override
    public List<Cue> starters(Crowd crowd, String about, String rack) {
        return new CrowdStarters(crowd, about, rack).all();
    }
}
