package org.waxbell.app.rest;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;
import org.waxbell.app.config.Version;
import org.waxbell.app.json.Documents;
import org.waxbell.app.link.LinkNews;
import org.waxbell.app.link.LinkPulse;
import org.waxbell.app.link.LinkView;
import org.waxbell.app.link.Links;
import org.waxbell.app.rest.Notices.DecisionNotice;
import org.waxbell.app.rest.Notices.RingNotice;
import org.waxbell.app.run.OutcomeWatcher;
import org.waxbell.app.run.SavedState;
import org.waxbell.app.run.SystemClock;
import org.waxbell.app.seen.SeenNews;
import org.waxbell.app.socket.Outboxes;
import org.waxbell.app.socket.Topic;
import org.waxbell.app.stage.StageFeed;
import org.waxbell.app.stage.StageWatcher;
import org.waxbell.app.store.EngineMapper;
import org.waxbell.app.store.StateStore;
import org.waxbell.app.wiring.WiringWatcher;
import org.waxbell.engine.Change;
import org.waxbell.engine.Outcome;
import org.waxbell.engine.Ring;
import org.waxbell.seen.Seen;
import org.waxbell.show.Evening;
import org.waxbell.words.WordBook;

/** What the console is told as it happens: decisions, rings, who shows a stage, whether all is being kept. */
@Component
public class LiveNews implements OutcomeWatcher, StageWatcher, LinkNews, SeenNews {
    private static final long ROPE_BACK = 40_000;
    private final JournalPages journal;
    private final EngineMapper rings;
    private final Documents json;
    private final SystemClock clock;
    private final StageFeed stages;
    private final SavedState saved;
    private final StateStore state;
    /** Only for the engine's thread. */
    private final WordBook words = new WordBook();

    private final Topic topic;
    private final Links links;
    private final List<WiringWatcher> wired;
    private final LinkPulse pulse;

    LiveNews(
            JournalPages journal,
            EngineMapper rings,
            Documents json,
            SystemClock clock,
            StageFeed stages,
            SavedState saved,
            StateStore state,
            Outboxes outboxes,
            @Lazy Links links,
            List<WiringWatcher> wired,
            LinkPulse pulse) {
        this.links = links;
        this.wired = wired;
        this.pulse = pulse;
        this.journal = journal;
        this.rings = rings;
        this.json = json;
        this.clock = clock;
        this.stages = stages;
        this.saved = saved;
        this.state = state;
        this.topic = new Topic(outboxes, json, this::standing);
        saved.watch(now -> topic.tell("saved", now));
    }

    /** How it stands. @param now the server's time, milliseconds since 1970 UTC @param decisions newest last */
    public record LiveStanding(
            double now,
            String version,
            List<DecisionNotice> decisions,
            List<RingNotice> rings,
            List<PageNotice> pages,
            SavedState.Saved saved,
            Evening evening,
            List<LinkView> links) {}

    /** A page that shows a stage, previews left out. @param sounds whether it may sound @param roundTrip in milliseconds */
    public record PageNotice(String stage, boolean sounds, double roundTrip) {}

    /** A part was painted. @param at when, milliseconds since 1970 UTC with fractions */
    public record StartedNotice(String partRun, double at) {}

    /** The socket of the console. */
    public Topic topic() {
        return topic;
    }

    LiveStanding standing() {
        WordBook fresh = new WordBook();
        List<RingNotice> recent = rings.ringsSince(clock.now() - ROPE_BACK).stream()
                .map(text -> Notices.of(json.read(text, Ring.class), fresh))
                .sorted(Comparator.comparingLong(RingNotice::number))
                .toList();
        return new LiveStanding(
                clock.exact(),
                Version.current(),
                journal.before(Long.MAX_VALUE),
                recent,
                pages(),
                saved.now(),
                state.evening(),
                links.all());
    }

    List<PageNotice> pages() {
        return stages.pages().stream()
                .map(page -> new PageNotice(page.stage(), page.sounds(), page.roundTrip()))
                .toList();
    }

    @Override
    public void left(Outcome outcome) {
        outcome.decisions().forEach(decision -> topic.tell("decision", Notices.of(decision, Map.of())));
        for (Change change : outcome.changes()) {
            if (change instanceof Change.RingMoved moved) {
                topic.tell("ring", Notices.of(moved.ring(), words));
            } else if (change instanceof Change.EveningMoved moved) {
                topic.tell("evening", moved.evening());
            }
        }
    }

    /** Whether a ring could be seen and heard. */
    public record SeenNotice(long ring, Seen seen) {}

    @Override
    public void seen(long ring, Seen seen) {
        topic.tell("seen", new SeenNotice(ring, seen));
    }

    @Override
    public void linksMoved(List<LinkView> now) {
        topic.tell("links", now);
    }

    /** The wiring changed; pages read it again. */
    void wiringChanged() {
        wired.forEach(WiringWatcher::wiringChanged);
        pulse.moved();
        topic.tell("wiring", clock.now());
    }

    @Override
    public void pagesChanged(String stage) {
        topic.tell("pages", pages());
    }

    @Override
    public void started(String partRun, double at) {
        topic.tell("started", new StartedNotice(partRun, at));
    }
}
