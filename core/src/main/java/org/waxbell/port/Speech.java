package org.waxbell.port;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.waxbell.voice.Utterance;
import org.waxbell.voice.Voice;

/** Port: makes speech of text. */
public interface Speech {
    /** Its voices, the usual one first; empty where it cannot speak here. It may look around for them, so it is asked apart from the engine. */
    List<Voice> voices();

    /** Makes it, which takes a while; a text in which nothing can be said is refused. @param limitMs when it is given up, in milliseconds */
    Spoken say(Utterance what, long limitMs);

    /** Gets ready what takes a while the first time, before anybody waits for it. */
    default void makeReady() {}

    /** What came of it. @param wav a whole WAV file, empty where it failed or is left to pages @param fault why it failed, as the end of a sentence; empty text where it did not @param byPages what pages say themselves, with the voice as they name it, and tell when it is over; null where it was made or failed */
    record Spoken(byte[] wav, String fault, @Nullable Utterance byPages) {
        /** It was made. */
        public static Spoken of(byte[] wav) {
            return new Spoken(wav, "", null);
        }

        /** Nothing was made: pages say it. */
        public static Spoken leftToPages(Utterance what) {
            return new Spoken(new byte[0], "", what);
        }

        /** It failed, and why. */
        public static Spoken failed(String why) {
            return new Spoken(new byte[0], why, null);
        }

        /** Whether it was made. */
        public boolean isMade() {
            return fault.isEmpty();
        }
    }
}
