package org.waxbell.app.live;

import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Component;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.config.Version;
import org.waxbell.app.inbox.SavedState;
import org.waxbell.app.json.Documents;
import org.waxbell.app.link.LinkView;
import org.waxbell.app.link.Links;
import org.waxbell.app.live.Notices.DecisionNotice;
import org.waxbell.app.live.Notices.RingNotice;
import org.waxbell.app.stage.StageFeed;
import org.waxbell.app.store.EngineMapper;
import org.waxbell.app.store.StateStore;
import org.waxbell.engine.Ring;
import org.waxbell.evening.Evening;
import org.waxbell.evening.Shut;
import org.waxbell.words.WordBook;

/** How the evening stands, which a console that joins is told first. */
@Component
public class LiveStandings implements LiveSocket.Start {
    private static final long ROPE_BACK = 40_000;
    private final Notices notices;
    private final JournalPages journal;
    private final EngineMapper rings;
    private final Documents json;
    private final SystemClock clock;
    private final StageFeed stages;
    private final SavedState saved;
    private final StateStore state;
    private final Links links;

    LiveStandings(
            JournalPages journal,
            EngineMapper rings,
            Documents json,
            SystemClock clock,
            StageFeed stages,
            SavedState saved,
            StateStore state,
            Links links,
            Notices notices) {
        this.notices = notices;
        this.journal = journal;
        this.rings = rings;
        this.json = json;
        this.clock = clock;
        this.stages = stages;
        this.saved = saved;
        this.state = state;
        this.links = links;
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
            Shut shutters,
            List<LinkView> links) {}

    /** A page that shows a stage, previews left out. @param sounds whether it may sound @param roundTrip in milliseconds */
    public record PageNotice(String stage, boolean sounds, double roundTrip) {}

    @Override
    public LiveStanding standing() {
        WordBook fresh = new WordBook();
        List<RingNotice> recent = rings.ringsSince(clock.now() - ROPE_BACK).stream()
                .map(text -> notices.of(json.read(text, Ring.class), fresh))
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
                state.shutters(),
                links.all());
    }

    List<PageNotice> pages() {
        return stages.pages().stream()
                .map(page -> new PageNotice(page.stage(), page.sounds(), page.roundTrip()))
                .toList();
    }
}
