package org.waxbell.chapter;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.waxbell.actor.Actor;
import org.waxbell.desk.Answer;
import org.waxbell.desk.Ask;
import org.waxbell.desk.Errand;
import org.waxbell.event.DeskFacts;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.Target;
import org.waxbell.time.Spans;

/** One step of an evening. */
final class OrderStep {
    private static final long MINUTE = 60_000;
    private final EveningOrder order;
    private final OrderState now;
    private final long at;

    OrderStep(EveningOrder order, OrderState now, long at) {
        this.order = order;
        this.now = now;
        this.at = at;
    }

    Answer<OrderState> ask(Ask ask) {
        return switch (ask.act().name()) {
            case EveningOrder.ENTER -> enter(ask.text(EveningOrder.CHAPTER), ask.by());
            case EveningOrder.NEXT -> next(ask.by());
            default -> end(ask.by());
        };
    }

    private Answer<OrderState> enter(String words, Actor by) {
        Optional<Chapter> wanted = order.called(words);
        if (wanted.isEmpty()) {
            return Answer.refused(
                    now,
                    "noChapter",
                    "There is no chapter “" + words.strip() + "”; there are "
                            + order.chapters().stream().map(Chapter::name).collect(Collectors.joining(", ")) + ".");
        }
        return wanted.get().id().equals(now.chapter())
                ? Answer.refused(
                        now,
                        "already",
                        wanted.get().name() + " is on since " + Spans.inWords(whole(at - now.since())) + ".")
                : enter(wanted.get(), by);
    }

    private Answer<OrderState> next(Actor by) {
        Optional<Chapter> next = order.after(now.chapter());
        return next.isEmpty() ? Answer.refused(now, "last", name() + " is the last chapter.") : enter(next.get(), by);
    }

    private Answer<OrderState> enter(Chapter chapter, Actor by) {
        OrderState next = now.entering(chapter, name(), at);
        List<Fact> told = new ArrayList<>();
        if (now.isOn()) {
            told.add(DeskFacts.CHAPTER_LEFT.by(by, order.name(), name()));
        }
        told.add(DeskFacts.CHAPTER_ENTERED.by(by, order.name(), chapter.name(), late(order, next, at)));
        List<Errand> asks = new ArrayList<>(undo());
        chapter.asks().forEach(each -> asks.add(new Errand(each, next.mark())));
        return Answer.done(next, "entered", chapter.name() + " is on.", Map.of())
                .telling(told)
                .asking(asks);
    }

    private Answer<OrderState> end(Actor by) {
        return now.isOn()
                ? Answer.done(now.ended(name(), at), "ended", order.name() + " is over.", Map.of())
                        .telling(List.of(DeskFacts.CHAPTER_LEFT.by(by, order.name(), name())))
                        .asking(undo())
                : Answer.refused(now, "notOn", "No chapter is on.");
    }

    /** What was asked for last is undone first. */
    private List<Errand> undo() {
        List<Errand> all = new ArrayList<>();
        now.undo().forEach(each -> all.add(0, new Errand(each, "")));
        return all;
    }

    Answer<OrderState> hear(Fact fact) {
        if (fact.is(Facts.SHOW_OPENED)) {
            return order.opens() && !now.isOn() ? next(fact.actor()) : Answer.nothing(now);
        }
        if (!now.isOn()) {
            return Answer.nothing(now);
        }
        if (fact.is(Facts.SHOW_CLOSED)
                || fact.is(DeskFacts.CHAPTER_ENTERED) && !fact.text("name").equals(order.name())) {
            return end(fact.actor());
        }
        if (fact.is(DeskFacts.CLOCK_OVER)) {
            return on().filter(chapter -> chapter.ends() == ChapterEnd.CLOCK
                                    && chapter.clock().equals(fact.actor().id()))
                            .isPresent()
                    ? goOn()
                    : Answer.nothing(now);
        }
        return fact.aboutTarget() && fact.actor().inPerson() ? switched(fact) : Answer.nothing(now);
    }

    private Answer<OrderState> switched(Fact fact) {
        Answer<OrderState> by = fact.is(Facts.SCENE) ? byScene(fact) : Answer.nothing(now);
        return by.asks().isEmpty() && by.told().isEmpty()
                ? Answer.becomes(now.without(fact.target()))
                : by.becoming(by.next().without(fact.target()));
    }

    /** The next of the chapters with that scene, or the first of them behind the last. */
    private Answer<OrderState> byScene(Fact fact) {
        Setting scene = new Setting(new Target(Target.Kind.SCENE, ""), fact.text("value"));
        List<Chapter> entered = order.chapters().stream()
                .filter(each -> each.byScene() && each.sets().contains(scene))
                .toList();
        if (!fact.actor().inPerson()
                || entered.isEmpty()
                || entered.stream().anyMatch(each -> each.id().equals(now.chapter()))) {
            return Answer.nothing(now);
        }
        return enter(
                entered.stream()
                        .filter(each -> order.placeOf(each.id()) > order.placeOf(now.chapter()))
                        .findFirst()
                        .orElse(entered.get(0)),
                fact.actor());
    }

    private Answer<OrderState> goOn() {
        return order.after(now.chapter()).isPresent() ? next(Actor.PROGRAM) : Answer.nothing(now);
    }

    static long nextWake(EveningOrder order, OrderState now) {
        Optional<Chapter> on = on(order, now);
        return on.isEmpty() || on.get().plannedMs() == 0 || now.due()
                ? Long.MAX_VALUE
                : now.since() + on.get().plannedMs();
    }

    Answer<OrderState> wake() {
        if (on().filter(each -> each.ends() == ChapterEnd.TIME).isPresent()
                && order.after(now.chapter()).isPresent()) {
            return goOn();
        }
        return Answer.becomes(now.told())
                .telling(List.of(DeskFacts.CHAPTER_DUE.by(Actor.PROGRAM, order.name(), name())));
    }

    private Optional<Chapter> on() {
        return on(order, now);
    }

    private static Optional<Chapter> on(EveningOrder order, OrderState now) {
        return order.chapters().stream()
                .filter(each -> each.id().equals(now.chapter()))
                .findFirst();
    }

    /** What the chapter that is on is called; its id where it was taken out of the order meanwhile. */
    private String name() {
        return on().map(Chapter::name).orElse(now.chapter());
    }

    /** How much later than planned the chapter that is on was entered, in milliseconds; below 0 for earlier. */
    static long lateMs(EveningOrder order, OrderState now) {
        return now.isOn() ? now.since() - order.planned(now.began()) - order.plannedBefore(now.chapter()) : 0;
    }

    /** How late the evening is at a moment: as it was when the chapter was entered, and what it is over its own time since. */
    static long lateAt(EveningOrder order, OrderState now, long at) {
        long over = on(order, now)
                .filter(each -> each.plannedMs() > 0)
                .map(each -> Math.max(0, at - now.since() - each.plannedMs()))
                .orElse(0L);
        return lateMs(order, now) + over;
    }

    /** The same in words: {@code on time}, {@code 6 min late}, {@code 4 min early}. */
    static String late(EveningOrder order, OrderState now, long at) {
        long late = lateAt(order, now, at);
        long minutes = Math.abs(late) / MINUTE;
        return minutes == 0 ? "on time" : Spans.inWords(minutes * MINUTE) + (late > 0 ? " late" : " early");
    }

    private static long whole(long ms) {
        return Math.max(1_000, ms / 1_000 * 1_000);
    }
}
