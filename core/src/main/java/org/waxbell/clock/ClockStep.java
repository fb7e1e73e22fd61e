package org.waxbell.clock;

import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.waxbell.actor.Actor;
import org.waxbell.clock.ClockState.Phase;
import org.waxbell.desk.Answer;
import org.waxbell.desk.Ask;
import org.waxbell.event.DeskFacts;
import org.waxbell.event.Fact;
import org.waxbell.event.FactKind;
import org.waxbell.time.Spans;

/** One step of one clock. */
final class ClockStep {
    private final Clock clock;
    private final ClockState now;
    private final long at;

    ClockStep(Clock clock, ClockState now, long at) {
        this.clock = clock;
        this.now = now;
        this.at = at;
    }

    /** What it shows, in milliseconds. */
    static long shows(Clock clock, ClockState now, long at) {
        return !now.runs() ? now.stands() : Math.max(0, clock.up() ? at - now.moment() : now.moment() - at);
    }

    private long shows() {
        return shows(clock, now, at);
    }

    /** The same in words: {@code 12:03}. */
    static String inWords(Clock clock, ClockState now, long at) {
        return WrittenTime.shown(shows(clock, now, at), !clock.up());
    }

    Answer<ClockState> ask(Ask ask) {
        Answer<ClockState> answer = switch (ask.act().name()) {
            case Clock.START -> start(ask.by());
            case Clock.PAUSE -> pause(ask.by());
            case Clock.RESTART -> begin(ask.by());
            case Clock.SKIP -> skip();
            case Clock.RESET -> done(fresh(clock), "reset", "is back at its beginning");
            case Clock.UNDO -> undo();
            default -> timed(ask);
        };
        boolean undone = answer.refused() || ask.act().name().equals(Clock.UNDO);
        return undone ? answer : answer.becoming(answer.next().after(now));
    }

    static ClockState fresh(Clock clock) {
        return ClockState.ready(
                switch (clock.way()) {
                    case DOWN -> clock.lengthMs();
                    case ROUNDS -> clock.rounds().length(0);
                    default -> 0;
                });
    }

    private Answer<ClockState> refused(String outcome, String why) {
        return Answer.refused(now, outcome, clock.name() + " " + why);
    }

    private Answer<ClockState> done(ClockState next, String outcome, String what) {
        String shows = inWords(clock, next, at);
        return Answer.done(next, outcome, clock.name() + " " + what + ": " + shows, Map.of("left", shows));
    }

    private Fact fact(FactKind kind, Actor by, ClockState next) {
        return kind.by(by, clock.name(), inWords(clock, next, at));
    }

    private Answer<ClockState> start(Actor by) {
        if (now.runs()) {
            return refused("runs", "runs already: " + inWords(clock, now, at));
        }
        if (now.phase() != Phase.PAUSED) {
            return begin(by);
        }
        // One that ends at a time of day still ends then, however long it stood.
        long reaches = clock.way() == Way.UNTIL
                ? Math.max(at, now.moment())
                : clock.up() ? at - now.stands() : at + now.stands();
        ClockState next = now.running(reaches, now.whole());
        return done(next, "wentOn", "goes on").telling(List.of(fact(DeskFacts.CLOCK_STARTED, by, next)));
    }

    private Answer<ClockState> begin(Actor by) {
        // What was set before the start is what it runs from.
        ClockState fresh = (now.phase() == Phase.READY ? now : fresh(clock)).begun(at);
        ClockState next;
        if (clock.way() == Way.UNTIL) {
            WrittenTime end = WrittenTime.of("until " + clock.until(), at, clock.place());
            if (!end.fault().isEmpty()) {
                return refused("notUnderstood", "cannot start. " + end.fault());
            }
            next = fresh.running(end.ms(), end.ms() - at);
        } else {
            long length = fresh.stands();
            next = fresh.running(clock.up() ? at - length : at + length, length);
        }
        next = nearly(next);
        return done(next, "started", "runs").telling(List.of(fact(DeskFacts.CLOCK_STARTED, by, next)));
    }

    /** One that is shorter than what is nearly over is not told so. */
    private ClockState nearly(ClockState next) {
        return next.nearly(shows(clock, next, at) <= clock.nearMs());
    }

    private Answer<ClockState> pause(Actor by) {
        if (!now.runs()) {
            return refused("stands", "does not run: " + inWords(clock, now, at));
        }
        ClockState next = now.standing(Phase.PAUSED, shows());
        return done(next, "paused", "is paused").telling(List.of(fact(DeskFacts.CLOCK_PAUSED, by, next)));
    }

    private Answer<ClockState> skip() {
        if (clock.way() != Way.ROUNDS) {
            return refused("noRounds", "has no rounds");
        }
        int next = clock.rounds().after(now.turn());
        if (next >= clock.rounds().turns()) {
            return refused("lastRound", "is in its last round");
        }
        return turned(next, "skipped");
    }

    private Answer<ClockState> turned(int turn, String outcome) {
        long length = clock.rounds().length(turn);
        ClockState other = now.inTurn(turn);
        ClockState next = nearly(
                now.phase() == Phase.PAUSED || now.phase() == Phase.READY
                        ? new ClockState(
                                now.phase(), 0, length, length, turn, false, now.since(), now.added(), now.before())
                        : other.running(at + length, length));
        Fact told = DeskFacts.CLOCK_ROUND.by(
                Actor.PROGRAM,
                clock.name(),
                inWords(clock, next, at),
                clock.rounds().inWords(turn),
                clock.rounds().sort(turn));
        return done(next, outcome, "comes to " + clock.rounds().inWords(turn)).telling(List.of(told));
    }

    private Answer<ClockState> undo() {
        return now.before()
                .map(before -> done(before, "undone", "is as it was"))
                .orElseGet(() -> refused("nothing", "has no step to take back"));
    }

    private Answer<ClockState> timed(Ask ask) {
        WrittenTime time = WrittenTime.of(ask.text("time"), at, clock.place());
        String act = ask.act().name();
        if (!time.fault().isEmpty()) {
            return Answer.refused(now, "notUnderstood", time.fault());
        }
        if (time.until() && (clock.up() || !act.equals(Clock.SET))) {
            return Answer.refused(now, "notUnderstood", "A length is wanted, such as 90, 1:30 or 1h 5m.");
        }
        String inWords = Spans.inWords(time.ms());
        return switch (act) {
            case Clock.ADD -> done(to(shows() + time.ms()), "added", "gets " + inWords + " more");
            case Clock.TAKE -> done(to(Math.max(0, shows() - time.ms())), "taken", "has " + inWords + " less");
            default ->
                time.until()
                        ? done(nearly(now.running(time.ms(), time.ms() - at)), "set", "is set")
                        : done(to(time.ms()), "set", "is set");
        };
    }

    /** The same where it shows so much from now on; what was over runs again. */
    private ClockState to(long shows) {
        if (now.phase() == Phase.READY || now.phase() == Phase.PAUSED) {
            return nearly(now.standing(now.phase(), shows));
        }
        ClockState next = now.running(clock.up() ? at - shows : at + shows, Math.max(now.whole(), shows));
        return shows > clock.nearMs() ? next.nearly(false) : next;
    }

    /** What an event adds, within all bounds; what it adds is told. */
    Answer<ClockState> hear(Fact fact) {
        if (clock.up() || now.phase() != Phase.RUNNING && now.phase() != Phase.PAUSED) {
            return Answer.nothing(now);
        }
        ClockState next = now;
        List<Fact> told = new ArrayList<>();
        for (int line = 0; line < clock.adding().size(); line++) {
            long more = within(next, line, clock.adding().get(line).worth(fact));
            if (more > 0) {
                next = new ClockStep(clock, next, at)
                        .to(shows(clock, next, at) + more)
                        .adding(line, more);
                told.add(DeskFacts.CLOCK_ADDED.about(
                        Actor.PROGRAM,
                        fact.by(),
                        clock.name(),
                        inWords(clock, next, at),
                        Spans.inWords(more),
                        what(fact),
                        more / 1_000));
            }
        }
        return Answer.becomes(next).telling(told);
    }

    /** What an event was, in words: the thing that was given, else the event itself. */
    private static String what(Fact fact) {
        String about = fact.text(Adding.about(fact.what()));
        return about.isEmpty() ? fact.sentence() : about;
    }

    /** Whole seconds of {@code wanted} that no bound takes away. */
    private long within(ClockState next, int line, long wanted) {
        Adding adding = clock.adding().get(line);
        long more = wanted;
        if (adding.mostMs() > 0) {
            more = Math.min(more, adding.mostMs() - next.added().getOrDefault(line, 0L));
        }
        if (clock.mostMs() > 0) {
            more = Math.min(more, clock.mostMs() - next.addedInAll());
        }
        long end = at + shows(clock, next, at);
        more = Math.min(more, latest(next.since()).map(latest -> latest - end).orElse(Long.MAX_VALUE));
        return more < 0 ? 0 : more - more % 1_000;
    }

    /** The moment beyond which events add nothing: the first time of day after the run began; empty for none. */
    private Optional<Long> latest(long since) {
        return WrittenTime.ofDay(clock.latest()).map(time -> {
            LocalDateTime begun = Objects.requireNonNull(
                            Instant.ofEpochMilli(since).atZone(clock.place()))
                    .toLocalDateTime();
            LocalDateTime there = begun.toLocalDate().atTime(time);
            return (there.isAfter(begun) ? there : there.plusDays(1))
                    .atZone(clock.place())
                    .toInstant()
                    .toEpochMilli();
        });
    }

    /** When something is to happen by itself, milliseconds since 1970 UTC. */
    static long nextWake(Clock clock, ClockState now) {
        if (!now.runs() || clock.up()) {
            return Long.MAX_VALUE;
        }
        return now.near() || clock.nearMs() == 0 ? now.moment() : now.moment() - clock.nearMs();
    }

    Answer<ClockState> wake() {
        if (at < now.moment()) {
            return Answer.becomes(now.nearly(true)).telling(List.of(fact(DeskFacts.CLOCK_NEAR, Actor.PROGRAM, now)));
        }
        int next = clock.way() == Way.ROUNDS ? clock.rounds().after(now.turn()) : Integer.MAX_VALUE;
        if (clock.way() == Way.ROUNDS && next < clock.rounds().turns()) {
            return turned(next, "");
        }
        ClockState over = now.standing(Phase.OVER, 0);
        return Answer.becomes(over).telling(List.of(fact(DeskFacts.CLOCK_OVER, Actor.desk(clock.id()), over)));
    }
}
