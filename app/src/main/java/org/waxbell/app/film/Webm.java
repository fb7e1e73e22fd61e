package org.waxbell.app.film;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Writes films of VP8 and Opus as WebM: each cluster begins with a frame that stands alone and stands in the list by which players seek. */
public final class Webm {
    private static final int PICTURES = 1;
    private static final int SOUND = 2;
    private static final int CLUSTER_MS = 5_000;
    private static final int BLOCK_HEAD = 4;
    private static final int STANDS_ALONE = 0x80;
    private static final String BY = "Wax Bell";

    private Webm() {}

    /** A frame. @param atMs when it is seen first, in milliseconds from the beginning @param vp8 a frame that stands alone */
    public record Frame(long atMs, byte[] vp8) {}

    /** A piece of a track. @param flags as WebM has them, by which it is told whether it stands alone */
    record Block(long atMs, int track, int flags, byte[] content) {
        boolean standsAlone() {
            return (flags & STANDS_ALONE) != 0;
        }
    }

    /** A whole film. @param frames in the order of their moments, the first at 0 @param sound null for a silent film */
    public static byte[] of(
            String title, int width, int height, long lengthMs, List<Frame> frames, @Nullable OpusTrack sound) {
        List<Block> blocks = new ArrayList<>();
        frames.forEach(frame -> blocks.add(new Block(frame.atMs(), PICTURES, STANDS_ALONE, frame.vp8())));
        if (sound != null) {
            for (int i = 0; i < sound.packets().size() && (long) i * OpusTrack.PACKET_MS < lengthMs; i++) {
                blocks.add(new Block(
                        (long) i * OpusTrack.PACKET_MS,
                        SOUND,
                        STANDS_ALONE,
                        sound.packets().get(i)));
            }
        }
        return file(
                info(title, lengthMs),
                new Ebml().with(Ebml.TRACKS, tracks(width, height, sound)).bytes(),
                PICTURES,
                blocks);
    }

    /** A whole file of blocks in any order. @param tracks the element that tells of them @param pictures which of them is seen */
    static byte[] file(Ebml info, byte[] tracks, int pictures, List<Block> all) {
        List<Block> blocks = new ArrayList<>(all);
        blocks.sort(Comparator.comparingLong(Block::atMs).thenComparingInt(Block::track));
        List<List<Block>> clusters = clusters(blocks, pictures);
        byte[] front = new Ebml().with(Ebml.INFO, info).with(tracks).bytes();
        List<byte[]> written = clusters.stream().map(Webm::cluster).toList();
        long at = front.length + cues(clusters, written, 0, pictures).length;
        byte[] whole = join(front, cues(clusters, written, at, pictures), written);
        return new Ebml().with(Ebml.HEADER, header()).with(Ebml.SEGMENT, whole).bytes();
    }

    private static byte[] join(byte[] front, byte[] cues, List<byte[]> clusters) {
        int size = front.length
                + cues.length
                + clusters.stream().mapToInt(each -> each.length).sum();
        ByteBuffer all = ByteBuffer.allocate(size).put(front).put(cues);
        clusters.forEach(all::put);
        return all.array();
    }

    private static Ebml header() {
        return new Ebml()
                .with(0x4286, 1)
                .with(0x42F7, 1)
                .with(0x42F2, 4)
                .with(0x42F3, 8)
                .with(0x4282, "webm")
                .with(0x4287, 4)
                .with(0x4285, 2);
    }

    static Ebml info(String title, long lengthMs) {
        return new Ebml()
                .with(0x2AD7B1, 1_000_000)
                .with(Ebml.DURATION, (double) lengthMs)
                .with(0x7BA9, title)
                .with(0x4D80, BY)
                .with(0x5741, BY);
    }

    private static Ebml tracks(int width, int height, @Nullable OpusTrack sound) {
        Ebml pictures = new Ebml()
                .with(Ebml.TRACK_NUMBER, PICTURES)
                .with(0x73C5, PICTURES)
                .with(Ebml.TRACK_TYPE, 1)
                .with(Ebml.CODEC, "V_VP8")
                .with(Ebml.VIDEO, new Ebml().with(Ebml.PIXEL_WIDTH, width).with(Ebml.PIXEL_HEIGHT, height));
        Ebml tracks = new Ebml().with(Ebml.TRACK, pictures);
        if (sound != null) {
            tracks.with(
                    Ebml.TRACK,
                    new Ebml()
                            .with(Ebml.TRACK_NUMBER, SOUND)
                            .with(0x73C5, SOUND)
                            .with(Ebml.TRACK_TYPE, 2)
                            .with(Ebml.CODEC, "A_OPUS")
                            .with(Ebml.CODEC_PRIVATE, opusHead(sound.preSkip()))
                            .with(0x56AA, sound.preSkip() * 1_000_000_000L / OpusTrack.RATE)
                            .with(0x56BB, 80_000_000)
                            .with(
                                    0xE1,
                                    new Ebml()
                                            .with(0xB5, (double) OpusTrack.RATE)
                                            .with(0x9F, 2)));
        }
        return tracks;
    }

    /** As RFC 7845 has it. */
    private static byte[] opusHead(int preSkip) {
        return ByteBuffer.allocate(19)
                .order(ByteOrder.LITTLE_ENDIAN)
                .put("OpusHead".getBytes(StandardCharsets.US_ASCII))
                .put((byte) 1)
                .put((byte) 2)
                .putShort((short) preSkip)
                .putInt(OpusTrack.RATE)
                .putShort((short) 0)
                .put((byte) 0)
                .array();
    }

    private static List<List<Block>> clusters(List<Block> blocks, int pictures) {
        List<List<Block>> all = new ArrayList<>();
        for (Block block : blocks) {
            boolean begins = block.track() == pictures
                    && block.standsAlone()
                    && (all.isEmpty()
                            || block.atMs() - all.get(all.size() - 1).get(0).atMs() >= CLUSTER_MS);
            if (begins || all.isEmpty()) {
                all.add(new ArrayList<>());
            }
            all.get(all.size() - 1).add(block);
        }
        return all;
    }

    private static byte[] cluster(List<Block> blocks) {
        long begins = blocks.get(0).atMs();
        Ebml cluster = new Ebml().with(Ebml.TIME, begins);
        for (Block block : blocks) {
            cluster.with(
                    Ebml.BLOCK,
                    ByteBuffer.allocate(BLOCK_HEAD + block.content().length)
                            .put((byte) (0x80 | block.track()))
                            .putShort((short) (block.atMs() - begins))
                            .put((byte) block.flags())
                            .put(block.content())
                            .array());
        }
        return new Ebml().with(Ebml.CLUSTER, cluster).bytes();
    }

    private static byte[] cues(List<List<Block>> clusters, List<byte[]> written, long first, int pictures) {
        Ebml cues = new Ebml();
        long at = first;
        for (int i = 0; i < clusters.size(); i++) {
            cues.with(
                    0xBB,
                    new Ebml()
                            .with(0xB3, clusters.get(i).get(0).atMs())
                            .with(0xB7, new Ebml().with(0xF7, pictures).with(0xF1, at)));
            at += written.get(i).length;
        }
        return new Ebml().with(Ebml.CUES, cues).bytes();
    }
}
