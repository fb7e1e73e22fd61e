package org.waxbell.rehearsal;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.waxbell.actor.Origin;
import org.waxbell.booking.Place;
import org.waxbell.engine.Books;
import org.waxbell.engine.Outcome;
import org.waxbell.engine.PartRun;
import org.waxbell.engine.PartState;
import org.waxbell.engine.Ring;
import org.waxbell.engine.RingState;
import org.waxbell.event.Fact;
import org.waxbell.gate.GateAnswer;
import org.waxbell.journal.CueAnswer;
import org.waxbell.journal.Decision;
import org.waxbell.rehearsal.Report.CueTally;
import org.waxbell.rehearsal.Report.DeskTally;
import org.waxbell.rehearsal.Report.Pair;
import org.waxbell.rehearsal.Report.PlaceTally;
import org.waxbell.rehearsal.Report.PlayedRing;
import org.waxbell.wiring.CueBook;

/** Counts what happens in a rehearsal. */
final class Tally {
    private static final int MOST_PAIRS = 20;
    private final Map<String, Count> cues = new HashMap<>();
    private final Map<Long, Long> decided = new HashMap<>();
    private final Map<Long, Ring> open = new TreeMap<>();
    private final List<PlayedRing> played = new ArrayList<>();
    private final Map<Place, long[]> places = new TreeMap<>();
    private final List<Decision> decisions = new ArrayList<>();
    private final Map<DeskTally, Integer> desks = new LinkedHashMap<>();
    private long pointsIn;
    private long pointsOut;

    private static final class Count {
        private int rang;
        private int dropped;
        private long longest;
        private final Map<String, Integer> held = new TreeMap<>();
    }

    boolean isOpen() {
        return !open.isEmpty();
    }

    void note(Outcome outcome) {
        for (Decision decision : outcome.decisions()) {
            if (decision.event() instanceof Fact fact && fact.what().isTold()) {
                desks.merge(new DeskTally(fact.text("name"), fact.what().happens(), 0), 1, Integer::sum);
            }
            if (!decision.cues().isEmpty() || decision.event().actor().origin() == Origin.EXTENSION) {
                decisions.add(decision);
                decision.cues().forEach(answer -> answer(decision.number(), answer));
            }
        }
        outcome.now(Books.RINGS).forEach(this::ring);
        outcome.now(Books.ENTRIES).forEach(entry -> {
            pointsIn += Math.max(0, entry.amount());
            pointsOut += Math.max(0, -entry.amount());
        });
    }

    private Count count(String cue) {
        return cues.computeIfAbsent(cue, id -> new Count());
    }

    private void answer(long decision, CueAnswer answer) {
        Count count = count(answer.cueId());
        if (answer.held()) {
            GateAnswer gate = answer.gates().get(answer.gates().size() - 1);
            count.held.merge(gate.gate(), 1, Integer::sum);
        } else {
            count.rang++;
            decided.put(answer.ring(), decision);
        }
    }

    private void ring(Ring ring) {
        if (ring.state().isActive()) {
            open.put(ring.number(), ring);
            return;
        }
        open.remove(ring.number());
        Count count = count(ring.cueId());
        boolean dropped = ring.state() == RingState.DROPPED;
        long waited = dropped ? 0 : Math.max(0, ring.start() - ring.arrived() - ring.leadMs());
        count.dropped += dropped ? 1 : 0;
        count.longest = Math.max(count.longest, waited);
        List<Report.PlayedPart> parts = new ArrayList<>();
        for (PartRun run : ring.parts()) {
            if (!dropped && run.placed()) {
                Optional<Place> place = run.part().place();
                parts.add(new Report.PlayedPart(
                        run.part().id(),
                        run.part().lane(),
                        place.map(Place::toString).orElse(""),
                        ring.momentOf(run),
                        ring.overOf(run),
                        named(run.state())));
                if (run.state() == PartState.ENDED) {
                    place.ifPresent(each -> stood(each, run.settled().lengthMs()));
                }
            }
        }
        played.add(new PlayedRing(
                ring.number(),
                decided.getOrDefault(ring.number(), 0L),
                ring.cueId(),
                ring.cueName(),
                ring.arrived(),
                ring.start(),
                dropped ? ring.start() : ring.over(),
                waited,
                named(ring.state()),
                ring.note(),
                parts));
    }

    private static String named(Enum<?> state) {
        return state.name().toLowerCase(Locale.ROOT);
    }

    private void stood(Place place, long length) {
        long[] busy = places.computeIfAbsent(place, key -> new long[2]);
        busy[0] += length;
        busy[1]++;
    }

    /** @param book the wiring in force at the end, whose cues it tells of */
    Report report(CueBook book, long from, long to, int steps) {
        List<CueTally> all = book.cues().stream()
                .map(ready -> tally(ready.cue().id(), ready.cue().name()))
                .toList();
        List<PlaceTally> busy = places.entrySet().stream()
                .map(each -> new PlaceTally(
                        each.getKey().toString(), book.placeName(each.getKey()), each.getValue()[0], (int)
                                each.getValue()[1]))
                .sorted(Comparator.comparingLong(PlaceTally::busyMs).reversed())
                .toList();
        List<PlayedRing> rings = played.stream()
                .sorted(Comparator.comparingLong(PlayedRing::number))
                .toList();
        List<DeskTally> happened = desks.entrySet().stream()
                .map(each -> new DeskTally(each.getKey().desk(), each.getKey().happens(), each.getValue()))
                .sorted(Comparator.comparing(DeskTally::desk).thenComparing(DeskTally::happens))
                .toList();
        return new Report(
                from, to, steps, all, busy, rings, together(), pointsIn, pointsOut, happened, List.copyOf(decisions));
    }

    private CueTally tally(String id, String name) {
        Count count = cues.getOrDefault(id, new Count());
        return new CueTally(
                id, name, count.rang, Collections.unmodifiableMap(count.held), count.dropped, count.longest);
    }

    /** Walks rings by their starts; those that are not over yet play together with the next. */
    private List<Pair> together() {
        Map<String, Pair> pairs = new TreeMap<>();
        List<PlayedRing> playing = new ArrayList<>();
        List<PlayedRing> byStart = played.stream()
                .filter(each -> each.over() > each.start())
                .sorted(Comparator.comparingLong(PlayedRing::start).thenComparingLong(PlayedRing::number))
                .toList();
        for (PlayedRing ring : byStart) {
            playing.removeIf(other -> other.over() <= ring.start());
            for (PlayedRing other : playing) {
                boolean first = ring.cueName().compareTo(other.cueName()) <= 0;
                String one = first ? ring.cueName() : other.cueName();
                String two = first ? other.cueName() : ring.cueName();
                pairs.merge(one + "\n" + two, new Pair(one, two, 1), (was, now) -> new Pair(one, two, was.times() + 1));
            }
            playing.add(ring);
        }
        return pairs.values().stream()
                .sorted(Comparator.comparingInt(Pair::times).reversed().thenComparing(Pair::one))
                .limit(MOST_PAIRS)
                .toList();
    }
}
