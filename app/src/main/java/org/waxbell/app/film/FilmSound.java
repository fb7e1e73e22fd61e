package org.waxbell.app.film;

import io.github.jaredmdobson.concentus.OpusDecoder;
import io.github.jaredmdobson.concentus.OpusException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.waxbell.app.film.Webm.Block;
import org.waxbell.shelf.Loudness;

/** How loud the sound of a film in WebM is. */
public final class FilmSound {
    /** How a film says that its sound is Opus (RFC 9559, codec mappings). */
    private static final String OPUS = "A_OPUS";

    private static final int LONGEST_PACKET = OpusTrack.RATE / 1_000 * 120;
    private static final int CHANNELS = 2;
    private static final float FULL = 32_768f;

    private FilmSound() {}

    /** Measured while it is decoded; empty for a film without sound, and for one whose sound is none that is read here. */
    public static Optional<Loudness.Measured> measured(byte[] film) {
        try {
            List<Block> sound = WebmCut.sound(film);
            return sound.isEmpty()
                            || !new String(film, 0, Math.min(film.length, 4_096), StandardCharsets.ISO_8859_1)
                                    .contains(OPUS)
                    ? Optional.empty()
                    : Optional.of(decoded(sound));
        } catch (OpusException | RuntimeException unreadable) {
            return Optional.empty();
        }
    }

    private static Loudness.Measured decoded(List<Block> sound) throws OpusException {
        OpusDecoder decoder = new OpusDecoder(OpusTrack.RATE, CHANNELS);
        Loudness loudness = new Loudness(OpusTrack.RATE, CHANNELS);
        short[] room = new short[LONGEST_PACKET * CHANNELS];
        float[] samples = new float[room.length];
        for (Block each : sound) {
            int frames = decoder.decode(each.content(), 0, each.content().length, room, 0, LONGEST_PACKET, false);
            for (int i = 0; i < frames * CHANNELS; i++) {
                samples[i] = room[i] / FULL;
            }
            loudness.add(samples, frames);
        }
        return loudness.measured();
    }
}
