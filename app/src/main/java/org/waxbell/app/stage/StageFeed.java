package org.waxbell.app.stage;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import org.springframework.stereotype.Component;
import org.springframework.web.socket.CloseStatus;
import org.waxbell.app.json.Documents;
import org.waxbell.app.media.MediaTokens;
import org.waxbell.app.run.SystemClock;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.directive.EndPart;
import org.waxbell.directive.HushAll;
import org.waxbell.directive.StageDirective;
import org.waxbell.port.StageOut;
import org.waxbell.stage.Stage;

/**
 * What each stage shows, and the pages that show it. Messages of a stage are numbered; a page that joins or comes again is
 * told all that should still be seen, and shows that and nothing else.
 */
@Component
public class StageFeed implements StageOut {
    /** The key was renewed or never was one; the page stays empty. */
    static final CloseStatus WRONG_KEY = new CloseStatus(4403, "This address is no longer valid.");
    private static final long PATIENCE_SECONDS = 5;
    private final Map<String, Feed> feeds = new HashMap<>();
    private final Documents json;
    private final MediaTokens tokens;
    private final WiringStore wiring;
    private final SystemClock clock;

    StageFeed(Documents json, MediaTokens tokens, WiringStore wiring, SystemClock clock) {
        this.json = json;
        this.tokens = tokens;
        this.wiring = wiring;
        this.clock = clock;
    }

    private static final class Feed {
        private final Map<String, StageDirective> shown = new LinkedHashMap<>();
        private final Map<String, StagePage> pages = new LinkedHashMap<>();
        private long number;
    }

    private record PartNews(String type, long number, StagePart part) {
    }

    private record EndNews(String type, long number, String partRun, long at) {
    }

    private record AskNews(String type) {
    }

    private record HushNews(String type, long number, long at) {
    }

    private record Welcome(String type, long number, boolean preview, Stage stage, List<StagePart> parts) {
    }

    @Override
    public synchronized void perform(StageDirective part) {
        Feed feed = feed(part.stage());
        feed.shown.put(part.partRun(), part);
        tell(feed, new PartNews("part", ++feed.number, StagePart.of(part, tokens)));
    }

    @Override
    public synchronized void end(EndPart end) {
        Feed feed = feed(end.stage());
        feed.shown.remove(end.partRun());
        tell(feed, new EndNews("end", ++feed.number, end.partRun(), end.meantFor()));
    }

    @Override
    public synchronized void hush(HushAll hush) {
        for (Feed feed : feeds.values()) {
            feed.shown.clear();
            tell(feed, new HushNews("hush", ++feed.number, hush.meantFor()));
        }
    }

    /** Lets a page in and tells it what should be seen now. */
    synchronized void join(StagePage page) {
        Feed feed = feed(page.stage());
        forget(feed);
        feed.pages.put(page.id(), page);
        List<StagePart> parts = feed.shown.values().stream().map(part -> StagePart.of(part, tokens)).toList();
        wiring.current().wiring().stage(page.stage()).ifPresent(stage ->
                page.outbox().post(json.write(new Welcome("welcome", feed.number, page.preview(), stage, parts))));
    }

    /** A page went away. */
    synchronized void leave(StagePage page) {
        feed(page.stage()).pages.remove(page.id());
    }

    /** Sends all pages of a stage away, for its key is another now; previews stay. */
    public synchronized void dismiss(String stage) {
        List<StagePage> there = new ArrayList<>(feed(stage).pages.values());
        there.stream().filter(page -> !page.preview()).forEach(page -> page.outbox().close(WRONG_KEY));
    }

    /** The pages of a stage that are on programme, previews left out. */
    public synchronized List<StagePage> pages(String stage) {
        return pages().stream().filter(page -> page.stage().equals(stage)).toList();
    }

    /** The pages of all stages that are on programme. */
    public synchronized List<StagePage> pages() {
        return feeds.values().stream().flatMap(feed -> feed.pages.values().stream()).filter(page -> !page.preview()).toList();
    }

    /** The stage on which a part plays, empty text where it plays on none. */
    synchronized String stageOf(String partRun) {
        return feeds.entrySet().stream().filter(each -> each.getValue().shown.containsKey(partRun)).map(Map.Entry::getKey).findFirst().orElse("");
    }

    /** Asks every page of a stage to report now: how long each took, in milliseconds; fails with a sentence where none does. */
    CompletableFuture<List<Double>> roundTrip(String stage) {
        List<StagePage> there = pages(stage);
        if (there.isEmpty()) {
            return CompletableFuture.failedFuture(new IllegalStateException("No page shows this stage."));
        }
        long sent = System.nanoTime();
        List<Double> answered = new CopyOnWriteArrayList<>();
        CompletableFuture<?>[] all = there.stream().map(page -> page.ask(json.write(new AskNews("ask"))).orTimeout(PATIENCE_SECONDS, TimeUnit.SECONDS)
                .thenRun(() -> answered.add((System.nanoTime() - sent) / 1e6)).exceptionally(late -> null)).toArray(CompletableFuture[]::new);
        return CompletableFuture.allOf(all).thenApply(done -> {
            if (answered.isEmpty()) {
                throw new IllegalStateException("No page answered within " + PATIENCE_SECONDS + " s; reload its browser source.");
            }
            return answered;
        });
    }

    /** The worst round trip of all pages, in milliseconds. */
    synchronized double worstRoundTrip() {
        return feeds.values().stream().flatMap(feed -> feed.pages.values().stream()).mapToDouble(StagePage::roundTrip).max().orElse(0);
    }

    private Feed feed(String stage) {
        return feeds.computeIfAbsent(stage, id -> new Feed());
    }

    private void forget(Feed feed) {
        feed.shown.values().removeIf(part -> part.over() <= clock.now());
    }

    private void tell(Feed feed, Object message) {
        forget(feed);
        String text = json.write(message);
        feed.pages.values().forEach(page -> page.outbox().post(text));
    }
}
