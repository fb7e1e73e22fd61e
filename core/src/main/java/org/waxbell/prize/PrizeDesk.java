package org.waxbell.prize;

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
import org.waxbell.event.Viewer;
import org.waxbell.fixture.Face;
import org.waxbell.gate.Surroundings;
import org.waxbell.prize.PrizeHead.Phase;
import org.waxbell.state.Book;

/** Runs prize draws. */
public final class PrizeDesk extends HeadAndEntries<PrizeDraw, PrizeState, PrizeHead, Integer, Entrant> {
    private static final int LATELY = 12;
    private static final int ON_BOARD = 500;

    /** The desk. */
    public PrizeDesk() {
        super(
                "Prize draws",
                PrizeDraw.class,
                new Heads<>(
                        new Book<>(PrizeDraw.DESK, PrizeHead.class),
                        PrizeState.NEW,
                        PrizeState::head,
                        PrizeState::with),
                new Entries<>(
                        new Book<>("entrant", Entrant.class), PrizeState::entrants, Entrant::number, PrizeState::with));
    }

    @Override
    public Answer<PrizeState> ask(PrizeDraw draw, PrizeState now, Ask ask, Surroundings evening) {
        PrizeStep step = new PrizeStep(draw, now, ask.at(), evening);
        return switch (ask.act().name()) {
            case PrizeDraw.OPEN -> step.open(ask);
            case PrizeDraw.CLOSE -> step.close(ask.by());
            case PrizeDraw.AGAIN -> step.again(ask.by());
            case PrizeDraw.CANCEL -> step.cancel();
            default -> step.enter(ask);
        };
    }

    @Override
    public boolean hears(ShowEvent event) {
        return event instanceof ChatLine;
    }

    @Override
    public Answer<PrizeState> hear(PrizeDraw draw, PrizeState now, long at, ShowEvent event, Surroundings evening) {
        Viewer viewer = ((ChatLine) event).viewer();
        if (now.head().phase() == Phase.OPEN && draw.everyLine()) {
            // Nobody asked for anything, so nobody is refused.
            Answer<PrizeState> in = new PrizeStep(draw, now, at, evening).enter(viewer);
            return in.refused() ? Answer.nothing(now) : in;
        }
        boolean speaksUp = now.head().phase() == Phase.DRAWN
                && now.head().last().filter(each -> isTheirs(each, viewer)).isPresent();
        return speaksUp ? new PrizeStep(draw, now, at, evening).won(Actor.PROGRAM) : Answer.nothing(now);
    }

    /** Who was entered by the host is known by name alone. */
    private static boolean isTheirs(Drawn drawn, Viewer viewer) {
        return drawn.person().equals(viewer.id())
                || drawn.person().startsWith("host:") && drawn.name().equalsIgnoreCase(viewer.name());
    }

    @Override
    public long nextWake(PrizeDraw draw, PrizeState now) {
        PrizeHead head = now.head();
        if (head.phase() == Phase.OPEN && head.ends() > 0) {
            return head.ends();
        }
        return head.phase() == Phase.DRAWN && draw.claimMs() > 0
                ? head.last().map(each -> each.at() + draw.claimMs()).orElse(Long.MAX_VALUE)
                : Long.MAX_VALUE;
    }

    @Override
    public Answer<PrizeState> wake(PrizeDraw draw, PrizeState now, long at, Surroundings evening) {
        PrizeStep step = new PrizeStep(draw, now, at, evening);
        return now.head().phase() == Phase.OPEN ? step.close(Actor.PROGRAM) : step.missed(Actor.PROGRAM);
    }

    @Override
    public Map<String, Object> values(PrizeDraw draw, PrizeState now, long at, String person) {
        return Map.of(
                draw.value("Prize"),
                draw.prizes().isEmpty() ? "none" : draw.prizes().get(0),
                draw.value("Entrants"),
                (long) now.entrants().size(),
                draw.value("Winner"),
                now.head().last().map(Drawn::name).orElse("nobody"));
    }

    private static PrizeFace shown(PrizeDraw draw, PrizeState now) {
        PrizeHead head = now.head();
        int next = Math.min(head.given(), draw.prizes().size() - 1);
        return new PrizeFace(
                head.phase(),
                next < 0 ? "" : draw.prizes().get(next),
                now.entrants().size(),
                now.lately(LATELY).stream()
                        .map(each -> new PrizeFace.PrizeNumber(each.number(), each.name()))
                        .toList(),
                head.phase() == Phase.OPEN ? head.ends() : 0,
                head.draws().stream()
                        .map(each -> new PrizeFace.PrizeDrawn(
                                each.prize(), each.number(), each.name(), each.claim(), each.at()))
                        .toList(),
                head.phase() == Phase.DRAWN && draw.claimMs() > 0
                        ? head.last().map(each -> each.at() + draw.claimMs()).orElse(0L)
                        : 0);
    }

    @Override
    public Optional<Face> face(PrizeDraw draw, PrizeState now, long at) {
        return Optional.of(shown(draw, now));
    }

    @Override
    public PrizeBoard board(PrizeDraw draw, PrizeState now, long at) {
        long lots = 0;
        long paid = 0;
        for (Entrant each : now.entrants()) {
            lots += each.lots();
            paid += each.paid();
        }
        String seed = now.head().seed();
        return new PrizeBoard(
                shown(draw, now),
                lots,
                paid,
                now.entrants().first(ON_BOARD),
                seed.isEmpty() ? "" : FairDraw.sealed(seed),
                now.head().draws().isEmpty() ? "" : seed);
    }

    @Override
    public String brief(PrizeDraw draw, PrizeState now, long at) {
        int count = now.entrants().size();
        return switch (now.head().phase()) {
            case NONE -> "nobody can enter";
            case OPEN -> count + (count == 1 ? " is in" : " are in");
            case DRAWN ->
                now.head().last().map(each -> each.name() + " is drawn").orElse("");
            case OVER ->
                now.head().last().map(each -> each.name() + " was drawn last").orElse("over");
        };
    }

    @Override
    public List<String> of(PrizeDraw draw, PrizeState now, String person) {
        return now.of(person)
                .map(each -> List.of("is in with number " + each.number()))
                .orElse(List.of());
    }

    @Override
    public List<Cue> starters(PrizeDraw draw, String about, String rack) {
        return new PrizeStarters(draw, about, rack).all();
    }
}
