package org.waxbell.app.clip;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.waxbell.actor.Actor;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.film.WebmCut;
import org.waxbell.app.json.Refused;
import org.waxbell.app.media.MediaFiles;
import org.waxbell.app.store.ClipMapper;
import org.waxbell.app.store.ClipMapper.ClipRow;
import org.waxbell.app.store.MediaMapper.FileRow;
import org.waxbell.app.wiring.Shelving;
import org.waxbell.clip.Stretch;

/** Clips that lie on the shelf: cut at both ends without being made anew, given a poster, told by their age. */
@Component
public class KeptClips {
    private static final long LEAST_MS = 200;
    private static final int MOST_DAYS = 3_650;
    private final ClipMapper clips;
    private final MediaFiles files;
    private final Shelving shelving;
    private final SystemClock clock;

    KeptClips(ClipMapper clips, MediaFiles files, Shelving shelving, SystemClock clock) {
        this.clock = clock;
        this.clips = clips;
        this.files = files;
        this.shelving = shelving;
    }

    /** The files of clips that were kept more than so many days ago and are used by nothing, newest first; throws {@link Refused}. */
    public List<FileRow> old(int days) {
        if (days < 0 || days > MOST_DAYS) {
            throw new Refused(
                    "days", Integer.toString(days), "That is no number of days.", "Write 0 to " + MOST_DAYS + ".");
        }
        var uses = shelving.uses();
        Map<String, FileRow> lying =
                files.rows().stream().collect(Collectors.toMap(FileRow::hash, row -> row, (one, same) -> one));
        return clips.all().stream()
                .filter(clip -> new Stretch(clip.begins(), clip.ends()).isOlderThan(days, clock.now()))
                .flatMap(clip -> Stream.ofNullable(lying.get(clip.hash())))
                .filter(row -> uses.apply(row.media()).isEmpty())
                .toList();
    }

    /** The film from one of its moments to another, in milliseconds; throws {@link Refused}. */
    public CompletableFuture<ClipRow> cut(ClipRow clip, long fromMs, long toMs, Actor by) {
        FileRow file = file(clip);
        if (fromMs < 0 || toMs > file.lengthMs() || toMs - fromMs < LEAST_MS) {
            throw new Refused(
                    "toMs",
                    Long.toString(toMs),
                    "That is no part of the clip, which is " + file.lengthMs() / 1_000.0 + " s long.",
                    "Leave at least 0.2 s of it.");
        }
        WebmCut.Cut cut = cut(clip, file, fromMs, toMs);
        return shelving.replace(file.folder(), file.name(), cut.film(), cut.lengthMs(), by)
                .thenApply(brought -> {
                    long begins = clip.begins() + cut.fromMs();
                    long poster = Math.max(0, Math.min(cut.lengthMs(), clip.poster() - cut.fromMs()));
                    return become(clip, brought.media().hash(), begins, begins + cut.lengthMs(), poster);
                });
    }

    private WebmCut.Cut cut(ClipRow clip, FileRow file, long fromMs, long toMs) {
        try {
            return WebmCut.of(Files.readAllBytes(files.file(clip.hash())), clip.title(), fromMs, toMs);
        } catch (IllegalArgumentException | IndexOutOfBoundsException unfit) {
            throw new Refused(
                    "file",
                    file.name(),
                    "This film cannot be cut: " + unfit.getMessage() + ".",
                    "Cut it elsewhere, and bring it in place of this one.");
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** Lets a moment of the film stand for it; throws {@link Refused}. */
    public ClipRow poster(ClipRow clip, long atMs) {
        if (atMs < 0 || atMs > file(clip).lengthMs()) {
            throw new Refused(
                    "atMs", Long.toString(atMs), "The film has no such moment.", "Choose one within its length.");
        }
        return become(clip, clip.hash(), clip.begins(), clip.ends(), atMs);
    }

    private ClipRow become(ClipRow clip, String hash, long begins, long ends, long poster) {
        ClipRow next = new ClipRow(
                clip.number(), clip.secret(), hash, clip.title(), clip.maker(), clip.ring(), begins, ends, poster);
        clips.become(next);
        return next;
    }

    private FileRow file(ClipRow clip) {
        return files.rows().stream()
                .filter(row -> row.hash().equals(clip.hash()))
                .findFirst()
                .orElseThrow(() -> new Refused(
                        "number",
                        Long.toString(clip.number()),
                        "This clip lies on the shelf no more.",
                        "Choose one that is there."));
    }
}
