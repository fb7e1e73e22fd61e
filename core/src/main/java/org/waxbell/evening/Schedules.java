package org.waxbell.evening;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Consumer;
import org.waxbell.cue.AfterLinesPull;
import org.waxbell.cue.CalendarPull;
import org.waxbell.cue.Cue;
import org.waxbell.cue.EveryPull;
import org.waxbell.cue.Pull;
import org.waxbell.cue.TimedPull;
import org.waxbell.port.Calendars;

/**
 * When timed pulls come next. "Every" and "after lines" belong to the open show, calendar rules do not; what was missed while
 * the program was not running is not made up for.
 */
public final class Schedules {
    private final Calendars calendars;
    private final Map<String, Came> came = new TreeMap<>();
    private List<Timed> timed = List.of();
    /** When each comes next, worked out only when something of it changed. */
    private final Map<String, Long> dues = new HashMap<>();

    private long nextAt = Long.MAX_VALUE;

    /** One timed pull of a cue. @param pull which of its pulls, counted from 0 */
    public record Timed(String cueId, int pull, TimedPull kind) {
        private String key() {
            return cueId + "/" + pull;
        }
    }

    /** Goes on from when pulls came last. */
    public Schedules(Calendars calendars, List<Came> before) {
        this.calendars = calendars;
        before.forEach(each -> came.put(each.cueId() + "/" + each.pull(), each));
    }

    /** The cues are these now; a calendar rule that is new counts from {@code now}. @param kept is told of what is new */
    public void define(List<Cue> cues, Evening evening, long now, Consumer<Came> kept) {
        List<Timed> next = new ArrayList<>();
        for (Cue cue : cues) {
            for (int i = 0; i < cue.pulls().size(); i++) {
                Pull pull = cue.pulls().get(i);
                if (pull instanceof TimedPull kind) {
                    next.add(new Timed(cue.id(), i, kind));
                }
            }
        }
        timed = List.copyOf(next);
        timed.stream()
                .filter(each -> !came.containsKey(each.key()))
                .forEach(each -> put(each, new Came(each.cueId(), each.pull(), now, evening.lines(), 0), kept));
        plan(evening);
    }

    private void put(Timed timed, Came now, Consumer<Came> kept) {
        if (!now.equals(came.put(timed.key(), now))) {
            kept.accept(now);
        }
    }

    /** What passed before {@code now} is not made up for. @param kept is told of what is another by that */
    public void skipTo(long now, Evening evening, Consumer<Came> kept) {
        for (Timed each : timed) {
            Came last = last(each);
            put(each, new Came(last.cueId(), last.pull(), Math.max(last.at(), now), last.lines(), last.ready()), kept);
        }
        plan(evening);
    }

    /** A show opens or closes: counts and spans begin anew. @param kept is told of that */
    public void restart(Evening evening, Consumer<Came> kept) {
        timed.stream()
                .filter(each -> !(each.kind() instanceof CalendarPull))
                .forEach(each -> put(each, new Came(each.cueId(), each.pull(), evening.openedAt(), 0, 0), kept));
        plan(evening);
    }

    /** Whether lines of chat have to be counted. */
    public boolean countsLines() {
        return timed.stream().anyMatch(each -> each.kind() instanceof AfterLinesPull);
    }

    /** One more line of chat was written at {@code at}; what is ready by that is told to {@code kept}. */
    public void line(long at, Evening evening, Consumer<Came> kept) {
        for (Timed each : timed) {
            Came last = last(each);
            if (each.kind() instanceof AfterLinesPull after
                    && last.ready() == 0
                    && evening.lines() - last.lines() >= after.lines()) {
                Came ready = new Came(each.cueId(), each.pull(), last.at(), last.lines(), at);
                came.put(each.key(), ready);
                kept.accept(ready);
                plan(each, evening);
            }
        }
    }

    private void plan(Evening evening) {
        dues.clear();
        timed.forEach(each -> dues.put(each.key(), due(each, evening)));
        findNext();
    }

    private void plan(Timed each, Evening evening) {
        dues.put(each.key(), due(each, evening));
        findNext();
    }

    private void findNext() {
        nextAt = dues.values().stream().mapToLong(Long::longValue).min().orElse(Long.MAX_VALUE);
    }

    /** When the next one comes, {@link Long#MAX_VALUE} for never. */
    public long nextAt() {
        return nextAt;
    }

    /** Takes the pull that is due first at {@code at}; when it came is told to {@code kept}. */
    public Optional<Timed> take(long at, Evening evening, Consumer<Came> kept) {
        for (Timed each : timed) {
            if (dues.getOrDefault(each.key(), Long.MAX_VALUE) <= at) {
                Came now = new Came(each.cueId(), each.pull(), at, evening.lines(), 0);
                came.put(each.key(), now);
                kept.accept(now);
                plan(each, evening);
                return Optional.of(each);
            }
        }
        return Optional.empty();
    }

    private long due(Timed each, Evening evening) {
        Came last = last(each);
        if (each.kind() instanceof CalendarPull calendar) {
            return calendars.next(calendar, last.at());
        }
        if (!evening.open()) {
            return Long.MAX_VALUE;
        }
        if (each.kind() instanceof AfterLinesPull after) {
            return last.ready() > 0 ? Math.max(last.ready(), last.at() + after.leastMs()) : Long.MAX_VALUE;
        }
        long every = ((EveryPull) each.kind()).everyMs();
        return evening.openedAt() + (Math.max(0, last.at() - evening.openedAt()) / every + 1) * every;
    }

    /** When a pull came last; every one that is defined has such a moment. */
    private Came last(Timed timed) {
        return Objects.requireNonNull(came.get(timed.key()));
    }

    /** All that it remembers. */
    public List<Came> save() {
        return List.copyOf(came.values());
    }
}
