package org.waxbell.app.rest;

import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Component;
import org.waxbell.app.config.Version;
import org.waxbell.app.json.Documents;
import org.waxbell.app.rest.Notices.DecisionNotice;
import org.waxbell.app.rest.Notices.RingNotice;
import org.waxbell.app.run.OutcomeWatcher;
import org.waxbell.app.run.SavedState;
import org.waxbell.app.run.SystemClock;
import org.waxbell.app.socket.Outboxes;
import org.waxbell.app.socket.Topic;
import org.waxbell.app.stage.StageFeed;
import org.waxbell.app.stage.StageWatcher;
import org.waxbell.app.store.EngineMapper;
import org.waxbell.app.store.JournalMapper;
import org.waxbell.app.store.StateStore;
import org.waxbell.engine.Change;
import org.waxbell.engine.Outcome;
import org.waxbell.engine.Ring;
import org.waxbell.journal.Decision;
import org.waxbell.show.Evening;
import org.waxbell.words.WordBook;

/** What the console is told as it happens: decisions, rings, who shows a stage, whether all is being kept. */
@Component
public class LiveNews implements OutcomeWatcher, StageWatcher {
    private static final int DECISIONS_SHOWN = 60;
    private static final long ROPE_BACK = 40_000;
    private final JournalMapper journal;
    private final EngineMapper rings;
    private final Documents json;
    private final SystemClock clock;
    private final StageFeed stages;
    private final SavedState saved;
    private final StateStore state;
    /** Only for the engine's thread. */
    private final WordBook words = new WordBook();
    private final Topic topic;

    LiveNews(JournalMapper journal, EngineMapper rings, Documents json, SystemClock clock, StageFeed stages, SavedState saved,
             StateStore state, Outboxes outboxes) {
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
    public record LiveStanding(double now, String version, List<DecisionNotice> decisions, List<RingNotice> rings,
                           List<PageNotice> pages, SavedState.Saved saved, Evening evening) {
    }

    /** A page that shows a stage. @param sounds whether it may sound @param roundTrip in milliseconds */
    public record PageNotice(boolean sounds, double roundTrip) {
    }

    /** A part was painted. @param at when, milliseconds since 1970 UTC with fractions */
    public record StartedNotice(String partRun, double at) {
    }

    /** The socket of the console. */
    public Topic topic() {
        return topic;
    }

    LiveStanding standing() {
        WordBook fresh = new WordBook();
        List<RingNotice> recent = rings.ringsSince(clock.now() - ROPE_BACK).stream()
                .map(text -> Notices.of(json.read(text, Ring.class), fresh)).sorted(Comparator.comparingLong(RingNotice::number)).toList();
        return new LiveStanding(clock.exact(), Version.current(), decisions(Long.MAX_VALUE), recent, pages(), saved.now(), state.evening());
    }

    /** The newest decisions before a number, newest last. */
    List<DecisionNotice> decisions(long before) {
        return journal.before(before, DECISIONS_SHOWN).stream().map(row -> Notices.of(json.read(row.json(), Decision.class)))
                .sorted(Comparator.comparingLong(DecisionNotice::number)).toList();
    }

    List<PageNotice> pages() {
        return stages.pages("main").stream().map(page -> new PageNotice(page.sounds(), page.roundTrip())).toList();
    }

    @Override
    public void left(Outcome outcome) {
        outcome.decisions().forEach(decision -> topic.tell("decision", Notices.of(decision)));
        for (Change change : outcome.changes()) {
            if (change instanceof Change.RingMoved moved) {
                topic.tell("ring", Notices.of(moved.ring(), words));
            } else if (change instanceof Change.EveningMoved moved) {
                topic.tell("evening", moved.evening());
            }
        }
    }

    /** The wiring changed; pages read it again. */
    void wiringChanged() {
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
