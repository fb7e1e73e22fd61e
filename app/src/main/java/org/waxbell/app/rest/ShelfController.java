package org.waxbell.app.rest;

import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.actor.Actor;
import org.waxbell.app.media.MediaFiles;
import org.waxbell.app.media.MediaTokens;
import org.waxbell.app.rest.WiringViews.MediaView;
import org.waxbell.app.store.MediaMapper.FileRow;
import org.waxbell.app.wiring.Shelving;
import org.waxbell.app.wiring.Shelving.Spot;
import org.waxbell.shelf.Media;
import org.waxbell.wiring.ShelfUse;

/** The shelf: what lies there and who uses it; files are taken in, called and laid otherwise, tagged, weighed, taken away and put back. */
@RestController
@RequestMapping("/api/shelf")
class ShelfController {
    private final Shelving shelving;
    private final MediaFiles files;
    private final MediaTokens tokens;

    ShelfController(Shelving shelving, MediaFiles files, MediaTokens tokens) {
        this.shelving = shelving;
        this.files = files;
        this.tokens = tokens;
    }

    /** A file that lies on the shelf now. @param without what was taken out of it, in words, empty text for nothing */
    record BroughtView(MediaView media, String without) {}

    /** A file with all that is told of it. */
    record ShelfFile(FileRow row, String address, List<String> tags, List<ShelfUse.Use> uses) {}

    /** Files by their places. */
    record Places(List<Spot> files) {}

    /** Where files are to lie. @param name of a single one, empty text to keep their own */
    record Moving(List<Spot> files, String folder, String name) {}

    /** Tags for files. */
    record Tagging(List<Spot> files, List<String> tags) {}

    /** How often files are drawn, 0 to 9. */
    record Weighing(List<Spot> files, int weight) {}

    /** What was taken away, by its number. */
    record Back(long number) {}

    @GetMapping
    List<ShelfFile> shelf() {
        var uses = shelving.uses();
        return files.rows().stream()
                .map(row -> new ShelfFile(
                        row,
                        tokens.address(row.hash()),
                        row.tags().isEmpty() ? List.of() : List.of(row.tags().split(",")),
                        uses.apply(row.media())))
                .toList();
    }

    /** Puts the file in the body on the shelf. @param folder empty text for where its content belongs @param sounds where a sound goes then @param lengthMs of a video, as the page measured it, else 0 */
    @PostMapping(consumes = "application/octet-stream")
    CompletableFuture<BroughtView> add(
            @RequestParam(defaultValue = "") String folder,
            @RequestParam(defaultValue = "") String sounds,
            @RequestParam String name,
            @RequestParam(defaultValue = "0") long lengthMs,
            @RequestBody byte[] body,
            Actor by) {
        return shelving.add(folder, sounds, name, body, lengthMs, by).thenApply(this::view);
    }

    /** Puts the file in the body in place of one that lies there and keeps its name. */
    @PutMapping(consumes = "application/octet-stream")
    CompletableFuture<BroughtView> replace(
            @RequestParam String folder,
            @RequestParam String name,
            @RequestParam(defaultValue = "0") long lengthMs,
            @RequestBody byte[] body,
            Actor by) {
        return shelving.replace(folder, name, body, lengthMs, by).thenApply(this::view);
    }

    private BroughtView view(Shelving.Brought brought) {
        Media media = brought.media();
        return new BroughtView(
                new MediaView(
                        media.folder(), media.name(), media.type(), media.lengthMs(), tokens.address(media.hash())),
                brought.without());
    }

    @PostMapping("/move")
    CompletableFuture<Places> move(@RequestBody Moving wanted, Actor by) {
        return shelving.move(wanted.files(), wanted.folder(), wanted.name(), by).thenApply(Places::new);
    }

    @PostMapping("/tags")
    CompletableFuture<?> tag(@RequestBody Tagging wanted, Actor by) {
        return shelving.tag(wanted.files(), wanted.tags(), by).thenApply(done -> Map.of());
    }

    @PostMapping("/weight")
    CompletableFuture<?> weigh(@RequestBody Weighing wanted, Actor by) {
        return shelving.weigh(wanted.files(), wanted.weight(), by).thenApply(done -> Map.of());
    }

    @PostMapping("/take-away")
    CompletableFuture<Shelving.Gone> take(@RequestBody Places wanted, Actor by) {
        return shelving.take(wanted.files(), by);
    }

    @PostMapping("/put-back")
    CompletableFuture<?> putBack(@RequestBody Back back, Actor by) {
        return shelving.putBack(back.number(), by).thenApply(done -> Map.of());
    }
}
