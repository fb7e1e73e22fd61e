package org.waxbell.app.stage;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.Executor;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.socket.CloseStatus;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.inbox.Carriers;
import org.waxbell.app.json.Documents;
import org.waxbell.app.media.MediaTokens;
import org.waxbell.app.wiring.WiringChanged;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.directive.EndPart;
import org.waxbell.directive.HushAll;
import org.waxbell.directive.SetFace;
import org.waxbell.directive.StageDirective;
import org.waxbell.fixture.ChatFixture;
import org.waxbell.fixture.Face;
import org.waxbell.fixture.MascotFixture;
import org.waxbell.fixture.Plate;
import org.waxbell.port.Carrier;
import org.waxbell.shelf.Media;
import org.waxbell.stage.Stage;

/**
 * What each stage shows, and the pages that show it. Messages of a stage are numbered; a page that joins or comes again is
 * told all that should still be seen, and shows that and nothing else.
 */
@Component
public class StageFeed implements Carriers {
    /** The key was renewed or never was one; the page stays empty. */
    static final CloseStatus WRONG_KEY = new CloseStatus(4403, "This address is no longer valid.");

    private static final long PATIENCE_SECONDS = 5;
    private static final int MOST_LINES = 20;
    /** Lines that follow one another more quickly than this are told together, in milliseconds: nobody could read them one by one. */
    private static final long TOGETHER_MS = 100;

    private static final Executor LATER = CompletableFuture.delayedExecutor(TOGETHER_MS, TimeUnit.MILLISECONDS);
    private final Map<String, Feed> feeds = new HashMap<>();
    private final Documents json;
    private final MediaTokens tokens;
    private final WiringStore wiring;
    private final SystemClock clock;
    private final SpokenSource spoken;

    StageFeed(Documents json, MediaTokens tokens, WiringStore wiring, SystemClock clock, SpokenSource spoken) {
        this.spoken = spoken;
        this.json = json;
        this.tokens = tokens;
        this.wiring = wiring;
        this.clock = clock;
    }

    private static final class Feed {
        private final Map<String, StageDirective> shown = new LinkedHashMap<>();
        private final Map<String, StagePage> pages = new LinkedHashMap<>();
        private final Map<String, Face> faces = new TreeMap<>();
        private final Deque<ChatSeen> lines = new ArrayDeque<>();
        private int untold;
        private boolean gathers;
        private @Nullable Stage told;
        private List<Media> ahead = List.of();
        private Map<String, Plate> plates = Map.of();
        private long number;
    }

    private record PartNews(String type, long number, StagePart part) {}

    private record EndNews(String type, long number, String partRun, long at) {}

    private record AskNews(String type) {}

    private record MakeNews(String type, String id, List<String> words) {}

    private record HushNews(String type, long number, long at) {}

    /** @param media addresses of files that fixtures use, by name @param ahead what parts may use @param plates colours of looks, by fixture @param lines the newest lines of chat, oldest first */
    private record Welcome(
            String type,
            long number,
            boolean preview,
            Stage stage,
            Map<String, String> media,
            List<StageMedia> ahead,
            Map<String, Plate> plates,
            Map<String, Face> faces,
            List<ChatSeen> lines,
            List<StagePart> parts) {}

    private record StageNews(
            String type,
            long number,
            Stage stage,
            Map<String, String> media,
            List<StageMedia> ahead,
            Map<String, Plate> plates,
            Map<String, Face> faces) {}

    private record FaceNews(String type, long number, String fixture, Face face) {}

    private record LinesNews(String type, long number, List<ChatSeen> lines) {}

    /** A line of chat as a stage shows it. @param at when, milliseconds since 1970 UTC @param command whether it begins as a chat word does */
    public record ChatSeen(long at, String name, String text, boolean command) {}

    @Override
    public List<Carrier<?>> carriers() {
        return List.of(
                Carrier.of(StageDirective.class, this::perform),
                Carrier.of(EndPart.class, this::end),
                Carrier.of(SetFace.class, this::face),
                Carrier.of(HushAll.class, this::hush));
    }

    synchronized void perform(StageDirective part) {
        Feed feed = feed(part.stage());
        feed.shown.put(part.partRun(), part);
        tell(feed, new PartNews("part", ++feed.number, StagePart.of(part, tokens, spoken)));
    }

    synchronized void end(EndPart end) {
        Feed feed = feed(end.stage());
        feed.shown.remove(end.partRun());
        tell(feed, new EndNews("end", ++feed.number, end.partRun(), end.meantFor()));
    }

    synchronized void face(SetFace set) {
        Feed feed = feed(set.stage());
        feed.faces.put(set.fixture(), set.face());
        tell(feed, new FaceNews("face", ++feed.number, set.fixture(), set.face()));
    }

    /** A line was written: stages that show the chat show it, and mascots know that somebody is there. */
    synchronized void said(ChatSeen line) {
        for (Stage stage : wiring.current().wiring().stages()) {
            if (stage.fixtures().stream()
                    .anyMatch(each -> each instanceof ChatFixture || each instanceof MascotFixture)) {
                Feed feed = feed(stage.id());
                feed.lines.addLast(line);
                if (feed.lines.size() > MOST_LINES) {
                    feed.lines.removeFirst();
                }
                feed.untold = Math.min(feed.untold + 1, MOST_LINES);
                if (!feed.gathers) {
                    gather(feed);
                }
            }
        }
    }

    /** Tells what waits; what comes soon after it is gathered first. */
    private synchronized void gather(Feed feed) {
        feed.gathers = feed.untold > 0;
        if (feed.gathers) {
            tellLines(feed);
            LATER.execute(() -> gather(feed));
        }
    }

    private void tellLines(Feed feed) {
        if (feed.untold > 0) {
            List<ChatSeen> all = List.copyOf(feed.lines);
            List<ChatSeen> news = all.subList(all.size() - feed.untold, all.size());
            feed.untold = 0;
            tell(feed, new LinesNews("lines", ++feed.number, news));
        }
    }

    /** Stages that were edited, and files that cues use on them now, are told to the pages that show them; pages of a stage that is no more are sent away. */
    @EventListener
    public synchronized void wiringChanged(WiringChanged changed) {
        feeds.entrySet().stream()
                .filter(each -> wiring.current().wiring().stage(each.getKey()).isEmpty())
                .forEach(each -> List.copyOf(each.getValue().pages.values())
                        .forEach(page -> page.outbox().close(WRONG_KEY)));
        for (Stage stage : wiring.current().wiring().stages()) {
            follow(feed(stage.id()), stage);
        }
    }

    /** Tells the pages of a stage how it is now, where that is not what they were told last; with no page there nothing is told, so no number is spent. */
    private void follow(Feed feed, Stage stage) {
        List<Media> ahead = StageMedia.used(wiring.current().wiring(), stage.id());
        Map<String, Plate> plates = stage.plates(wiring.current().wiring().looks());
        boolean changed = !stage.equals(feed.told) || !ahead.equals(feed.ahead) || !plates.equals(feed.plates);
        feed.plates = plates;
        feed.told = stage;
        feed.ahead = ahead;
        if (changed && !feed.pages.isEmpty()) {
            tell(
                    feed,
                    new StageNews("stage", ++feed.number, stage, media(stage), addresses(ahead), plates, feed.faces));
        }
    }

    private List<StageMedia> addresses(List<Media> all) {
        return all.stream().map(each -> StageMedia.of(each, tokens)).toList();
    }

    private Map<String, String> media(Stage stage) {
        Map<String, String> all = new TreeMap<>();
        stage.fixtures().forEach(each -> {
            if (each instanceof MascotFixture mascot && !mascot.file().isEmpty()) {
                wiring.current()
                        .shelf()
                        .find(MascotFixture.FIGURES, mascot.file())
                        .ifPresent(media -> all.put(mascot.file(), tokens.address(media.hash())));
            }
        });
        return all;
    }

    synchronized void hush(HushAll hush) {
        for (Feed feed : feeds.values()) {
            feed.shown.clear();
            tell(feed, new HushNews("hush", ++feed.number, hush.meantFor()));
        }
    }

    /** Lets a page in and tells it what should be seen now. */
    synchronized void join(StagePage page) {
        Feed feed = feed(page.stage());
        forget(feed);
        wiring.current().wiring().stage(page.stage()).ifPresent(stage -> follow(feed, stage));
        // What the page is told at first holds the lines that wait; they are not to come once more.
        tellLines(feed);
        feed.pages.put(page.id(), page);
        List<StagePart> parts = feed.shown.values().stream()
                .map(part -> StagePart.of(part, tokens, spoken))
                .toList();
        wiring.current().wiring().stage(page.stage()).ifPresent(stage -> {
            page.outbox()
                    .post(json.write(new Welcome(
                            "welcome",
                            feed.number,
                            page.preview(),
                            stage,
                            media(stage),
                            addresses(feed.ahead),
                            feed.plates,
                            feed.faces,
                            List.copyOf(feed.lines),
                            parts)));
        });
    }

    /** A page went away. */
    synchronized void leave(StagePage page) {
        feed(page.stage()).pages.remove(page.id());
    }

    /** Sends all pages of a stage away, for its key is another now; previews stay. */
    public synchronized void dismiss(String stage) {
        List<StagePage> there = new ArrayList<>(feed(stage).pages.values());
        there.stream()
                .filter(page -> !page.preview())
                .forEach(page -> page.outbox().close(WRONG_KEY));
    }

    /** The pages of a stage that are on programme, previews left out. */
    public synchronized List<StagePage> pages(String stage) {
        return pages(stage, "");
    }

    /** The pages of a stage that sound one outlet of it alone, or, where {@code outlet} is empty, those that show it. */
    public synchronized List<StagePage> pages(String stage, String outlet) {
        return programme()
                .filter(page -> page.stage().equals(stage) && page.outlet().equals(outlet))
                .toList();
    }

    /** The pages that show any stage on programme. */
    public synchronized List<StagePage> pages() {
        return programme().filter(page -> page.outlet().isEmpty()).toList();
    }

    private Stream<StagePage> programme() {
        return feeds.values().stream()
                .flatMap(feed -> feed.pages.values().stream())
                .filter(page -> !page.preview());
    }

    /** The stage on which a part plays, empty text where it plays on none. */
    synchronized String stageOf(String partRun) {
        return feeds.entrySet().stream()
                .filter(each -> each.getValue().shown.containsKey(partRun))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse("");
    }

    /** Asks every page of a stage to report now: how long each took, in milliseconds; fails with a sentence where none does. */
    CompletableFuture<List<Double>> roundTrip(String stage) {
        List<StagePage> there = pages(stage);
        if (there.isEmpty()) {
            return CompletableFuture.failedFuture(new IllegalStateException("No page shows this stage."));
        }
        long sent = System.nanoTime();
        List<Double> answered = new CopyOnWriteArrayList<>();
        CompletableFuture<?>[] all = there.stream()
                .map(page -> page.ask(json.write(new AskNews("ask")))
                        .orTimeout(PATIENCE_SECONDS, TimeUnit.SECONDS)
                        .thenRun(() -> answered.add((System.nanoTime() - sent) / 1e6))
                        .exceptionally(late -> null))
                .toArray(CompletableFuture[]::new);
        return CompletableFuture.allOf(all).thenApply(done -> {
            if (answered.isEmpty()) {
                throw new IllegalStateException(
                        "No page answered within " + PATIENCE_SECONDS + " s; reload its browser source.");
            }
            return answered;
        });
    }

    /** Asks one page to make speech, by what the voice is called with, one that sounds before others; the page by name, empty where there is none. @param not pages that are not asked @param told hears which page it is before that is asked */
    public synchronized Optional<String> make(Set<String> not, String id, List<String> words, Consumer<String> told) {
        Optional<StagePage> maker = feeds.values().stream()
                .flatMap(feed -> feed.pages.values().stream())
                .filter(page -> !not.contains(page.id()))
                .min(Comparator.comparing(StagePage::preview).thenComparing(page -> !page.sounds()));
        maker.ifPresent(page -> {
            told.accept(page.id());
            page.outbox().post(json.write(new MakeNews("make", id, words)));
        });
        return maker.map(StagePage::id);
    }

    /** The voices that the browsers of pages have, name to tongue, in the order of their names. */
    public synchronized Map<String, String> voices() {
        Map<String, String> all = new TreeMap<>();
        feeds.values().forEach(feed -> feed.pages.values().forEach(page -> all.putAll(page.voices())));
        return all;
    }

    /** The worst round trip of all pages, in milliseconds. */
    synchronized double worstRoundTrip() {
        return feeds.values().stream()
                .flatMap(feed -> feed.pages.values().stream())
                .mapToDouble(StagePage::roundTrip)
                .max()
                .orElse(0);
    }

    private Feed feed(String stage) {
        return feeds.computeIfAbsent(stage, id -> new Feed());
    }

    private void forget(Feed feed) {
        feed.shown.values().removeIf(part -> part.over() <= clock.now());
    }

    private void tell(Feed feed, Object message) {
        forget(feed);
        if (feed.pages.isEmpty()) {
            return;
        }
        String text = json.write(message);
        feed.pages.values().forEach(page -> page.outbox().post(text));
    }
}
