package org.waxbell.turns;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.waxbell.desk.Whom;
import org.waxbell.state.Ranked;
import org.waxbell.turns.QueueHead.Back;

/**
 * How a queue stands. Each of its lists shares nearly all with the one of the step before.
 *
 * @param waiting who waits, in order
 * @param people  the same by identity
 * @param guests  what is known of those who were up, by identity
 * @param past    turns that are over, by their number
 */
public record TurnsState(
        QueueHead head,
        Ranked<Slot, Entry> waiting,
        Ranked<String, Entry> people,
        Ranked<String, Guest> guests,
        Ranked<Long, PastTurn> past) {
    private static final int MOST_PAST = 5_000;
    /** One in which nobody is. */
    static final TurnsState NEW =
            new TurnsState(QueueHead.NEW, Ranked.none(), Ranked.none(), Ranked.none(), Ranked.none());

    TurnsState with(QueueHead other) {
        return new TurnsState(other, waiting, people, guests, past);
    }

    /** The same with an entry, in place of one of the same person. */
    TurnsState with(Entry entry) {
        TurnsState bare = without(entry.person());
        return new TurnsState(
                head, bare.waiting.with(entry.slot(), entry), bare.people.with(entry.person(), entry), guests, past);
    }

    TurnsState without(String person) {
        Optional<Entry> there = people.get(person);
        return there.isEmpty()
                ? this
                : new TurnsState(head, waiting.without(there.get().slot()), people.without(person), guests, past);
    }

    TurnsState with(Guest guest) {
        return new TurnsState(head, waiting, people, guests.with(guest.person(), guest), past);
    }

    /** The same with a turn that is over; the oldest of very many is forgotten. */
    TurnsState with(PastTurn turn) {
        Ranked<Long, PastTurn> more = past.with(turn.number(), turn);
        return new TurnsState(
                head,
                waiting,
                people,
                guests,
                more.size() > MOST_PAST ? more.without(more.at(0).number()) : more);
    }

    TurnsState withoutEntries() {
        return new TurnsState(head, Ranked.none(), Ranked.none(), guests, past);
    }

    /** The place of somebody who waits, from 1; 0 for who does not. */
    int place(String person) {
        return people.get(person).map(entry -> waiting.rank(entry.slot()) + 1).orElse(0);
    }

    Optional<Up> up(String person) {
        return head.up().stream()
                .filter(each -> each.entry().person().equals(person))
                .findFirst();
    }

    /** Who waits under that name, whatever its capitals and with an at sign or without. */
    Optional<Entry> named(String name) {
        for (Entry each : waiting) {
            if (Whom.of(name).is(each.name())) {
                return Optional.of(each);
            }
        }
        return Optional.empty();
    }

    /** Who is up under that name. */
    Optional<Up> upNamed(String name) {
        return head.up().stream()
                .filter(each -> Whom.of(name).is(each.entry().name()))
                .findFirst();
    }

    /** Who is banned under that name, by identity. */
    Optional<String> bannedNamed(String name) {
        return head.banned().entrySet().stream()
                .filter(each -> Whom.of(name).is(each.getValue()))
                .map(Map.Entry::getKey)
                .findFirst();
    }

    /** How this comes back from {@code after}. */
    Back backFrom(TurnsState after) {
        List<Entry> entries = new ArrayList<>();
        List<String> gone = new ArrayList<>();
        Ranked.changes(after.people, people, (person, entry) -> {
            if (entry == null) {
                gone.add(person);
            } else {
                entries.add(entry);
            }
        });
        List<Guest> known = new ArrayList<>();
        List<String> unknown = new ArrayList<>();
        Ranked.changes(after.guests, guests, (person, guest) -> {
            if (guest == null) {
                unknown.add(person);
            } else {
                known.add(guest);
            }
        });
        return new Back(
                head.open(), head.up(), head.lengths(), head.banned(), head.turns(), entries, gone, known, unknown);
    }

    /** The same with a step taken back; what others did since stays. */
    TurnsState takenBack(Back back) {
        TurnsState now = this;
        for (String person : back.gone()) {
            now = now.without(person);
        }
        for (Entry entry : back.entries()) {
            now = now.with(entry);
        }
        // Who was up and joined again since is up again, and nowhere else.
        for (Up each : back.up()) {
            now = now.without(each.entry().person());
        }
        Ranked<String, Guest> known = now.guests;
        for (String person : back.unknown()) {
            known = known.without(person);
        }
        for (Guest guest : back.guests()) {
            known = known.with(guest.person(), guest);
        }
        Ranked<Long, PastTurn> turns = now.past;
        while (!turns.isEmpty() && turns.at(turns.size() - 1).number() > back.turns()) {
            turns = turns.without(turns.at(turns.size() - 1).number());
        }
        return new TurnsState(head.takenBack(back), now.waiting, now.people, known, turns);
    }
}
