package org.waxbell.rehearsal;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.waxbell.directive.Directive;
import org.waxbell.engine.Books;
import org.waxbell.engine.Completion;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.Outcome;
import org.waxbell.engine.PartName;
import org.waxbell.engine.Ring;
import org.waxbell.event.Tried;
import org.waxbell.journal.Decision;
import org.waxbell.port.Calendars;
import org.waxbell.show.Show;
import org.waxbell.wiring.CueBook;

/**
 * One cue tried with one event, from the evening as it stands but with nothing else playing; nothing is sent anywhere.
 *
 * @param decision   what its gates said
 * @param ring       the ring as it ended, null where it was held
 * @param directives what adapters would be told, in order; of what is said ahead the moments are absolute, as in the ring
 */
public record Tryout(Decision decision, @Nullable Ring ring, List<Directive> directives) {
    private static final long LONGEST = 900_000;

    /** Tries. @param now the moment, in milliseconds since 1970 UTC */
    public static Tryout of(CueBook book, EngineState evening, long now, Tried tried, Calendars calendars) {
        Engine engine = Show.engine(book, evening.alone(), 0, calendars);
        Trial trial = new Trial();
        trial.note(engine.accept(now, tried));
        while (trial.isOpen() && trial.nextDue(engine.nextWake()) <= now + LONGEST) {
            long at = trial.nextDue(engine.nextWake());
            trial.note(trial.reports.containsKey(at) ? trial.reports.remove(at).play(engine) : engine.wake(at));
        }
        return new Tryout(Objects.requireNonNull(trial.decision), trial.ring, List.copyOf(trial.directives));
    }

    /** What came of it so far; only the first ring counts, not what it leads to. */
    private static final class Trial {
        private final List<Directive> directives = new ArrayList<>();
        private final TreeMap<Long, Step.Reported> reports = new TreeMap<>();
        private @Nullable Decision decision;
        private @Nullable Ring ring;

        private boolean isOpen() {
            return ring != null && ring.state().isActive();
        }

        private long nextDue(long wake) {
            return reports.isEmpty() ? wake : Math.min(wake, reports.firstKey());
        }

        private void moved(Ring now) {
            ring = ring == null || now.number() == ring.number() ? now : ring;
        }

        /** Whether what is told belongs to the first ring; without one, such as an answer of a gate, everything does. */
        private boolean isOfRing(String partRun) {
            Ring mine = ring;
            return mine == null
                    || PartName.parse(partRun)
                            .map(name -> name.ring() == mine.number())
                            .orElse(false);
        }

        private void note(Outcome outcome) {
            for (Decision each : outcome.decisions()) {
                decision = decision == null && each.event() instanceof Tried ? each : decision;
            }
            outcome.now(Books.RINGS).forEach(this::moved);
            for (Directive directive : outcome.directives()) {
                if (isOfRing(directive.partRun())) {
                    directives.add(directive);
                }
                directive.standIn().ifPresent(report -> {
                    long when = directive.meantFor() + report.afterMs();
                    reports.put(when, new Step.Reported(when, directive.partRun(), Completion.ended(report.results())));
                });
            }
        }
    }
}
