package org.waxbell.app.practice;

import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;
import org.jspecify.annotations.Nullable;
import org.waxbell.app.film.OpusTrack;
import org.waxbell.app.media.SoundReader.Decoded;

/** What was heard in a stretch of time, mixed of the sounds that played. */
final class SoundTrack {
    private static final double FULL = Short.MAX_VALUE;

    private SoundTrack() {}

    /**
     * A sound that played.
     *
     * @param samples what it is; null where it is gone by now
     * @param at      when its first sample was heard, milliseconds since 1970 UTC
     * @param over    when it was silent again
     * @param factor  by which it was played
     * @param fromMs  how much of its beginning was left out
     */
    record Heard(@Nullable Decoded samples, long at, long over, double factor, long fromMs) {}

    /** The sound of a stretch; empty where nothing was heard; throws as {@link OpusTrack#of} does. @param from milliseconds since 1970 UTC, as {@code to} */
    static Optional<OpusTrack> of(List<Heard> all, long from, long to, IntPredicate goesOn) {
        List<Heard> within = all.stream()
                .filter(each -> each.samples() != null && each.at() < to && each.over() > from)
                .toList();
        if (within.isEmpty()) {
            return Optional.empty();
        }
        float[] mixed = new float[(int) ((to - from) * OpusTrack.RATE / 1_000) * 2];
        within.forEach(each -> add(mixed, each, from, to));
        short[] samples = new short[mixed.length];
        for (int i = 0; i < mixed.length; i++) {
            samples[i] = (short) Math.round(Math.max(-1, Math.min(1, mixed[i])) * FULL);
        }
        return Optional.of(OpusTrack.of(samples, goesOn));
    }

    private static void add(float[] mixed, Heard heard, long from, long to) {
        Decoded samples = heard.samples();
        if (samples == null) {
            return;
        }
        int first = (int) ((Math.max(heard.at(), from) - from) * OpusTrack.RATE / 1_000);
        int last = (int) ((Math.min(heard.over(), to) - from) * OpusTrack.RATE / 1_000);
        double before = (heard.fromMs() + Math.max(0, from - heard.at())) / 1_000.0 * samples.rate();
        int frames = samples.all().length / samples.channels();
        for (int i = first; i < last; i++) {
            int frame = (int) (before + (double) (i - first) * samples.rate() / OpusTrack.RATE);
            if (frame >= frames) {
                return;
            }
            for (int side = 0; side < 2; side++) {
                int channel = Math.min(side, samples.channels() - 1);
                mixed[2 * i + side] += (float) (samples.all()[frame * samples.channels() + channel] * heard.factor());
            }
        }
    }
}
