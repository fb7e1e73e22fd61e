package org.waxbell.app.mixer;

import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.IntConsumer;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.json.Documents;
import org.waxbell.app.link.Causes;
import org.waxbell.app.link.OwedTargets;
import org.waxbell.app.rpc.MixerCalls.News.Levels;
import org.waxbell.app.store.SettingMapper;
import org.waxbell.directive.SetTarget;
import org.waxbell.engine.Completion;
import org.waxbell.event.Target;
import org.waxbell.mixer.MixerChange;
import org.waxbell.mixer.MixerPicture;
import org.waxbell.port.TargetOut;

/**
 * What the engine and the pages ask of the mixer, whichever it is, and what they are told of it. What was to be put back, or to stand, while the
 * link was down is done when it is up again, unless a person has changed it meanwhile; what a cue was to begin then fails at once.
 */
@Component
public class MixerDesk implements TargetOut, MixerLink.Watcher {
    private final Inbox loop;
    private final SystemClock clock;
    private final MixerReports reports;
    private final OwedTargets owed;
    private final ApplicationEventPublisher news;
    private volatile @Nullable MixerLink link;

    MixerDesk(
            Inbox loop,
            SystemClock clock,
            MixerReports reports,
            SettingMapper settings,
            Documents json,
            ApplicationEventPublisher news) {
        this.loop = loop;
        this.clock = clock;
        this.reports = reports;
        this.owed = new OwedTargets(settings, json, "mixer.owed");
        this.news = news;
    }

    void become(MixerLink next) {
        link = next;
        reports.forget();
    }

    /** How the mixer stands; empty while its link is not up. */
    public Optional<MixerPicture> picture() {
        MixerLink now = link;
        return now == null || !now.up() ? Optional.empty() : Optional.of(now.picture());
    }

    /** Whether it tells how loud its sources are. */
    public boolean tellsLevels() {
        MixerLink now = link;
        return now != null && now.up() && now.tellsLevels();
    }

    /** Asks for a clip of the last seconds. @param progress hears how far it is, in percent */
    public MixerClip clip(int seconds, String title, IntConsumer progress) {
        MixerLink now = link;
        return now == null
                ? new MixerClip(
                        CompletableFuture.failedFuture(new IllegalStateException("the mixer is not set up")), () -> {})
                : now.clip(seconds, title, progress);
    }

    @Override
    public boolean knows(Target.Kind kind) {
        return kind.ofMixer();
    }

    @Override
    public void set(SetTarget set) {
        MixerLink now = link;
        if (now == null || !now.up()) {
            if (set.lasts()) {
                owe(set, now == null ? "" : stood(now.picture(), set.target()));
            } else {
                loop.completed(
                        set.partRun(), Completion.failed(now == null ? "the mixer is not set up" : now.refusal()));
            }
            return;
        }
        Optional<String> stands = now.picture().valueOf(set.target());
        if (stands.isEmpty()) {
            loop.completed(
                    set.partRun(),
                    Completion.failed(
                            "the mixer has no such thing: " + set.target().inWords()));
        } else if (set.target().kind() == Target.Kind.SCENE
                && now.picture().scene(set.value()).isEmpty()) {
            loop.completed(set.partRun(), Completion.failed("the mixer has no scene called " + set.value()));
        } else {
            send(now, set);
        }
    }

    /** Keeps what is to be put back. The link may have come up meanwhile: nobody would look again. */
    private void owe(SetTarget set, String left) {
        owed.add(set.target(), set.value(), left);
        MixerLink now = link;
        if (now != null && now.up()) {
            putBack(now, now.picture());
        }
    }

    private void putBack(MixerLink on, MixerPicture stands) {
        for (OwedTargets.Owed each : owed.take()) {
            if (each.due(stood(stands, each.target()))) {
                send(on, new SetTarget("owed", clock.now(), each.target(), each.value(), true));
                reports.expect(each.target(), each.value());
            }
        }
    }

    private void send(MixerLink now, SetTarget set) {
        MixerPicture before = now.picture();
        now.change(MixerChange.of(set.target(), set.value())).whenComplete((done, failed) -> {
            if (failed != null && set.lasts() && !now.up()) {
                owed.add(set.target(), set.value(), stood(before, set.target()));
            } else if (failed != null) {
                loop.completed(set.partRun(), Completion.failed(Causes.words(failed)));
            }
        });
    }

    private static String stood(MixerPicture picture, Target target) {
        return picture.valueOf(target).orElse("");
    }

    @Override
    public void joined(MixerLink from, MixerPicture before, MixerPicture now) {
        if (from == link) {
            putBack(from, now);
            reports.joined(before, now, !from.practice());
            news.publishEvent(new MixerStands(now));
        }
    }

    @Override
    public void changed(MixerLink from, MixerPicture before, MixerPicture now, boolean byUs) {
        if (from == link) {
            reports.changed(before, now, byUs);
            news.publishEvent(new MixerStands(now));
        }
    }

    @Override
    public void levels(MixerLink from, Levels levels) {
        if (from == link) {
            news.publishEvent(new MixerSounds(levels));
        }
    }

    /** Asks for a change that a person made from here: done with the id of the source that it is about; fails with a sentence. */
    public CompletableFuture<String> ask(MixerChange change) {
        MixerLink now = link;
        return now == null
                ? CompletableFuture.failedFuture(new IllegalStateException("the mixer is not set up"))
                : now.change(change);
    }
}
