package org.waxbell.app.seen;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.waxbell.app.address.StageAddresses;
import org.waxbell.app.inbox.FailedLate;
import org.waxbell.app.inbox.OutcomeWatcher;
import org.waxbell.app.json.Documents;
import org.waxbell.app.link.LinkPulse;
import org.waxbell.app.mixer.MixerDesk;
import org.waxbell.app.mixer.MixerSounds;
import org.waxbell.app.mixer.MixerStands;
import org.waxbell.app.stage.StageFeed;
import org.waxbell.app.stage.StageWatcher;
import org.waxbell.app.store.SeenMapper;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.engine.Books;
import org.waxbell.engine.Outcome;
import org.waxbell.engine.PartName;
import org.waxbell.engine.PartRun;
import org.waxbell.engine.PartState;
import org.waxbell.engine.Ring;
import org.waxbell.mixer.MixerPicture;
import org.waxbell.seen.Seen;
import org.waxbell.seen.Sight;

/**
 * Joins, for every ring, what pages painted with how the mixer stood meanwhile and whether its level moved, and keeps what came of
 * that shortly after the ring is over.
 */
@Component
public class SeenWatch implements OutcomeWatcher, StageWatcher {
    /** How long after its end a ring is judged: pages and meters tell a little late. */
    private static final long AFTER_MS = 700;
    /** What was cut sooner than this was not meant to be seen. */
    private static final long TOO_SHORT_MS = 300;

    private static final Logger LOG = LoggerFactory.getLogger(SeenWatch.class);
    private static final int MOST_PAINTED = 2_000;
    private final Map<Long, RingSight> open = new ConcurrentHashMap<>();
    /** What pages painted lately: a page may be quicker than we are told of its ring. */
    private final Set<String> painted = Collections.synchronizedSet(Collections.newSetFromMap(new LinkedHashMap<>() {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Boolean> eldest) {
            return size() > MOST_PAINTED;
        }
    }));

    private final StageFeed feed;
    private final StageAddresses addresses;
    private final MixerDesk mixer;
    private final WiringStore wiring;
    private final SeenMapper mapper;
    private final Documents json;
    private final LinkPulse pulse;
    private final ApplicationEventPublisher news;

    SeenWatch(
            StageFeed feed,
            StageAddresses addresses,
            MixerDesk mixer,
            WiringStore wiring,
            SeenMapper mapper,
            Documents json,
            LinkPulse pulse,
            ApplicationEventPublisher news) {
        this.feed = feed;
        this.addresses = addresses;
        this.mixer = mixer;
        this.wiring = wiring;
        this.mapper = mapper;
        this.json = json;
        this.pulse = pulse;
        this.news = news;
    }

    @Override
    public void left(Outcome outcome) {
        outcome.now(Books.RINGS).forEach(this::moved);
    }

    private void moved(Ring ring) {
        boolean shows = ring.parts().stream()
                .anyMatch(run ->
                        run.state() == PartState.TOLD && run.part().place().isPresent());
        RingSight sight =
                shows ? open.computeIfAbsent(ring.number(), number -> new RingSight()) : open.get(ring.number());
        if (sight != null) {
            sight.looks(ring, feed);
            look(sight);
        }
        if (!ring.state().isActive()) {
            open.remove(ring.number());
            boolean failed = ring.parts().stream().anyMatch(run -> run.state() == PartState.FAILED);
            if (sight != null || failed) {
                pulse.timer()
                        .schedule(
                                () -> judge(ring, sight == null ? new RingSight() : sight),
                                AFTER_MS,
                                TimeUnit.MILLISECONDS);
                if (sight != null) {
                    open.put(-ring.number(), sight);
                }
            }
        }
    }

    private void look(RingSight sight) {
        // What was seen before the link broke still holds.
        mixer.picture().ifPresent(now -> sight.sees(now, addresses));
    }

    private void judge(Ring ring, RingSight sight) {
        open.remove(-ring.number());
        Seen seen = null;
        for (PartRun run : ring.parts()) {
            if (run.state() == PartState.FAILED) {
                Seen failed = Seen.failed(run.part().id(), run.note());
                seen = seen == null ? failed : seen.or(failed);
            }
        }
        List<Sight> sights = sight.sights(
                ring,
                TOO_SHORT_MS,
                painted,
                mixer.tellsLevels(),
                id -> wiring.current()
                        .wiring()
                        .stage(id)
                        .map(stage -> stage.name())
                        .orElse(id));
        if (!sights.isEmpty()) {
            Seen joined = Seen.of(sights);
            seen = seen == null ? joined : seen.or(joined);
        }
        if (seen != null) {
            keep(ring.number(), seen);
        }
    }

    private void keep(long ring, Seen seen) {
        try {
            mapper.put(new SeenMapper.SeenRow(ring, json.write(seen)));
        } catch (DataAccessException notNow) {
            LOG.warn("Whether ring {} was seen could not be kept: {}", ring, notNow.getMessage());
        }
        news.publishEvent(new SeenRing(ring, seen));
    }

    @EventListener
    void failedLate(FailedLate failed) {
        PartName.parse(failed.partRun()).ifPresent(name -> keep(name.ring(), Seen.failed(name.part(), failed.why())));
    }

    @Override
    public void pagesChanged(String stage) {
        open.values().forEach(sight -> sight.pages(stage, feed.pages(stage).size()));
    }

    @Override
    public void started(String partRun, double at) {
        painted.add(partRun);
        open.values().forEach(this::look);
    }

    @EventListener
    void mixerStands(MixerStands stands) {
        open.values().forEach(sight -> sight.sees(stands.picture(), addresses));
    }

    @EventListener
    void mixerSounds(MixerSounds sounds) {
        MixerPicture now = mixer.picture().orElse(MixerPicture.NONE);
        open.values().forEach(sight -> sight.hears(sounds.levels(), now, addresses));
    }
}
