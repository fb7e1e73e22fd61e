package org.waxbell.chapter;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.waxbell.act.Asking;
import org.waxbell.chapter.OrderBoard.ChapterSpan;
import org.waxbell.chapter.OrderBoard.When;
import org.waxbell.cue.Cue;
import org.waxbell.desk.Answer;
import org.waxbell.desk.Ask;
import org.waxbell.desk.ChatWords;
import org.waxbell.desk.Desk;
import org.waxbell.event.DeskFacts;
import org.waxbell.event.Fact;
import org.waxbell.event.FactKind;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Target;
import org.waxbell.gate.Gate;
import org.waxbell.gate.Surroundings;
import org.waxbell.state.Book;

/** Runs orders of evenings: which chapter is on, what it sets as long as it lasts, and how late the evening is. */
public final class OrderDesk implements Desk<EveningOrder, OrderState> {
    private static final Book<OrderState> BOOK = new Book<>(EveningOrder.DESK, OrderState.class);
    private static final Set<FactKind> HEARD = Set.of(
            Facts.SHOW_OPENED,
            Facts.SHOW_CLOSED,
            Facts.SCENE,
            Facts.SWITCHED,
            DeskFacts.CLOCK_OVER,
            DeskFacts.CHAPTER_ENTERED);
    private static final long MINUTE = 60_000;

    @Override
    public String title() {
        return "Orders of the evening";
    }

    @Override
    public Class<EveningOrder> documents() {
        return EveningOrder.class;
    }

    @Override
    public Book<OrderState> book() {
        return BOOK;
    }

    @Override
    public OrderState fresh(EveningOrder order) {
        return OrderState.NONE;
    }

    @Override
    public Answer<OrderState> ask(EveningOrder order, OrderState now, Ask ask, Surroundings evening) {
        return new OrderStep(order, now, ask.at()).ask(ask);
    }

    @Override
    public boolean hears(ShowEvent event) {
        return event instanceof Fact fact && HEARD.contains(fact.what());
    }

    @Override
    public Answer<OrderState> hear(EveningOrder order, OrderState now, long at, ShowEvent event, Surroundings evening) {
        return new OrderStep(order, now, at).hear((Fact) event);
    }

    @Override
    public long nextWake(EveningOrder order, OrderState now) {
        return OrderStep.nextWake(order, now);
    }

    @Override
    public Answer<OrderState> wake(EveningOrder order, OrderState now, long at, Surroundings evening) {
        return new OrderStep(order, now, at).wake();
    }

    @Override
    public Map<Target, String> holds(OrderState now) {
        Map<Target, String> all = new LinkedHashMap<>();
        now.held().forEach(each -> all.put(each.target(), each.value()));
        return all;
    }

    @Override
    public OrderState gone(OrderState now) {
        return now.isOn() ? OrderState.NONE : now;
    }

    @Override
    public OrderState answered(OrderState now, String mark, Asking undoing) {
        return now.isOn() && mark.equals(now.mark()) ? now.undoing(undoing) : now;
    }

    @Override
    public Map<String, Object> values(EveningOrder order, OrderState now, long at, String person) {
        OrderBoard board = board(order, now, at);
        return Map.of(
                order.value("Chapter"),
                now.isOn() ? board.name() : "none",
                order.value("Next"),
                board.nextName().isEmpty() ? "none" : board.nextName(),
                order.value("Late"),
                OrderStep.late(order, now, at),
                order.value("MinutesLate"),
                OrderStep.lateAt(order, now, at) / MINUTE);
    }

    @Override
    public OrderBoard board(EveningOrder order, OrderState now, long at) {
        Optional<Chapter> on = order.chapters().stream()
                .filter(each -> each.id().equals(now.chapter()))
                .findFirst();
        Optional<Chapter> next = order.after(now.chapter());
        long planned = on.map(Chapter::plannedMs).orElse(0L);
        return new OrderBoard(
                now.chapter(),
                on.map(Chapter::name).orElse(now.chapter()),
                now.since(),
                planned == 0 ? 0 : now.since() + planned,
                OrderStep.lateMs(order, now),
                next.map(Chapter::id).orElse(""),
                next.map(Chapter::name).orElse(""),
                spans(order, now, at),
                now.held());
    }

    private static List<ChapterSpan> spans(EveningOrder order, OrderState now, long at) {
        List<ChapterSpan> all = new ArrayList<>();
        now.past()
                .forEach(each ->
                        all.add(new ChapterSpan(each.chapter(), each.name(), When.PAST, each.from(), each.to())));
        long from = now.isOn() ? now.since() : order.planned(at);
        int first = Math.max(0, order.placeOf(now.chapter()));
        for (Chapter chapter : order.chapters().subList(first, order.chapters().size())) {
            boolean on = chapter.id().equals(now.chapter());
            long to = from + chapter.plannedMs();
            all.add(new ChapterSpan(chapter.id(), chapter.name(), on ? When.NOW : When.TO_COME, from, to));
            from = to;
        }
        return all;
    }

    @Override
    public String brief(EveningOrder order, OrderState now, long at) {
        return now.isOn() ? board(order, now, at).name() + " · " + OrderStep.late(order, now, at) : "not begun";
    }

    @Override
    public List<Cue> starters(EveningOrder order, String about, String rack) {
        ChatWords words = new ChatWords(order, about, rack);
        List<Gate> staff = List.of(ChatWords.MODERATORS);
        String stands = ChatWords.plain(order.name()) + ": {" + order.value("Chapter") + "}, then {"
                + order.value("Next") + "} ({" + order.value("Late") + "})";
        return List.of(
                words.cue("", "Where " + order.name() + " is", List.of(ChatWords.CALM), ChatWords.says("", stands)),
                words.asks(
                        "-to",
                        "Enter a chapter of " + order.name(),
                        staff,
                        EveningOrder.ENTER,
                        Map.of(EveningOrder.CHAPTER, "{argument}")),
                words.asks("-next", "Next chapter of " + order.name(), staff, EveningOrder.NEXT, Map.of()));
    }
}
