package org.waxbell.app.rest;

import java.util.concurrent.CompletableFuture;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.actor.Actor;
import org.waxbell.app.media.MediaTokens;
import org.waxbell.app.rest.WiringViews.MediaView;
import org.waxbell.app.wiring.Shelving;
import org.waxbell.shelf.Media;

/** Takes in files for the shelf: pictures, videos, moving pictures. */
@RestController
@RequestMapping("/api")
class ShelfController {
    private final Shelving shelving;
    private final MediaTokens tokens;

    ShelfController(Shelving shelving, MediaTokens tokens) {
        this.shelving = shelving;
        this.tokens = tokens;
    }

    /** A file that lies on the shelf now. @param without what was taken out of it, in words, empty text for nothing */
    record BroughtView(MediaView media, String without) {}

    /** Puts the file in the body on the shelf. @param lengthMs of a video, as the page measured it, else 0 */
    @PostMapping(value = "/shelf", consumes = "application/octet-stream")
    CompletableFuture<BroughtView> add(
            @RequestParam String folder,
            @RequestParam String name,
            @RequestParam(defaultValue = "0") long lengthMs,
            @RequestBody byte[] body,
            Actor by) {
        return shelving.add(folder, name, body, lengthMs, by).thenApply(brought -> {
            Media media = brought.media();
            MediaView view = new MediaView(
                    media.folder(), media.name(), media.type(), media.lengthMs(), tokens.address(media.hash()));
            return new BroughtView(view, brought.without());
        });
    }
}
