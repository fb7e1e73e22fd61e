package org.waxbell.app.speech;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.port.Speech;
import org.waxbell.score.VoicePart;
import org.waxbell.voice.ReadAloud;
import org.waxbell.voice.Utterance;
import org.waxbell.voice.Voice;
import org.waxbell.wiring.Wiring;

/** Every way to make speech, the best first; what is made is as loud as every sound is. A voice that is no more gives way to the first there is. */
@Component
public class Speeches {
    private static final long FRESH_MS = 10_000;
    private final List<Speech> makers;
    private final WiringStore store;
    private Map<Voice, Speech> known = Map.of();
    private long lookedAt;

    Speeches(List<Speech> makers, WiringStore store) {
        this.store = store;
        this.makers = List.copyOf(makers);
    }

    /** Speech that was made. @param wav a whole file, empty where it failed or pages say it themselves @param lengthMs how long it is, of what pages say about so @param fault why it failed, as the end of a sentence @param byPages what pages say themselves; null where it was made */
    public record Made(
            byte[] wav,
            long lengthMs,
            String fault,
            @Nullable Utterance byPages) {
        static Made failed(String why) {
            return new Made(new byte[0], 0, why, null);
        }
    }

    /** Gets the voice that is used ready before anybody waits for it, where a cue says something. */
    @EventListener(ApplicationReadyEvent.class)
    void makeReady() {
        Wiring wiring = store.current().wiring();
        boolean says = wiring.cues().stream()
                .flatMap(cue -> cue.takes().stream())
                .flatMap(take -> take.score().parts().stream())
                .anyMatch(VoicePart.class::isInstance);
        if (says) {
            chosen(wiring.house().reading().voice()).ifPresent(voice -> {
                Thread thread = new Thread(voice.getValue()::makeReady, "speech-ready");
                thread.setDaemon(true);
                thread.setPriority(Thread.MIN_PRIORITY);
                thread.start();
            });
        }
    }

    /** The voice of that id and what makes it, or the first there is. */
    private Optional<Map.Entry<Voice, Speech>> chosen(String voice) {
        Map<Voice, Speech> all = known();
        return all.entrySet().stream()
                .filter(each -> each.getKey().id().equals(voice))
                .findFirst()
                .or(() -> all.entrySet().stream().findFirst());
    }

    private synchronized Map<Voice, Speech> known() {
        long now = System.nanoTime() / 1_000_000;
        if (known.isEmpty() || now - lookedAt > FRESH_MS) {
            Map<Voice, Speech> all = new LinkedHashMap<>();
            makers.forEach(maker -> maker.voices().forEach(voice -> all.put(voice, maker)));
            known = all;
            lookedAt = now;
        }
        return known;
    }

    /** Every voice that can be heard here. */
    public List<Voice> voices() {
        return List.copyOf(known().keySet());
    }

    /** Makes it, which takes a while. @param limitMs when it is given up @param longestMs when it is cut off @param spelled how names are said */
    public Made make(Utterance what, long limitMs, long longestMs, Map<String, String> spelled) {
        Map.Entry<Voice, Speech> chosen = chosen(what.voice()).orElse(null);
        if (chosen == null) {
            return Made.failed("there is no voice");
        }
        Voice voice = chosen.getKey();
        String read = ReadAloud.of(what.text(), voice.language(), spelled);
        if (read.codePoints().noneMatch(Character::isLetterOrDigit)) {
            return Made.failed("nothing in it can be said");
        }
        Utterance asked = new Utterance(read, voice.id(), what.speed(), what.pitch());
        Speech.Spoken spoken = chosen.getValue().say(asked, limitMs);
        if (!spoken.isMade()) {
            return Made.failed(spoken.fault());
        }
        if (spoken.byPages() != null) {
            return new Made(new byte[0], Math.min(longestMs, asked.aboutMs()), "", spoken.byPages());
        }
        try {
            Wav wav = Wav.read(spoken.wav()).cut(longestMs).levelled();
            return wav.lengthMs() == 0
                    ? Made.failed("the voice " + voice.name() + " said nothing")
                    : new Made(wav.bytes(), wav.lengthMs(), "", null);
        } catch (IllegalArgumentException rubbish) {
            return Made.failed("the voice " + voice.name() + " cannot be heard: " + rubbish.getMessage());
        }
    }
}
