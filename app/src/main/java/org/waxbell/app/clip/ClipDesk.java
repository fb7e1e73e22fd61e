package org.waxbell.app.clip;

import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import org.eclipse.lsp4j.jsonrpc.ResponseErrorException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.waxbell.actor.Actor;
import org.waxbell.app.address.ClipAddresses;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.inbox.Carriers;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.link.Causes;
import org.waxbell.app.mixer.MixerClip;
import org.waxbell.app.mixer.MixerDesk;
import org.waxbell.app.rpc.MixerCalls;
import org.waxbell.app.security.KeyRing;
import org.waxbell.app.store.ClipMapper;
import org.waxbell.app.store.ClipMapper.ClipRow;
import org.waxbell.app.store.ClipMapper.MarkRow;
import org.waxbell.app.wiring.Shelving;
import org.waxbell.clip.Stretch;
import org.waxbell.directive.MakeClip;
import org.waxbell.directive.SetMark;
import org.waxbell.engine.Completion;
import org.waxbell.engine.PartName;
import org.waxbell.event.ChatText;
import org.waxbell.port.Carrier;
import org.waxbell.score.VideoPart;

/**
 * Has the mixer make clips, one request for the same seconds only, fetches them and lays them on the shelf; who asked for the same
 * seconds is told of the first. Keeps marks too.
 */
@Component
public class ClipDesk implements Carriers {
    /** The tag of clips on the shelf. */
    private static final String TAG = "clip";

    private static final Logger LOG = LoggerFactory.getLogger(ClipDesk.class);
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("yyyy-MM-dd HH.mm.ss", Locale.ROOT);
    /** Of JSON-RPC: a mixer that does not know the request. */
    private static final int NO_SUCH_METHOD = -32_601;

    private static final int LONGEST_NAME = 50;
    private static final int MOST = 20;
    private final MixerDesk mixer;
    private final Shelving shelving;
    private final ClipMapper clips;
    private final ClipAddresses addresses;
    private final Inbox loop;
    private final SystemClock clock;
    private final KeyRing keys;
    /** What is made now or was made last, oldest first. */
    private final List<Making> makings = new ArrayList<>();

    private long made;

    ClipDesk(
            MixerDesk mixer,
            Shelving shelving,
            ClipMapper clips,
            ClipAddresses addresses,
            Inbox loop,
            SystemClock clock,
            KeyRing keys) {
        this.keys = keys;
        this.mixer = mixer;
        this.shelving = shelving;
        this.clips = clips;
        this.addresses = addresses;
        this.loop = loop;
        this.clock = clock;
    }

    private static final class Making {
        private final long number;
        private final MakeClip wish;
        private final Stretch stretch;
        private final CompletableFuture<Made> made = new CompletableFuture<>();
        /** Who asked first is told first. */
        private CompletableFuture<Made> told = made;

        private volatile int percent;
        private volatile Runnable stop = () -> {};

        Making(long number, MakeClip wish, Stretch stretch) {
            this.number = number;
            this.wish = wish;
            this.stretch = stretch;
        }

        void tell(boolean first, Consumer<Completion> who) {
            told = told.whenComplete(
                    (done, failed) -> who.accept(failed == null ? told(this, done, first) : why(failed)));
        }
    }

    /** A clip that lies on the shelf. */
    private record Made(String address, long lengthMs) {}

    /** A clip that is being made. @param number by which it is given up @param percent how far it is */
    public record UnderWay(long number, String title, String maker, int seconds, int percent) {}

    /** What is being made now, oldest first. */
    public synchronized List<UnderWay> underWay() {
        return makings.stream()
                .filter(each -> !each.made.isDone())
                .map(each -> new UnderWay(
                        each.number, each.wish.title(), each.wish.maker(), each.wish.seconds(), each.percent))
                .toList();
    }

    /** Gives up a clip that is being made; one that is done stays. */
    public synchronized void stop(long number) {
        makings.stream().filter(each -> each.number == number).forEach(each -> {
            each.stop.run();
            each.made.completeExceptionally(new CancellationException("it was given up by hand"));
        });
    }

    @Override
    public List<Carrier<?>> carriers() {
        return List.of(Carrier.of(MakeClip.class, this::make), Carrier.of(SetMark.class, this::mark));
    }

    private void mark(SetMark mark) {
        clips.mark(new MarkRow(0, mark.meantFor(), mark.words(), mark.by()));
    }

    private void make(MakeClip wish) {
        long now = clock.now();
        Stretch stretch = new Stretch(now - wish.seconds() * 1_000L, now);
        Making making;
        boolean first;
        synchronized (this) {
            Optional<Making> same = makings.stream()
                    .filter(each -> !each.made.isCompletedExceptionally() && each.stretch.sameAs(stretch))
                    .findFirst();
            first = same.isEmpty();
            making = same.orElseGet(() -> new Making(++made, wish, stretch));
            making.tell(first, result -> loop.completed(wish.partRun(), result));
            if (first) {
                makings.add(making);
                makings.subList(0, Math.max(0, makings.size() - MOST)).clear();
            }
        }
        if (first) {
            begin(making);
        }
    }

    private void begin(Making making) {
        MakeClip wish = making.wish;
        MixerClip clip = mixer.clip(wish.seconds(), wish.title(), percent -> making.percent = percent);
        making.stop = clip.stop();
        clip.made()
                .thenCompose(made -> ClipFetch.of(made.address())
                        .thenCompose(film -> making.made.isDone()
                                ? CompletableFuture.failedFuture(new CancellationException())
                                : shelve(making, film, made.lengthMs())))
                .whenComplete((done, failed) -> {
                    if (failed == null) {
                        making.made.complete(done);
                    } else {
                        making.made.completeExceptionally(Causes.of(failed));
                    }
                });
    }

    private CompletableFuture<Made> shelve(Making making, byte[] film, long lengthMs) {
        MakeClip wish = making.wish;
        Stretch whole = new Stretch(making.stretch.to() - lengthMs, making.stretch.to());
        String bare = wish.title().replaceAll("[\\\\/\\p{Cntrl}]", "-").strip();
        String name = ChatText.cut(bare, LONGEST_NAME) + " "
                + CLOCK.format(Instant.ofEpochMilli(whole.to()).atZone(ZoneId.systemDefault())) + ".webm";
        String id = keys.fresh();
        return shelving.add(VideoPart.VIDEOS, "", name.strip(), film, lengthMs, Actor.PROGRAM)
                .thenApply(brought -> {
                    long ring =
                            PartName.parse(wish.partRun()).map(PartName::ring).orElse(0L);
                    String hash = brought.media().hash();
                    shelving.tag(
                            List.of(new Shelving.Spot(
                                    brought.media().folder(), brought.media().name())),
                            List.of(TAG),
                            Actor.PROGRAM);
                    clips.add(new ClipRow(0, id, hash, wish.title(), wish.maker(), ring, whole.from(), whole.to(), 0));
                    return new Made(addresses.of(id), lengthMs);
                });
    }

    private static Completion told(Making making, Made made, boolean first) {
        String by = making.wish.maker();
        return Completion.ended(Map.of(
                "address",
                made.address(),
                "title",
                making.wish.title(),
                "seconds",
                Long.toString(Math.round(made.lengthMs() / 1_000.0)),
                "maker",
                by,
                "outcome",
                first ? "made" : "same",
                "answer",
                first ? "kept" : (by.isEmpty() ? "it was" : by + " had it") + " kept already"));
    }

    private static Completion why(Throwable failed) {
        Throwable cause = Causes.of(failed);
        int code = cause instanceof ResponseErrorException refused
                ? refused.getResponseError().getCode()
                : 0;
        String outcome =
                code == MixerCalls.NOT_ON_AIR ? "notOnAir" : code == MixerCalls.NOTHING_KEPT ? "nothingKept" : "failed";
        if (code == 0) {
            LOG.info("A clip was not made: {}", Causes.words(cause));
        }
        String words = code == NO_SUCH_METHOD
                ? "this mixer makes no clips"
                : cause instanceof ResponseErrorException refused
                        ? refused.getResponseError().getMessage()
                        : Causes.words(cause);
        return Completion.failed(words, Map.of("outcome", outcome, "answer", words));
    }

    /** The address at which viewers see a clip. */
    public String address(ClipRow clip) {
        return addresses.of(clip.secret());
    }
}
