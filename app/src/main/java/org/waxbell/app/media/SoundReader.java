package org.waxbell.app.media;

import io.github.jaredmdobson.concentus.OpusDecoder;
import io.github.jaredmdobson.concentus.OpusException;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.ServiceLoader;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;
import javax.sound.sampled.spi.AudioFileReader;
import javazoom.spi.mpeg.sampled.file.MpegAudioFileReader;
import org.gagravarr.ogg.OggFile;
import org.gagravarr.opus.OpusAudioData;
import org.gagravarr.opus.OpusFile;
import org.jflac.FLACDecoder;
import org.jflac.PCMProcessor;
import org.jflac.metadata.StreamInfo;
import org.jflac.util.ByteData;
import org.jspecify.annotations.Nullable;
import org.waxbell.shelf.Loudness;

/** Decodes a sound of an open format to its end and measures it: WAV, FLAC, MP3, Ogg Vorbis and Opus. */
public final class SoundReader implements VorbisReader.Sink {
    /** The longest sound, in milliseconds. */
    static final long LONGEST = 600_000;

    private static final int OPUS_RATE = 48_000;
    private static final int OPUS_FRAME = 5_760;
    private static final int BLOCK = 16_384;
    private static final int LOWEST_RATE = 8_000;
    private static final int HIGHEST_RATE = 192_000;
    private final List<float[]> kept = new ArrayList<>();
    private final boolean keeps;
    private @Nullable Loudness loudness;
    private int channels;
    private int rate;

    private SoundReader(boolean keeps) {
        this.keeps = keeps;
    }

    /** A sound as samples of all its channels in turn, −1 to 1. */
    public record Decoded(int rate, int channels, float[] all) {}

    /** Decodes a sound of that media type; throws as {@link #measure} does. */
    static Decoded decode(byte[] content, String type) {
        SoundReader reader = new SoundReader(true);
        reader.readAll(content, type);
        int count = reader.kept.stream().mapToInt(each -> each.length).sum();
        float[] all = new float[count];
        int at = 0;
        for (float[] each : reader.kept) {
            System.arraycopy(each, 0, all, at, each.length);
            at += each.length;
        }
        return new Decoded(reader.rate, reader.channels, all);
    }

    /** Reads a sound of that media type; throws {@link IllegalArgumentException}, with what is wrong as the end of a sentence. */
    public static Loudness.Measured measure(byte[] content, String type) {
        SoundReader reader = new SoundReader(false);
        reader.readAll(content, type);
        if (reader.loudness == null || reader.loudness.lengthMs() == 0) {
            throw new IllegalArgumentException("there is no sound in it");
        }
        return reader.loudness.measured();
    }

    private void readAll(byte[] content, String type) {
        try {
            read(content, type);
        } catch (Unfit unfit) {
            throw new IllegalArgumentException(unfit.getMessage(), unfit);
        } catch (IOException | UnsupportedAudioFileException | OpusException | RuntimeException broken) {
            throw new IllegalArgumentException("it is cut off or broken", broken);
        }
    }

    /** A sound that can be read and is not taken in. */
    private static final class Unfit extends RuntimeException {
        private static final long serialVersionUID = 1;

        Unfit(String why) {
            super(why);
        }
    }

    private void read(byte[] content, String type) throws IOException, UnsupportedAudioFileException, OpusException {
        switch (type) {
            case "audio/opus" -> opus(content);
            case "audio/vorbis" -> VorbisReader.read(content, this);
            case "audio/flac" -> flac(content);
            case "audio/mpeg" -> pcm(new MpegAudioFileReader().getAudioInputStream(in(content)));
            default -> pcm(wav(content));
        }
    }

    /** By the readers of the platform alone, for others take a WAV for what it is not. */
    private static AudioInputStream wav(byte[] content) throws IOException, UnsupportedAudioFileException {
        List<AudioFileReader> own = ServiceLoader.load(AudioFileReader.class).stream()
                .filter(each -> each.type().getModule() == AudioSystem.class.getModule())
                .map(ServiceLoader.Provider::get)
                .toList();
        for (AudioFileReader reader : own) {
            try {
                return reader.getAudioInputStream(in(content));
            } catch (UnsupportedAudioFileException another) {
                continue;
            }
        }
        throw new UnsupportedAudioFileException("no reader knows it");
    }

    private static InputStream in(byte[] content) {
        return new ByteArrayInputStream(content);
    }

    @Override
    public void begins(int rate, int all) {
        if (all < 1 || all > 2) {
            throw new Unfit("it has " + all + " channels, and a sound here has one or two");
        }
        if (rate < LOWEST_RATE || rate > HIGHEST_RATE) {
            throw new Unfit("it has " + rate + " samples a second, and 8,000 to 192,000 are read");
        }
        channels = all;
        this.rate = rate;
        loudness = new Loudness(rate, all);
    }

    @Override
    public void more(float[] samples, int frames) {
        if (loudness != null) {
            loudness.add(samples, frames);
            if (keeps) {
                kept.add(Arrays.copyOf(samples, frames * channels));
            }
            if (loudness.lengthMs() > LONGEST) {
                throw new Unfit("it is longer than " + LONGEST / 60_000 + " minutes");
            }
        }
    }

    /** WAV as it stands, MP3 as it is decoded to 16 bits. */
    private void pcm(AudioInputStream found) throws IOException {
        AudioFormat own = found.getFormat();
        int rate = Math.round(own.getSampleRate());
        begins(rate, own.getChannels());
        boolean plain = own.getEncoding() == AudioFormat.Encoding.PCM_SIGNED
                || own.getEncoding() == AudioFormat.Encoding.PCM_UNSIGNED
                || own.getEncoding() == AudioFormat.Encoding.PCM_FLOAT;
        AudioFormat wanted = plain
                ? own
                : new AudioFormat(AudioFormat.Encoding.PCM_SIGNED, rate, 16, channels, channels * 2, rate, false);
        try (AudioInputStream stream = plain ? found : AudioSystem.getAudioInputStream(wanted, found)) {
            int bytes = wanted.getSampleSizeInBits() / 8;
            byte[] block = new byte[BLOCK / (bytes * channels) * bytes * channels];
            int held = 0;
            for (int read = stream.read(block); read >= 0; read = stream.read(block, held, block.length - held)) {
                int whole = (held + read) / (bytes * channels) * bytes * channels;
                more(Samples.of(block, whole, wanted), whole / bytes / channels);
                held = held + read - whole;
                System.arraycopy(block, whole, block, 0, held);
            }
        }
    }

    private void flac(byte[] content) throws IOException {
        FLACDecoder decoder = new FLACDecoder(in(content));
        decoder.addPCMProcessor(new PCMProcessor() {
            private @Nullable AudioFormat format;

            @Override
            public void processStreamInfo(StreamInfo info) {
                format = info.getAudioFormat();
                begins(info.getSampleRate(), info.getChannels());
            }

            @Override
            public void processPCM(ByteData pcm) {
                AudioFormat plain = Objects.requireNonNull(format);
                float[] samples = Samples.of(pcm.getData(), pcm.getLen(), plain);
                more(samples, samples.length / channels);
            }
        });
        decoder.decode();
    }

    private void opus(byte[] content) throws IOException, OpusException {
        try (OpusFile file = new OpusFile(new OggFile(in(content)))) {
            begins(OPUS_RATE, file.getInfo().getNumChannels());
            OpusDecoder decoder = new OpusDecoder(OPUS_RATE, channels);
            int skip = file.getInfo().getPreSkip();
            short[] decoded = new short[OPUS_FRAME * channels];
            for (OpusAudioData packet = file.getNextAudioPacket(); packet != null; packet = file.getNextAudioPacket()) {
                byte[] data = packet.getData();
                int count = decoder.decode(data, 0, data.length, decoded, 0, OPUS_FRAME, false);
                int from = Math.min(skip, count);
                skip -= from;
                float[] samples = new float[(count - from) * channels];
                for (int i = 0; i < samples.length; i++) {
                    samples[i] = decoded[from * channels + i] / 32_768f;
                }
                more(samples, count - from);
            }
        }
    }
}
