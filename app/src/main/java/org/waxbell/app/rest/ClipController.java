package org.waxbell.app.rest;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.CompletableFuture;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.actor.Actor;
import org.waxbell.app.clip.ClipDesk;
import org.waxbell.app.clip.ClipDesk.UnderWay;
import org.waxbell.app.clip.Filmed;
import org.waxbell.app.clip.KeptClips;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Refused;
import org.waxbell.app.live.Notices;
import org.waxbell.app.live.Notices.DecisionNotice;
import org.waxbell.app.store.ClipMapper;
import org.waxbell.app.store.ClipMapper.ClipRow;
import org.waxbell.app.store.Journal;
import org.waxbell.clip.Chapters;

/** Clips of the show: what is being made, who made those that are there and when, trimmed and given a poster; chapters of streams and recordings. */
@RestController
@RequestMapping("/api/clips")
class ClipController {
    private final ClipDesk desk;
    private final KeptClips kept;
    private final Filmed filmed;
    private final ClipMapper clips;
    private final Journal journal;
    private final Notices notices;
    private final Documents json;

    ClipController(
            ClipDesk desk,
            KeptClips kept,
            Filmed filmed,
            ClipMapper clips,
            Journal journal,
            Notices notices,
            Documents json) {
        this.json = json;
        this.desk = desk;
        this.kept = kept;
        this.filmed = filmed;
        this.clips = clips;
        this.journal = journal;
        this.notices = notices;
    }

    /** A clip. @param hash of its file on the shelf @param address where viewers see it @param begins milliseconds since 1970 UTC */
    record ClipView(
            long number,
            String hash,
            String title,
            String maker,
            long begins,
            long ends,
            long poster,
            String address) {}

    /** A stream or recording. @param ends milliseconds since 1970 UTC, 0 while it runs @param chapters how many it has */
    record FilmedView(long number, String kind, long begins, long ends, int chapters) {}

    /** @param making what is being made now */
    record ClipsView(List<UnderWay> making, List<ClipView> clips, List<FilmedView> filmed) {}

    /** What is to be left of a clip, in milliseconds of its film. */
    record Trimming(long fromMs, long toMs) {}

    /** The moment of the film that stands for it, in milliseconds. */
    record Poster(long atMs) {}

    @GetMapping
    ClipsView all() {
        return new ClipsView(
                desk.underWay(),
                clips.all().stream().map(this::view).toList(),
                filmed.newest().stream()
                        .map(row -> new FilmedView(
                                row.number(),
                                row.kind(),
                                row.begins(),
                                row.ends(),
                                filmed.chapters(row).chapters().size()))
                        .toList());
    }

    private ClipView view(ClipRow row) {
        return new ClipView(
                row.number(),
                row.hash(),
                row.title(),
                row.maker(),
                row.begins(),
                row.ends(),
                row.poster(),
                desk.address(row));
    }

    /** A file that may go. */
    record OldClip(String folder, String name, long bytes) {}

    /** Clips that were kept more than so many days ago and that nothing uses. */
    @GetMapping("/old")
    List<OldClip> old(@RequestParam int days) {
        return kept.old(days).stream()
                .map(row -> new OldClip(row.folder(), row.name(), row.bytes()))
                .toList();
    }

    /** Gives up a clip that is being made. */
    @PostMapping("/making/{number}/stop")
    void stop(@PathVariable long number) {
        desk.stop(number);
    }

    /** Cuts a clip at both ends; everything that uses it shows what is left. */
    @PostMapping("/{number}/trim")
    CompletableFuture<ClipView> trim(@PathVariable long number, @RequestBody Trimming to, Actor by) {
        return kept.cut(there(number), to.fromMs(), to.toMs(), by).thenApply(this::view);
    }

    @PostMapping("/{number}/poster")
    ClipView poster(@PathVariable long number, @RequestBody Poster poster) {
        return view(kept.poster(there(number), poster.atMs()));
    }

    /** The decision by which it was made. */
    @GetMapping("/{number}/decision")
    DecisionNotice decision(@PathVariable long number) {
        long ring = there(number).ring();
        return journal.holding("\"ring\":" + ring + ",", 1).stream()
                .findFirst()
                .map(notices::of)
                .orElseThrow(() -> new Refused(
                        "number",
                        Long.toString(number),
                        "The journal has nothing of it any more.",
                        "Look for its time in the journal."));
    }

    private ClipRow there(long number) {
        @Nullable ClipRow row = clips.byNumber(number);
        if (row == null) {
            throw new Refused("number", Long.toString(number), "There is no such clip.", "Choose one that is there.");
        }
        return Objects.requireNonNull(row);
    }

    /** Chapters of a stream or recording as WebVTT. */
    @GetMapping("/filmed/{number}/chapters.vtt")
    ResponseEntity<byte[]> vtt(@PathVariable long number) {
        return file(number, "chapters.vtt", "text/vtt", Chapters::vtt);
    }

    /** The same as a plain list. */
    @GetMapping("/filmed/{number}/chapters.txt")
    ResponseEntity<byte[]> list(@PathVariable long number) {
        return file(number, "chapters.txt", "text/plain", Chapters::list);
    }

    private ResponseEntity<byte[]> file(long number, String name, String type, Function<Chapters, String> as) {
        return filmed.chapters(number)
                .map(chapters -> ResponseEntity.ok()
                        .contentType(MediaType.parseMediaType(type + ";charset=UTF-8"))
                        .header(
                                HttpHeaders.CONTENT_DISPOSITION,
                                ContentDisposition.attachment()
                                        .filename(name)
                                        .build()
                                        .toString())
                        .body(as.apply(chapters).getBytes(StandardCharsets.UTF_8)))
                .orElseThrow(() -> new Refused(
                        "number",
                        Long.toString(number),
                        "There is no such stream or recording.",
                        "Choose one that is there."));
    }
}
