package org.waxbell.turns;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.waxbell.cue.Cue;
import org.waxbell.desk.Answer;
import org.waxbell.desk.Ask;
import org.waxbell.desk.KeptByEntries;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Viewer;
import org.waxbell.fixture.Face;
import org.waxbell.gate.Surroundings;
import org.waxbell.state.Book;
import org.waxbell.state.Change;
import org.waxbell.state.Memory;

/** Runs queues. Each entry is kept by itself, so a step costs no more in a long queue than in a short one. */
public final class TurnsDesk implements KeptByEntries<Queue, TurnsState, QueueHead> {
    private static final Book<QueueHead> HEAD = new Book<>(Queue.DESK, QueueHead.class);
    private static final Book<Entry> ENTRIES = new Book<>("queueEntry", Entry.class);
    private static final Book<Guest> GUESTS = new Book<>("queueGuest", Guest.class);
    private static final Book<PastTurn> PAST = new Book<>("queuePast", PastTurn.class);
    /** Who writes one line after another is not noted for each. */
    private static final long SEEN_AGAIN = 30_000;

    private static final int NEXT = 8;

    @Override
    public String title() {
        return "Turns";
    }

    @Override
    public Class<Queue> documents() {
        return Queue.class;
    }

    @Override
    public Book<QueueHead> book() {
        return HEAD;
    }

    @Override
    public List<Book<?>> books() {
        return List.of(HEAD, ENTRIES, GUESTS, PAST);
    }

    @Override
    public TurnsState none() {
        return TurnsState.NEW;
    }

    @Override
    public QueueHead head(TurnsState now) {
        return now.head();
    }

    @Override
    public TurnsState restored(String about, Memory memory) {
        TurnsState state = TurnsState.NEW.with(memory.get(HEAD, about).orElse(QueueHead.NEW));
        for (Entry each : memory.below(ENTRIES, about)) {
            state = state.with(each);
        }
        for (Guest each : memory.below(GUESTS, about)) {
            state = state.with(each);
        }
        for (PastTurn each : memory.below(PAST, about)) {
            state = state.with(each);
        }
        return state;
    }

    @Override
    public void entries(String about, TurnsState before, TurnsState after, List<Change> into) {
        ENTRIES.changes(before.people(), after.people(), each -> key(about, each.person()), into);
        GUESTS.changes(before.guests(), after.guests(), each -> key(about, each.person()), into);
        PAST.changes(before.past(), after.past(), each -> key(about, each.number()), into);
    }

    private static String key(String about, String person) {
        return about + "/" + person;
    }

    private static String key(String about, long number) {
        return String.format(Locale.ROOT, "%s/%07d", about, number);
    }

    @Override
    public Answer<TurnsState> ask(Queue queue, TurnsState now, Ask ask, Surroundings evening) {
        String act = ask.act().name();
        if (!List.of("join", "leave", "place", "note").contains(act)) {
            return new Hosting(queue, now, ask, evening).answer();
        }
        Optional<Viewer> viewer = ask.viewer();
        if (viewer.isEmpty()) {
            return Answer.refused(now, "nobody", "No viewer asks. Let somebody join by name.");
        }
        Joining joining = new Joining(queue, now, ask, evening, viewer.get());
        return switch (act) {
            case "join" -> joining.join();
            case "leave" -> joining.leave();
            case "place" -> joining.place();
            default -> joining.note();
        };
    }

    @Override
    public boolean hears(ShowEvent event) {
        return event instanceof ChatLine || event instanceof Fact fact && fact.is(Facts.SHOW_OPENED);
    }

    @Override
    public Answer<TurnsState> hear(Queue queue, TurnsState now, long at, ShowEvent event, Surroundings evening) {
        if (!(event instanceof ChatLine line)) {
            return Answer.becomes(now.with(now.head().inShow(at)));
        }
        Viewer viewer = line.viewer();
        return now.people()
                .get(viewer.id())
                .filter(entry ->
                        at - entry.seen() >= SEEN_AGAIN || !entry.name().equals(viewer.name()))
                .map(entry -> Answer.becomes(now.with(entry.seen(viewer.name(), at))))
                .orElseGet(() -> Answer.nothing(now));
    }

    private static List<String> names(List<Entry> entries) {
        return entries.stream().map(Entry::name).toList();
    }

    private static List<String> up(TurnsState now) {
        return now.head().up().stream().map(each -> each.entry().name()).toList();
    }

    @Override
    public Map<String, Object> values(Queue queue, TurnsState now, long at, String person) {
        int place = now.place(person);
        Map<String, Object> all = new HashMap<>();
        all.put(queue.value("Open"), now.head().open() ? "open" : "closed");
        all.put(queue.value("Waiting"), (long) now.waiting().size());
        all.put(queue.value("Up"), up(now).isEmpty() ? "nobody" : String.join(", ", up(now)));
        List<String> next = names(now.waiting().first(3));
        all.put(queue.value("Next"), next.isEmpty() ? "nobody" : String.join(", ", next));
        all.put(queue.value("Place"), (long) place);
        all.put(
                queue.value("Wait"),
                TurnsStep.wait(now, place == 0 ? now.waiting().size() + 1 : place, at)
                        .inWords());
        return all;
    }

    @Override
    public Optional<Face> face(Queue queue, TurnsState now, long at) {
        Wait wait = TurnsStep.wait(now, now.waiting().size() + 1, at);
        return Optional.of(new TurnsFace(
                up(now),
                names(now.waiting().first(NEXT)),
                now.waiting().size(),
                wait.known() ? wait.inWords() : "",
                now.head().open()));
    }

    @Override
    public TurnsBoard board(Queue queue, TurnsState now, long at) {
        return new BoardMaker(queue, now, at).made();
    }

    @Override
    public String brief(Queue queue, TurnsState now, long at) {
        int count = now.waiting().size();
        Wait wait = TurnsStep.wait(now, count + 1, at);
        return (now.head().open() ? "open" : "closed") + " · " + count + (count == 1 ? " waits" : " wait")
                + (wait.known() ? " · " + wait.inWords() : "");
    }

    @Override
    public List<String> of(Queue queue, TurnsState now, String person) {
        List<String> all = new ArrayList<>();
        now.guests()
                .get(person)
                .ifPresent(guest -> all.add(guest.inWords(queue.outcomes().get(0))));
        int place = now.place(person);
        if (now.up(person).isPresent()) {
            all.add("is up");
        } else if (place > 0) {
            all.add("waits, place " + place);
        }
        if (now.head().banned().containsKey(person)) {
            all.add("may not join");
        }
        return all;
    }

    @Override
    public List<Cue> starters(Queue queue, String about, String rack) {
        return new QueueStarters(queue, about, rack).all();
    }
}
