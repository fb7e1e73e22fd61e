package org.waxbell.app.practice;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import org.waxbell.app.film.Webm;

/** The pictures of the last minutes, each as the frame that it was made into. What is older than it keeps is let go. Not safe for several threads. */
final class Reel {
    private record Taken(long at, byte[] frame) {}

    private final Deque<Taken> frames = new ArrayDeque<>();
    private final long keptMs;

    /** @param keptMs how much of the past it keeps, in milliseconds */
    Reel(long keptMs) {
        this.keptMs = keptMs;
    }

    /** A picture that stands from that moment on, milliseconds since 1970 UTC. */
    void take(long at, byte[] frame) {
        frames.addLast(new Taken(at, frame));
        while (frames.size() > 1 && frames.getFirst().at() < at - keptMs) {
            frames.removeFirst();
        }
    }

    /** Lets everything go. */
    void clear() {
        frames.clear();
    }

    /** The moment from which it has pictures on; {@link Long#MAX_VALUE} where it has none. */
    long begins() {
        return frames.isEmpty() ? Long.MAX_VALUE : frames.getFirst().at();
    }

    /** How much memory the pictures take, in bytes; one that stands for long counts once for each second. */
    long bytes() {
        return frames.stream().mapToLong(each -> each.frame().length).sum();
    }

    /** The pictures of a stretch, the first of them at its beginning. @param from not before {@link #begins} */
    List<Webm.Frame> between(long from, long to) {
        List<Webm.Frame> all = new ArrayList<>();
        for (Taken each : frames) {
            if (each.at() <= from) {
                all.clear();
            }
            if (each.at() < to) {
                all.add(new Webm.Frame(Math.max(0, each.at() - from), each.frame()));
            }
        }
        return all;
    }
}
