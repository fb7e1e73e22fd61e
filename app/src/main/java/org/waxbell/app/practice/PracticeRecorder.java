package org.waxbell.app.practice;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.IntPredicate;
import javax.imageio.ImageIO;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.film.KeyFrames;
import org.waxbell.app.film.OpusTrack;
import org.waxbell.app.film.Webm;
import org.waxbell.app.media.MediaFiles;
import org.waxbell.app.practice.SoundTrack.Heard;
import org.waxbell.app.security.KeyRing;
import org.waxbell.app.speech.Spokens;
import org.waxbell.app.thread.Daemons;
import org.waxbell.directive.PlaySound;
import org.waxbell.directive.Speak;
import org.waxbell.mixer.MixerPicture;

/**
 * Keeps the practice mixer's last minutes while it streams or records, and makes clips of them. A picture is made into a frame when it
 * looks another way than before, and only put together on demand; all on one thread of low priority, apart from the evening.
 */
@Component
public class PracticeRecorder implements DisposableBean {
    /** How much of the past is kept, in milliseconds. */
    static final long KEPT_MS = 240_000;

    private static final Logger LOG = LoggerFactory.getLogger(PracticeRecorder.class);
    private static final long FRAME_MS = 100;
    /** A picture that stands still is put down anew so often, so that films can be cut and looked through. */
    private static final long STILL_MS = 1_000;

    private static final long LEAST_MS = 1_000;
    private static final int MOST_HELD = 4;
    private static final int SOUND_IS = 90;
    private static final double WHOLE = 100;
    private final PracticeMixer mixer;
    private final ProgrammeWatch watch;
    private final MediaFiles files;
    private final Spokens spokens;
    private final SystemClock clock;
    private final KeyRing keys;
    private final Reel reel = new Reel(KEPT_MS);
    private final KeyFrames frames = new KeyFrames(ProgrammePainter.WIDTH, ProgrammePainter.HEIGHT);
    private final ProgrammePainter painter = new ProgrammePainter(this::picture);
    private final ScheduledExecutorService thread;
    private final ScheduledExecutorService maker;
    private final Set<String> stopped = ConcurrentHashMap.newKeySet();
    private final Map<String, byte[]> held = new LinkedHashMap<>();
    private final Map<String, Optional<BufferedImage>> drawn = new LinkedHashMap<>();
    private String look = "";
    private byte[] last = new byte[0];
    private long lastAt;

    PracticeRecorder(
            PracticeMixer mixer,
            ProgrammeWatch watch,
            MediaFiles files,
            Spokens spokens,
            SystemClock clock,
            KeyRing keys) {
        this.keys = keys;
        this.mixer = mixer;
        this.watch = watch;
        this.files = files;
        this.spokens = spokens;
        this.clock = clock;
        this.thread = quiet("practice-recorder");
        this.maker = quiet("practice-clips");
        thread.scheduleAtFixedRate(this::look, FRAME_MS, FRAME_MS, TimeUnit.MILLISECONDS);
    }

    private static ScheduledExecutorService quiet(String name) {
        return Executors.newSingleThreadScheduledExecutor(Daemons.patient(name));
    }

    /** It is not on air, so nothing is kept. */
    static final class NotOnAir extends IllegalStateException {
        private static final long serialVersionUID = 1L;

        NotOnAir() {
            super("the practice mixer neither streams nor records, so it keeps nothing");
        }
    }

    /** It has kept nothing yet. */
    static final class NothingKept extends IllegalStateException {
        private static final long serialVersionUID = 1L;

        NothingKept() {
            super("the practice mixer has kept nothing yet");
        }
    }

    /** A clip that was made. @param id by which it is fetched */
    record Clip(String id, long lengthMs) {}

    private void look() {
        try {
            long now = clock.now();
            MixerPicture picture = mixer.picture();
            if (picture.streaming() || picture.recording()) {
                take(watch.at(now, picture));
            } else {
                synchronized (reel) {
                    reel.clear();
                }
                look = "";
            }
            watch.forget(now - KEPT_MS);
        } catch (RuntimeException broken) {
            LOG.warn("A picture of the programme could not be kept", broken);
        }
    }

    private void take(Programme now) {
        String looks = ProgrammePainter.look(now);
        boolean same = looks.equals(look);
        if (same && now.at() - lastAt < STILL_MS) {
            return;
        }
        if (!same) {
            last = frames.of(painter.paint(now));
            look = looks;
        }
        lastAt = now.at();
        synchronized (reel) {
            reel.take(now.at(), last);
        }
    }

    private Optional<BufferedImage> picture(String hash) {
        Optional<BufferedImage> known = drawn.get(hash);
        if (known != null) {
            return known;
        }
        if (drawn.size() > MOST_HELD) {
            drawn.clear();
        }
        Optional<BufferedImage> read;
        try {
            Path file = files.file(hash);
            read = file.toFile().exists() ? Optional.ofNullable(ImageIO.read(file.toFile())) : Optional.empty();
        } catch (IOException unreadable) {
            read = Optional.empty();
        }
        drawn.put(hash, read);
        return read;
    }

    /**
     * Makes a clip of the last seconds, as far as they were kept; fails with {@link NotOnAir} or {@link NothingKept}.
     *
     * @param progress hears how far it is, in percent
     */
    CompletableFuture<Clip> make(String once, int seconds, String title, IntPredicate progress) {
        MixerPicture picture = mixer.picture();
        if (!picture.streaming() && !picture.recording()) {
            return CompletableFuture.failedFuture(new NotOnAir());
        }
        long to = clock.now();
        long from;
        List<Webm.Frame> pictures;
        synchronized (reel) {
            if (reel.begins() > to - LEAST_MS) {
                return CompletableFuture.failedFuture(new NothingKept());
            }
            from = Math.max(to - seconds * 1_000L, reel.begins());
            pictures = reel.between(from, to);
        }
        return CompletableFuture.supplyAsync(() -> made(once, title, from, to, pictures, progress), maker)
                .whenComplete((made, failed) -> stopped.remove(once));
    }

    private Clip made(String once, String title, long from, long to, List<Webm.Frame> pictures, IntPredicate progress) {
        List<Heard> heard = new ArrayList<>();
        double factor = factor();
        watch.sounded(from, to).forEach(each -> heard(each, factor).ifPresent(heard::add));
        @Nullable
        OpusTrack sound = SoundTrack.of(heard, from, to, share -> goesOn(once, share * SOUND_IS / 100, progress))
                .orElse(null);
        byte[] film = Webm.of(title, ProgrammePainter.WIDTH, ProgrammePainter.HEIGHT, to - from, pictures, sound);
        String id = keys.fresh();
        synchronized (held) {
            held.put(id, film);
            List<String> all = List.copyOf(held.keySet());
            all.subList(0, Math.max(0, all.size() - MOST_HELD)).forEach(held::remove);
        }
        return new Clip(id, to - from);
    }

    private boolean goesOn(String once, int percent, IntPredicate progress) {
        return !stopped.contains(once) && progress.test(percent);
    }

    /** How loud the stages are in the mixer. */
    private double factor() {
        return mixer.picture().sources().stream()
                .filter(source -> source.kind().equals("browser"))
                .mapToDouble(source -> source.muted() ? 0 : source.level() / WHOLE)
                .max()
                .orElse(0);
    }

    private Optional<Heard> heard(ProgrammeWatch.Sounded each, double factor) {
        if (each.part() instanceof PlaySound sound) {
            double volume = factor * sound.volume() / WHOLE * Math.pow(10, sound.gain() / 2_000.0);
            return files.samples(sound.media())
                    .map(samples -> new Heard(samples, sound.meantFor(), each.over(), volume, sound.fromMs()));
        }
        if (each.part() instanceof Speak speak) {
            return spokens.said(speak.partRun())
                    .map(said -> new Heard(
                            MediaFiles.samples(said.wav(), "audio/wav"),
                            said.begins(),
                            each.over(),
                            factor * speak.volume() / WHOLE,
                            0));
        }
        return Optional.empty();
    }

    /** Gives up a clip that is being made. */
    void stop(String once) {
        stopped.add(once);
    }

    /** A clip that was made lately; empty where it is gone. */
    public Optional<byte[]> clip(String id) {
        synchronized (held) {
            return Optional.ofNullable(held.get(id));
        }
    }

    /** How much memory the kept pictures take, in bytes. */
    public long bytesKept() {
        synchronized (reel) {
            return reel.bytes();
        }
    }

    @Override
    public void destroy() {
        thread.shutdownNow();
        maker.shutdownNow();
    }
}
