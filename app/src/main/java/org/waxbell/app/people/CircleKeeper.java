package org.waxbell.app.people;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.waxbell.actor.Actor;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.store.PeopleFilter;
import org.waxbell.app.store.PeopleMapper;
import org.waxbell.app.store.PeopleMapper.First;
import org.waxbell.app.store.StateStore;
import org.waxbell.app.thread.Daemons;
import org.waxbell.app.wiring.WiringChanged;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.condition.ConditionTree;
import org.waxbell.engine.Books;
import org.waxbell.event.Facts;
import org.waxbell.rehearsal.Step;
import org.waxbell.wiring.Circle;
import org.waxbell.wiring.PeopleRule;

/**
 * Looks now and then who belongs to a circle by what is kept of people, and tells the engine who came and who left, so that a
 * rehearsal of the evening has the same circles.
 */
@Component
public class CircleKeeper {
    private static final Logger LOG = LoggerFactory.getLogger(CircleKeeper.class);
    private static final long EVERY_SECONDS = 15;
    /** No circle by a condition has more: whoever was here last belongs to it first. */
    public static final int MOST = 10_000;

    private final PeopleMapper people;
    private final StateStore state;
    private final WiringStore wiring;
    private final Inbox inbox;
    private final SystemClock clock;
    private final ScheduledExecutorService timer = Executors.newSingleThreadScheduledExecutor(Daemons.named("circles"));

    CircleKeeper(PeopleMapper people, StateStore state, WiringStore wiring, Inbox inbox, SystemClock clock) {
        this.people = people;
        this.state = state;
        this.wiring = wiring;
        this.inbox = inbox;
        this.clock = clock;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        timer.scheduleWithFixedDelay(this::look, 0, EVERY_SECONDS, TimeUnit.SECONDS);
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        timer.shutdownNow();
    }

    @EventListener
    void changed(WiringChanged changed) {
        timer.execute(this::look);
    }

    private void look() {
        try {
            List<Circle> kept = wiring.current().wiring().house().circles().stream()
                    .filter(each -> each.by().isKept())
                    .toList();
            if (!kept.isEmpty()) {
                Map<String, Set<String>> told = told();
                kept.forEach(each -> tell(each.id(), told.getOrDefault(each.id(), Set.of()), ids(each)));
            }
        } catch (RuntimeException failed) {
            LOG.warn("Who is in the circles could not be looked up: {}", failed.getMessage());
        }
    }

    private Map<String, Set<String>> told() {
        Map<String, Set<String>> all = new LinkedHashMap<>();
        state.book(Books.CIRCLED)
                .values()
                .forEach(each -> all.computeIfAbsent(each.circle(), id -> new LinkedHashSet<>())
                        .add(each.person()));
        return all;
    }

    private Set<String> ids(Circle circle) {
        Set<String> all = new LinkedHashSet<>();
        now(circle, MOST).forEach(each -> all.add(each.id()));
        return all;
    }

    private void tell(String circle, Set<String> before, Set<String> after) {
        List<String> come = new ArrayList<>(after);
        come.removeAll(before);
        List<String> gone = new ArrayList<>(before);
        gone.removeAll(after);
        if (!come.isEmpty() || !gone.isEmpty()) {
            inbox.step(at -> new Step.Happens(
                            at,
                            Facts.CIRCLED.by(Actor.PROGRAM, circle, String.join("\n", come), String.join("\n", gone))))
                    .join();
        }
    }

    /** Who belongs to a circle by what is kept of people, at most so many, with what they are in for; 0 where a condition holds of them. */
    public List<First> now(Circle circle, int most) {
        int month = StateStore.month(clock.now());
        if (circle.by() != Circle.By.RULE) {
            return people.first(circle.by(), month, Math.min(most, circle.first()));
        }
        return ConditionTree.of(circle.rule(), PeopleRule.SCOPE)
                .map(tree -> people.list(PeopleFilter.of("", tree, month, "lastSeen", true, 0, most)))
                .orElse(List.of())
                .stream()
                .map(each -> new First(each.id(), each.name(), 0))
                .toList();
    }
}
