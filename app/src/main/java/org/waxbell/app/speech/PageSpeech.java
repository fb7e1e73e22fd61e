package org.waxbell.app.speech;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.waxbell.app.security.KeyRing;
import org.waxbell.app.stage.StageFeed;
import org.waxbell.port.Speech;
import org.waxbell.voice.Utterance;
import org.waxbell.voice.Voice;

/**
 * The smoother voices that ship: a stage page makes them, for a browser is much faster at it than this program is. Where no page is
 * there, or none answers in time, the plain voice stands in.
 */
@Component
@Order(25)
public class PageSpeech implements Speech {
    /** How long a page may take; the first time it has to fetch and compile the voice. */
    private static final long PATIENCE_MS = 3_000;

    private static final String BY_PAGE = "page:";
    private final KeyRing keys;
    private final ObjectProvider<StageFeed> feed;
    private final ShippedSpeech plain;
    private final Map<String, Asked> asked = new ConcurrentHashMap<>();
    /** Pages that were too slow; one is asked again when what it was asked for comes after all. */
    private final Set<String> slow = ConcurrentHashMap.newKeySet();

    PageSpeech(ObjectProvider<StageFeed> feed, ShippedSpeech plain, KeyRing keys) {
        this.keys = keys;
        this.feed = feed;
        this.plain = plain;
    }

    private record Asked(String page, CompletableFuture<byte[]> wav) {}

    @Override
    public List<Voice> voices() {
        return List.of(
                new Voice(BY_PAGE + "slt", "Smooth, higher", "en", "ships with Wax Bell, made by a stage page"),
                new Voice(BY_PAGE + "rms", "Smooth, lower", "en", "ships with Wax Bell, made by a stage page"));
    }

    @Override
    public void makeReady() {
        plain.makeReady();
    }

    @Override
    public Spoken say(Utterance what, long limitMs) {
        String id = keys.fresh();
        List<String> words = FliteWords.of(what.voice().substring(BY_PAGE.length()), what);
        words.addAll(List.of("-t", what.text()));
        CompletableFuture<byte[]> coming = new CompletableFuture<>();
        Optional<String> page =
                feed.getObject().make(slow, id, words, maker -> asked.put(id, new Asked(maker, coming)));
        if (page.isEmpty()) {
            return plain.say(what, limitMs);
        }
        try {
            byte[] wav = coming.get(Math.min(PATIENCE_MS, limitMs), TimeUnit.MILLISECONDS);
            return wav.length == 0 ? plain.say(what, limitMs) : Spoken.of(wav);
        } catch (TimeoutException | ExecutionException late) {
            slow.add(page.get());
            return plain.say(what, limitMs);
        } catch (InterruptedException over) {
            Thread.currentThread().interrupt();
            return Spoken.failed("Wax Bell is being stopped");
        }
    }

    /** A page made what it was asked for; false where nothing of that name was asked for. @param wav empty where it could not */
    public boolean made(String id, byte[] wav) {
        Asked what = asked.remove(id);
        if (what == null) {
            return false;
        }
        slow.remove(what.page());
        what.wav().complete(wav);
        return true;
    }
}
