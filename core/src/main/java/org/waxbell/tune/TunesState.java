package org.waxbell.tune;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.waxbell.state.Ranked;
import org.waxbell.tune.TunesHead.Back;

/**
 * How the desk of tunes stands.
 *
 * @param asked   what was asked for and waits, in order
 * @param kept    the host's own list, by number
 * @param past    what was played, by number
 * @param present who wrote lately, by identity
 */
public record TunesState(
        TunesHead head,
        Ranked<TuneSlot, Request> asked,
        Ranked<Long, KeptTune> kept,
        Ranked<Long, PastTune> past,
        Ranked<String, Present> present) {
    private static final int MOST_PAST = 5_000;

    static final TunesState NEW =
            new TunesState(TunesHead.NEW, Ranked.none(), Ranked.none(), Ranked.none(), Ranked.none());

    TunesState with(TunesHead other) {
        return new TunesState(other, asked, kept, past, present);
    }

    TunesState with(Request request) {
        return new TunesState(head, asked.with(request.slot(), request), kept, past, present);
    }

    TunesState without(Request request) {
        return new TunesState(head, asked.without(request.slot()), kept, past, present);
    }

    TunesState with(KeptTune tune) {
        return new TunesState(head, asked, kept.with(tune.number(), tune), past, present);
    }

    TunesState without(KeptTune tune) {
        return new TunesState(head, asked, kept.without(tune.number()), past, present);
    }

    TunesState with(PastTune tune) {
        Ranked<Long, PastTune> more = past.with(tune.number(), tune);
        return new TunesState(
                head,
                asked,
                kept,
                more.size() > MOST_PAST ? more.without(more.at(0).number()) : more,
                present);
    }

    TunesState with(Present viewer) {
        return new TunesState(head, asked, kept, past, present.with(viewer.person(), viewer));
    }

    TunesState without(Present viewer) {
        return new TunesState(head, asked, kept, past, present.without(viewer.person()));
    }

    Optional<Request> numbered(long number) {
        for (Request each : asked) {
            if (each.number() == number) {
                return Optional.of(each);
            }
        }
        return Optional.empty();
    }

    /** What a viewer asked for and waits, in order. */
    List<Request> of(String person) {
        List<Request> all = new ArrayList<>();
        for (Request each : asked) {
            if (each.person().equals(person)) {
                all.add(each);
            }
        }
        return all;
    }

    /** How long it takes until a request is played, in milliseconds. @param gives when the fallback list gives way */
    long until(Request request, long at, GivesWay gives) {
        long all = head.playing()
                .filter(playing -> !playing.fallback() || gives == GivesWay.AFTER)
                .map(playing -> playing.tune().lengthMs() - playing.place(at))
                .orElse(0L);
        for (Request each : asked) {
            if (each.slot().compareTo(request.slot()) >= 0) {
                break;
            }
            all += each.tune().lengthMs();
        }
        return all;
    }

    /** The same where a request stands at a place, counted from 1. */
    TunesState moved(Request request, int place) {
        List<Request> others = new ArrayList<>(asked.first(Integer.MAX_VALUE));
        others.remove(request);
        others.add(Math.max(0, Math.min(place - 1, others.size())), request);
        TunesState now = this;
        long order = head.order();
        for (Request each : others) {
            now = now.without(each).with(each.ordered(order));
            order += TunesHead.STEP;
        }
        return now.with(now.head.ordered(order));
    }

    /** How this comes back from {@code after}. */
    Back backFrom(TunesState after) {
        List<Request> moved = new ArrayList<>();
        List<Request> out = new ArrayList<>();
        List<Long> fresh = new ArrayList<>();
        Ranked.changes(after.asked, asked, (slot, request) -> {
            if (request != null) {
                (after.numbered(request.number()).isEmpty() ? out : moved).add(request);
            } else if (numbered(slot.number()).isEmpty()) {
                fresh.add(slot.number());
            }
        });
        List<KeptTune> gone = new ArrayList<>();
        List<Long> freshKept = new ArrayList<>();
        Ranked.changes(after.kept, kept, (number, tune) -> {
            if (tune == null) {
                freshKept.add(number);
            } else {
                gone.add(tune);
            }
        });
        return new Back(head.banned(), moved, out, fresh, gone, freshKept);
    }

    /** The same with a step taken back; what plays, was played or was taken back by who asked stays so. */
    TunesState takenBack(Back back) {
        TunesState now = this;
        for (Long number : back.fresh()) {
            Optional<Request> there = now.numbered(number);
            now = there.isEmpty() ? now : now.without(there.get());
        }
        for (Request each : back.moved()) {
            Optional<Request> there = now.numbered(each.number());
            now = there.isEmpty() ? now : now.without(there.get()).with(each);
        }
        for (Request each : back.gone()) {
            // Its price was given back.
            now = now.with(each.free());
        }
        for (Long number : back.freshKept()) {
            Optional<KeptTune> there = now.kept.get(number);
            now = there.isEmpty() ? now : now.without(there.get());
        }
        for (KeptTune each : back.kept()) {
            now = now.with(each);
        }
        return now.with(now.head.banning(back.banned()).stepped(Optional.empty()));
    }
}
