package org.waxbell.prize;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.waxbell.actor.Actor;
import org.waxbell.desk.Answer;
import org.waxbell.desk.AnswerWords;
import org.waxbell.desk.Ask;
import org.waxbell.desk.PointsMove;
import org.waxbell.desk.Whom;
import org.waxbell.event.DeskFacts;
import org.waxbell.event.Fact;
import org.waxbell.event.FactKind;
import org.waxbell.event.Viewer;
import org.waxbell.gate.Surroundings;
import org.waxbell.time.Spans;

/** One step of one prize draw. */
final class PrizeStep {
    private static final int SHOWN_OF_SEAL = 12;
    private final PrizeDraw draw;
    private final long at;
    private final Surroundings evening;
    private final Map<String, String> with = new HashMap<>();
    private final List<Fact> told = new ArrayList<>();
    private PrizeState now;

    PrizeStep(PrizeDraw draw, PrizeState now, long at, Surroundings evening) {
        this.draw = draw;
        this.now = now;
        this.at = at;
        this.evening = evening;
        with.put("prize", prize(now.head()));
        with.put("who", draw.who().inWords());
        with.put("price", evening.points(draw.price()));
        with.put("time", Spans.inWords(draw.claimMs()));
    }

    /** What is drawn for now. */
    private String prize(PrizeHead head) {
        return draw.prizes().isEmpty()
                ? "nothing"
                : draw.prizes().get(Math.min(head.given(), draw.prizes().size() - 1));
    }

    private String filled(String pattern) {
        return AnswerWords.filled(pattern, with);
    }

    private Answer<PrizeState> refused(String outcome, String says) {
        return Answer.refused(now, outcome, says);
    }

    private Answer<PrizeState> done(String outcome, String says) {
        return Answer.done(now, outcome, says, Map.of()).telling(told);
    }

    private void tell(FactKind kind, Actor by, String says) {
        Optional<Drawn> last = now.head().last();
        // Who is drawn is named and not the one who caused it: of what they are to the channel nothing is known here.
        told.add(kind.by(
                by,
                draw.name(),
                with.getOrDefault("prize", ""),
                last.map(Drawn::name).orElse(""),
                (long) last.map(Drawn::number).orElse(0),
                says));
    }

    Answer<PrizeState> open(Ask ask) {
        PrizeHead head = now.head();
        if (head.phase() == PrizeHead.Phase.OPEN || head.phase() == PrizeHead.Phase.DRAWN) {
            return refused("goesAlready", draw.name() + " goes already. Draw, or break it off.");
        }
        String seed = FairDraw.seed(ask.lots());
        now = now.with(head.opened(at, draw.forMs(), seed)).empty();
        with.put("prize", prize(now.head()));
        with.put("seal", FairDraw.sealed(seed).substring(0, SHOWN_OF_SEAL) + "…");
        String says = filled(draw.answers().opened());
        told.add(DeskFacts.PRIZE_OPENED.by(ask.by(), draw.name(), with.getOrDefault("prize", ""), says));
        return done("opened", says);
    }

    Answer<PrizeState> enter(Ask ask) {
        if (ask.viewer().isPresent()) {
            return enter(ask.viewer().get());
        }
        String name = Whom.of(ask.text("name")).name();
        return name.isEmpty()
                ? refused("nobody", "Nobody is named. Write whom.")
                : enter(new Viewer("host:" + name, name, Set.of(), 0), 0);
    }

    Answer<PrizeState> enter(Viewer viewer) {
        with.put("viewer", viewer.name());
        if (now.head().phase() == PrizeHead.Phase.OPEN && !draw.who().may(viewer)) {
            return refused("notAllowed", filled(draw.answers().notAllowed()));
        }
        return enter(viewer, draw.price());
    }

    private Answer<PrizeState> enter(Viewer viewer, int price) {
        with.put("viewer", viewer.name());
        if (now.head().phase() != PrizeHead.Phase.OPEN) {
            return refused("notOpen", filled(draw.answers().notOpen()));
        }
        Optional<Entrant> before = now.of(viewer.id());
        if (before.isPresent()) {
            with.put("number", Integer.toString(before.get().number()));
            return refused("already", filled(draw.answers().already()));
        }
        if (now.head().wonLately(viewer.id(), draw.notLast())) {
            return refused("wonLately", filled(draw.answers().wonLately()));
        }
        if (price > 0 && price > evening.canSpend(viewer.id())) {
            return refused("cannotPay", filled(draw.answers().cannotPay()));
        }
        int number = now.entrants().size() + 1;
        with.put("number", Integer.toString(number));
        now = now.with(new Entrant(viewer.id(), viewer.name(), number, draw.lots(viewer), price));
        Answer<PrizeState> in = done("entered", filled(draw.answers().entered()));
        return price == 0 ? in : in.moving(List.of(new PointsMove(viewer.id(), -price, draw.name())));
    }

    Answer<PrizeState> close(Actor by) {
        if (now.head().phase() != PrizeHead.Phase.OPEN) {
            return refused("notOpen", "Nobody can enter " + draw.name() + " now. Let people enter first.");
        }
        now = now.with(now.head().with(PrizeHead.Phase.DRAWN, at));
        return drawOne(by);
    }

    /** Draws for the same prize again, or for one more where all is given. */
    Answer<PrizeState> again(Actor by) {
        PrizeHead head = now.head();
        if (head.phase() == PrizeHead.Phase.DRAWN) {
            return missed(by);
        }
        if (head.phase() != PrizeHead.Phase.OVER) {
            return refused("notDrawn", "Nobody was drawn yet. Close it and draw.");
        }
        now = now.with(head.with(PrizeHead.Phase.DRAWN, head.ends()));
        return drawOne(by);
    }

    private Answer<PrizeState> drawOne(Actor by) {
        PrizeHead head = now.head();
        int round = head.draws().size() + 1;
        with.put("prize", prize(head));
        Optional<Entrant> found = FairDraw.draw(head.seed(), round, now.stillIn());
        if (found.isEmpty()) {
            now = now.with(head.with(PrizeHead.Phase.OVER, head.ends()));
            String says = filled(draw.answers().nobody());
            tell(DeskFacts.PRIZE_OVER, by, says);
            return done("nobody", says);
        }
        Entrant who = found.get();
        now = now.with(head.drew(
                new Drawn(round, prize(head), who.number(), who.person(), who.name(), at, Drawn.Claim.WAITS)));
        with.put("winner", who.name());
        with.put("number", Integer.toString(who.number()));
        if (draw.claimMs() == 0) {
            return won(by);
        }
        String says = filled(draw.answers().drawn());
        tell(DeskFacts.PRIZE_DRAWN, by, says);
        return done("drawn", says);
    }

    /** Who was drawn has the prize; where there are more, the next is drawn for. */
    Answer<PrizeState> won(Actor by) {
        Drawn last = now.head().last().orElseThrow();
        with.put("winner", last.name());
        with.put("number", Integer.toString(last.number()));
        with.put("prize", last.prize());
        String says = filled(draw.answers().won());
        PrizeHead head = now.head().settled(Drawn.Claim.WON);
        now = now.with(head);
        tell(DeskFacts.PRIZE_WON, by, says);
        if (head.given() < draw.prizes().size()) {
            Answer<PrizeState> next = drawOne(by);
            return done(next.outcome(), says + " " + next.says());
        }
        now = now.with(head.with(PrizeHead.Phase.OVER, head.ends()));
        return done("drawn", says);
    }

    /** Who was drawn did not speak up. */
    Answer<PrizeState> missed(Actor by) {
        Drawn last = now.head().last().orElseThrow();
        with.put("winner", last.name());
        String says = filled(draw.answers().missed());
        now = now.with(now.head().settled(Drawn.Claim.MISSED));
        tell(DeskFacts.PRIZE_MISSED, by, says);
        Answer<PrizeState> next = drawOne(by);
        return done(next.outcome(), says + " " + next.says());
    }

    /** Breaks it off: what was paid is given back. */
    Answer<PrizeState> cancel() {
        if (now.head().phase() != PrizeHead.Phase.OPEN) {
            return refused("notOpen", "Only a draw that one can enter is broken off.");
        }
        List<PointsMove> back = now.entrants().first(now.entrants().size()).stream()
                .filter(each -> each.paid() > 0)
                .map(each -> new PointsMove(each.person(), each.paid(), draw.name() + ", broken off"))
                .toList();
        now = now.with(now.head().cancelled()).empty();
        return done("cancelled", draw.name() + " is broken off.").moving(back);
    }
}
