package org.waxbell.engine;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.waxbell.evening.Joined;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Fact;
import org.waxbell.event.PrivateLine;
import org.waxbell.event.ShowEvent;
import org.waxbell.event.Viewer;
import org.waxbell.state.Memory;

/** Which accounts belong to one person: whatever one of them writes or causes, the person does. */
final class Accounts {
    private final Map<String, Joined> joined = new TreeMap<>();
    /** The same by the identity of the person. */
    private final Map<String, Map<String, Joined>> byPerson = new HashMap<>();

    Accounts(Memory memory) {
        memory.all(Books.JOINED).forEach(this::put);
    }

    /** The event as the person causes it; the same where whoever caused it has one account. */
    ShowEvent whole(ShowEvent event, Turn turn) {
        if (joined.isEmpty() || event.by().isEmpty()) {
            return event;
        }
        Viewer viewer = event.by().get();
        Viewer person = learn(viewer, turn);
        if (person.equals(viewer)) {
            return event;
        }
        if (event instanceof ChatLine line) {
            return new ChatLine(line.from(), person, line.text());
        }
        if (event instanceof PrivateLine line) {
            // Its answer goes to the account that wrote it, by that name.
            Viewer answered = new Viewer(person.id(), viewer.name(), person.standings(), person.months());
            return new PrivateLine(line.from(), answered, line.text());
        }
        return event instanceof Fact fact ? fact.by(person) : event;
    }

    /** The person who has that account; what is new of the account is kept. */
    private Viewer learn(Viewer viewer, Turn turn) {
        Viewer person = viewer;
        for (Joined each : of(personOf(viewer.id()))) {
            Joined now = each.seeing(viewer);
            if (!now.equals(each)) {
                put(now, turn);
            }
            person = now.writing(person);
        }
        return person;
    }

    private void put(Joined each, Turn turn) {
        put(each);
        turn.changed(Books.JOINED.put(each.account().id(), each));
    }

    private void put(Joined each) {
        take(each.account().id());
        joined.put(each.account().id(), each);
        byPerson.computeIfAbsent(each.person().id(), id -> new TreeMap<>())
                .put(each.account().id(), each);
    }

    private void take(String account) {
        Joined there = joined.remove(account);
        if (there != null) {
            byPerson.computeIfPresent(there.person().id(), (id, all) -> {
                all.remove(account);
                return all.isEmpty() ? null : all;
            });
        }
    }

    /** The identity of who has that account: its own where it belongs to nobody else. */
    String personOf(String account) {
        Joined as = joined.get(account);
        return as == null ? account : as.person().id();
    }

    private List<Joined> of(String person) {
        Map<String, Joined> all = byPerson.get(person);
        return all == null ? List.of() : List.copyOf(all.values());
    }

    /** The account that belongs to somebody, null where it stands by itself. */
    @Nullable
    Joined of(Viewer account) {
        return joined.get(account.id());
    }

    /** From now on the account belongs to the person, and whatever belonged to the account too. */
    void join(Viewer account, Viewer person, Turn turn) {
        of(account.id()).forEach(each -> put(new Joined(each.account(), person), turn));
        put(new Joined(account, person), turn);
    }

    /** From now on the account stands by itself. */
    void part(String account, Turn turn) {
        take(account);
        turn.changed(Books.JOINED.gone(account));
    }

    void save(Memory memory) {
        joined.forEach((account, each) -> memory.put(Books.JOINED, account, each));
    }
}
