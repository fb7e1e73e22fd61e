package org.waxbell.app.film;

import io.github.jaredmdobson.concentus.OpusApplication;
import io.github.jaredmdobson.concentus.OpusEncoder;
import io.github.jaredmdobson.concentus.OpusException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.function.IntPredicate;

/**
 * A sound of two channels made into packets of Opus.
 *
 * @param packets  each of {@value #PACKET_MS} ms
 * @param preSkip  how many samples of the beginning a player leaves out
 */
public record OpusTrack(List<byte[]> packets, int preSkip) {
    /** How many samples a second it has. */
    public static final int RATE = 48_000;
    /** How long a packet is, in milliseconds. */
    public static final int PACKET_MS = 20;

    private static final int FRAME = RATE / 1_000 * PACKET_MS;
    private static final int BITS_A_SECOND = 96_000;
    private static final int MOST = 4_000;
    /** It tells how far it is after so many packets. */
    private static final int BETWEEN = 50;

    public OpusTrack {
        packets = List.copyOf(packets);
    }

    /** Makes it of samples of both channels in turn; throws {@link CancellationException} where it is given up. @param goesOn hears how far it is, in percent, and says whether it goes on */
    public static OpusTrack of(short[] samples, IntPredicate goesOn) {
        try {
            OpusEncoder encoder = new OpusEncoder(RATE, 2, OpusApplication.OPUS_APPLICATION_AUDIO);
            encoder.setBitrate(BITS_A_SECOND);
            int preSkip = encoder.getLookahead();
            List<byte[]> packets = new ArrayList<>();
            byte[] room = new byte[MOST];
            short[] frame = new short[FRAME * 2];
            for (int at = 0; at < samples.length + preSkip * 2; at += frame.length) {
                if (packets.size() % BETWEEN == 0 && !goesOn.test((int) (100L * at / Math.max(1, samples.length)))) {
                    throw new CancellationException("it was given up");
                }
                Arrays.fill(frame, (short) 0);
                System.arraycopy(
                        samples,
                        Math.min(at, samples.length),
                        frame,
                        0,
                        Math.max(0, Math.min(frame.length, samples.length - at)));
                packets.add(Arrays.copyOf(room, encoder.encode(frame, 0, FRAME, room, 0, room.length)));
            }
            return new OpusTrack(packets, preSkip);
        } catch (OpusException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
