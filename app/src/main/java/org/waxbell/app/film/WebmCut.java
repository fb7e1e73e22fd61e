package org.waxbell.app.film;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.waxbell.app.film.Webm.Block;

/** Cuts a film in WebM at both ends without making anything anew: it begins at the last frame that stands alone. */
public final class WebmCut {
    private static final int SCALE = 0x2AD7B1;
    private static final int GROUP = 0xA0;
    private static final int GROUP_BLOCK = 0xA1;
    private static final int REFERENCE = 0xFB;
    private static final int PICTURES = 1;
    private static final long NANOS_A_MS = 1_000_000;
    private static final int STANDS_ALONE = 0x80;
    private final ByteBuffer file;
    private final List<Block> blocks = new ArrayList<>();
    private byte[] tracks = new byte[0];
    private int pictures;
    private long scale = NANOS_A_MS;

    private WebmCut(byte[] film) {
        file = ByteBuffer.wrap(film);
        Ebml.Element header = Ebml.read(file, 0, film.length);
        if (header.id() != Ebml.HEADER) {
            throw new IllegalArgumentException("it is no WebM");
        }
        Ebml.Element segment = Ebml.read(file, header.end(film.length), film.length);
        walk(segment.from(), segment.end(film.length));
        if (tracks.length == 0 || pictures == 0 || blocks.isEmpty()) {
            throw new IllegalArgumentException("there are no pictures in it");
        }
    }

    /** What is left. @param fromMs where it begins in the whole film, which may be earlier than was asked for */
    public record Cut(byte[] film, long fromMs, long lengthMs) {}

    /** All pieces of a film, as they stand in it. */
    static List<Block> blocks(byte[] film) {
        return List.copyOf(new WebmCut(film).blocks);
    }

    /** The pieces of its sound; empty for a silent film. */
    static List<Block> sound(byte[] film) {
        WebmCut cut = new WebmCut(film);
        return cut.blocks.stream().filter(each -> each.track() != cut.pictures).toList();
    }

    /** The film from one moment to another, in milliseconds; throws {@link IllegalArgumentException}, with what is wrong as the end of a sentence. */
    public static Cut of(byte[] film, String title, long fromMs, long toMs) {
        return new WebmCut(film).cut(title, fromMs, toMs);
    }

    private void walk(int from, int end) {
        int at = from;
        while (at < end) {
            Ebml.Element element = Ebml.read(file, at, end);
            int over = element.end(end);
            switch (element.id()) {
                case Ebml.INFO -> info(element.from(), over);
                case Ebml.TRACKS -> {
                    tracks = Arrays.copyOfRange(file.array(), at, over);
                    tracks(element.from(), over);
                }
                case Ebml.CLUSTER -> over = cluster(element.from(), over);
                default -> {
                    // Lists for players are made anew, and tags are not needed.
                }
            }
            at = over;
        }
    }

    private void info(int from, int end) {
        for (int at = from; at < end; ) {
            Ebml.Element element = Ebml.read(file, at, end);
            if (element.id() == SCALE) {
                scale = number(element);
            }
            at = element.end(end);
        }
    }

    private void tracks(int from, int end) {
        for (int at = from; at < end; ) {
            Ebml.Element track = Ebml.read(file, at, end);
            int over = track.end(end);
            long number = 0;
            long type = 0;
            for (int inner = track.from(); track.id() == Ebml.TRACK && inner < over; ) {
                Ebml.Element element = Ebml.read(file, inner, over);
                number = element.id() == Ebml.TRACK_NUMBER ? number(element) : number;
                type = element.id() == Ebml.TRACK_TYPE ? number(element) : type;
                inner = element.end(over);
            }
            pictures = type == PICTURES && pictures == 0 ? (int) number : pictures;
            at = over;
        }
    }

    /** Where it ended: one whose length is not told ends where the next begins. */
    private int cluster(int from, int end) {
        long begins = 0;
        int at = from;
        while (at < end) {
            Ebml.Element element = Ebml.read(file, at, end);
            if (element.id() == Ebml.CLUSTER || element.id() == Ebml.CUES) {
                return at;
            }
            int over = element.end(end);
            if (element.id() == Ebml.TIME) {
                begins = number(element);
            } else if (element.id() == Ebml.BLOCK) {
                block(element.from(), over, begins, file.get(element.from() + 3) & 255);
            } else if (element.id() == GROUP) {
                group(element.from(), over, begins);
            }
            at = over;
        }
        return end;
    }

    private void group(int from, int end, long begins) {
        Ebml.Element block = null;
        boolean alone = true;
        for (int at = from; at < end; ) {
            Ebml.Element element = Ebml.read(file, at, end);
            block = element.id() == GROUP_BLOCK ? element : block;
            alone &= element.id() != REFERENCE;
            at = element.end(end);
        }
        if (block != null) {
            int flags = file.get(block.from() + 3) & 0x0E;
            block(block.from(), block.end(end), begins, alone ? flags | STANDS_ALONE : flags);
        }
    }

    private void block(int from, int end, long begins, int flags) {
        int track = file.get(from) & 0x7F;
        long at = (begins + file.getShort(from + 1)) * scale / NANOS_A_MS;
        blocks.add(new Block(at, track, flags, Arrays.copyOfRange(file.array(), from + 4, end)));
    }

    private long number(Ebml.Element element) {
        long number = 0;
        for (int i = 0; i < element.length(); i++) {
            number = number << 8 | file.get(element.from() + i) & 255;
        }
        return number;
    }

    private Cut cut(String title, long fromMs, long toMs) {
        List<Block> seen =
                blocks.stream().filter(each -> each.track() == pictures).toList();
        boolean allAlone = seen.stream().allMatch(Block::standsAlone);
        long frame = seen.stream()
                .filter(each -> each.standsAlone() && each.atMs() <= fromMs)
                .mapToLong(Block::atMs)
                .max()
                .orElse(0);
        // Where every frame stands alone the one that is seen then is seen from the very beginning.
        long from = allAlone ? fromMs : frame;
        List<Block> kept = blocks.stream()
                .filter(each ->
                        each.atMs() < toMs && (each.track() == pictures ? each.atMs() >= frame : each.atMs() >= from))
                .map(each -> new Block(Math.max(0, each.atMs() - from), each.track(), each.flags(), each.content()))
                .toList();
        long length = toMs - from;
        return new Cut(Webm.file(Webm.info(title, length), tracks, pictures, kept), from, length);
    }
}
