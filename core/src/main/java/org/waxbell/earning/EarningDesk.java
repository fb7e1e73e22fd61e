package org.waxbell.earning;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.waxbell.cue.Cue;
import org.waxbell.desk.Answer;
import org.waxbell.desk.Ask;
import org.waxbell.desk.HeadAndEntries;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Fact;
import org.waxbell.event.FactKind;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.gate.Surroundings;
import org.waxbell.state.Book;

/** Pays points, and moves them between people. */
public final class EarningDesk extends HeadAndEntries<Earning, EarningState, EarningHead, String, Present> {
    private static final int NAMES = 200;
    private static final List<FactKind> PAID = List.of(
            Facts.FOLLOW, Facts.MEMBERSHIP, Facts.GIFT, Facts.TIP, Facts.ARRIVAL, Facts.CLIP, Facts.CLIP_SHARED);

    /** The desk. */
    public EarningDesk() {
        super(
                "Points",
                Earning.class,
                new Heads<>(
                        new Book<>(Earning.DESK, EarningHead.class),
                        EarningState.NEW,
                        EarningState::head,
                        EarningState::with),
                new Entries<>(
                        new Book<>("present", Present.class),
                        EarningState::present,
                        Present::person,
                        EarningState::with));
    }

    @Override
    public Answer<EarningState> ask(Earning earning, EarningState now, Ask ask, Surroundings evening) {
        return new EarningStep(earning, now, ask.at(), evening).ask(ask);
    }

    @Override
    public boolean hears(ShowEvent event) {
        return event instanceof ChatLine
                || event instanceof Fact fact
                        && (fact.is(Facts.SHOW_OPENED)
                                || fact.is(Facts.SHOW_CLOSED)
                                || PAID.stream().anyMatch(fact::is));
    }

    @Override
    public Answer<EarningState> hear(
            Earning earning, EarningState now, long at, ShowEvent event, Surroundings evening) {
        EarningStep step = new EarningStep(earning, now, at, evening);
        if (event instanceof ChatLine line) {
            return step.line(line.viewer());
        }
        Fact fact = (Fact) event;
        return fact.is(Facts.SHOW_OPENED) || fact.is(Facts.SHOW_CLOSED)
                ? step.show(fact.is(Facts.SHOW_OPENED))
                : step.event(fact);
    }

    @Override
    public long nextWake(Earning earning, EarningState now) {
        return now.head().next() == 0 ? Long.MAX_VALUE : now.head().next();
    }

    @Override
    public Answer<EarningState> wake(Earning earning, EarningState now, long at, Surroundings evening) {
        return new EarningStep(earning, now, at, evening).pay();
    }

    @Override
    public Map<String, Object> values(Earning earning, EarningState now, long at, String person) {
        EarningHead head = now.head();
        return Map.of(
                earning.value("Top"),
                EarningStep.inWords(head.top()),
                earning.value("First"),
                head.first().isEmpty() ? "nobody" : head.first(),
                earning.value("Earned"),
                head.paid());
    }

    @Override
    public EarningBoard board(Earning earning, EarningState now, long at) {
        List<Present> all = now.present().first(now.present().size());
        return new EarningBoard(
                now.head().next(),
                (int) all.stream()
                        .filter(each -> at - each.at() <= earning.withinMs())
                        .count(),
                all.size(),
                now.head().paid(),
                now.head().first(),
                now.head().top(),
                all.stream()
                        .sorted(Comparator.comparingLong(Present::at).reversed())
                        .limit(NAMES)
                        .map(Present::name)
                        .toList());
    }

    @Override
    public String brief(Earning earning, EarningState now, long at) {
        return now.head().next() == 0 ? "no show is open" : now.head().paid() + " earned tonight";
    }

    @Override
    public List<Cue> starters(Earning earning, String about, String rack) {
        return new EarningStarters(earning, about, rack).all();
    }
}
