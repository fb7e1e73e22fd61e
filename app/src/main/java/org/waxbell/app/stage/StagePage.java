package org.waxbell.app.stage;

import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.waxbell.app.address.StageKeys;
import org.waxbell.app.socket.Outbox;

/** One page that shows a stage. */
public final class StagePage {
    private static final int MOST_VOICES = 300;
    private final Outbox outbox;
    private final StageKeys.Admitted admitted;
    private final String outlet;
    private volatile double roundTrip;
    private volatile boolean sounds = true;
    private volatile Map<String, String> voices = Map.of();
    private volatile @Nullable CompletableFuture<Void> asked;

    StagePage(Outbox outbox, StageKeys.Admitted admitted, String outlet) {
        this.outlet = outlet;
        this.outbox = outbox;
        this.admitted = admitted;
    }

    String id() {
        return outbox.id();
    }

    Outbox outbox() {
        return outbox;
    }

    /** The stage that it shows. */
    public String stage() {
        return admitted.stage();
    }

    /** The outlet that alone it sounds, by id; empty text for a page that shows the stage. */
    public String outlet() {
        return outlet;
    }

    boolean preview() {
        return admitted.preview();
    }

    /** Its best measured round trip, in milliseconds. */
    public double roundTrip() {
        return roundTrip;
    }

    /** Whether it may sound; a page in a plain browser may not until somebody clicks it. */
    public boolean sounds() {
        return sounds;
    }

    /** The voices of its browser, name to tongue. */
    Map<String, String> voices() {
        return voices;
    }

    /** Its browser has these voices, name to tongue. */
    void speaks(Map<String, String> tongues) {
        voices = tongues.entrySet().stream()
                .limit(MOST_VOICES)
                .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    void reports(double bestRoundTrip, boolean maySound) {
        roundTrip = bestRoundTrip;
        sounds = maySound;
        CompletableFuture<Void> waits = asked;
        if (waits != null) {
            waits.complete(null);
        }
    }

    /** Asks it to report of itself now; done when it did. */
    CompletableFuture<Void> ask(String question) {
        CompletableFuture<Void> answer = new CompletableFuture<>();
        asked = answer;
        outbox.post(question);
        return answer;
    }
}
