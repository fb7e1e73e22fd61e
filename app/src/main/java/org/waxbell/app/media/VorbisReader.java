package org.waxbell.app.media;

import com.jcraft.jogg.Packet;
import com.jcraft.jogg.Page;
import com.jcraft.jogg.StreamState;
import com.jcraft.jogg.SyncState;
import com.jcraft.jorbis.Block;
import com.jcraft.jorbis.Comment;
import com.jcraft.jorbis.DspState;
import com.jcraft.jorbis.Info;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/** Decodes an Ogg Vorbis from its first page to its last: three packets of head, then sound. */
final class VorbisReader {
    private static final int HEADS = 3;
    private final SyncState sync = new SyncState();
    private final StreamState stream = new StreamState();
    private final Page page = new Page();
    private final Packet packet = new Packet();
    private final Info info = new Info();
    private final DspState state = new DspState();
    private final Sink sink;
    private @Nullable Block block;
    private int heads;

    private VorbisReader(Sink sink) {
        this.sink = sink;
    }

    /** Takes what is decoded. */
    interface Sink {
        /** The sound begins. */
        void begins(int rate, int channels);

        /** More of it. @param samples of all channels in turn, −1 to 1 */
        void more(float[] samples, int frames);
    }

    /** Reads it to its end; throws {@link IllegalArgumentException} where its head is broken. */
    static void read(byte[] content, Sink sink) {
        new VorbisReader(sink).all(content);
    }

    private void all(byte[] content) {
        sync.init();
        int at = sync.buffer(content.length);
        System.arraycopy(content, 0, sync.data, at, content.length);
        sync.wrote(content.length);
        Comment comment = new Comment();
        info.init();
        comment.init();
        boolean first = true;
        while (sync.pageout(page) == 1) {
            if (first) {
                stream.init(page.serialno());
                first = false;
            }
            stream.pagein(page);
            while (stream.packetout(packet) == 1) {
                if (heads < HEADS) {
                    head(comment);
                } else {
                    sound();
                }
            }
        }
        if (heads < HEADS) {
            throw new IllegalArgumentException("it is cut off or broken");
        }
    }

    private void head(Comment comment) {
        if (info.synthesis_headerin(comment, packet) < 0) {
            throw new IllegalArgumentException("it is cut off or broken");
        }
        if (++heads == HEADS) {
            state.synthesis_init(info);
            block = new Block(state);
            sink.begins(info.rate, info.channels);
        }
    }

    private void sound() {
        if (block == null || block.synthesis(packet) != 0) {
            return;
        }
        state.synthesis_blockin(block);
        float[][][] pcm = new float[1][][];
        int[] begins = new int[info.channels];
        for (int frames = state.synthesis_pcmout(pcm, begins);
                frames > 0;
                frames = state.synthesis_pcmout(pcm, begins)) {
            float[] samples = new float[frames * info.channels];
            for (int channel = 0; channel < info.channels; channel++) {
                float[] own = Arrays.copyOfRange(pcm[0][channel], begins[channel], begins[channel] + frames);
                for (int i = 0; i < frames; i++) {
                    samples[i * info.channels + channel] = own[i];
                }
            }
            sink.more(samples, frames);
            state.synthesis_read(frames);
        }
    }
}
