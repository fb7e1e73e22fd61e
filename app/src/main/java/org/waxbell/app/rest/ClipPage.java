package org.waxbell.app.rest;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.util.HtmlUtils;
import org.waxbell.app.address.ClipAddresses;
import org.waxbell.app.media.MediaFiles;
import org.waxbell.app.media.MediaTokens;
import org.waxbell.app.store.ClipMapper;
import org.waxbell.app.store.ClipMapper.ClipRow;

/** A clip as viewers see it: whoever has its address may. */
@RestController
class ClipPage {
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("d MMM yyyy, HH:mm", Locale.ENGLISH);
    private final ClipMapper clips;
    private final MediaFiles files;
    private final MediaTokens tokens;

    ClipPage(ClipMapper clips, MediaFiles files, MediaTokens tokens) {
        this.clips = clips;
        this.files = files;
        this.tokens = tokens;
    }

    @GetMapping(value = ClipAddresses.PATH + "{secret}", produces = "text/html;charset=UTF-8")
    ResponseEntity<String> clip(@PathVariable String secret) {
        ClipRow clip = clips.bySecret(secret);
        if (clip == null) {
            return page(404, "No such clip", "<p>There is no clip at this address.</p>");
        }
        if (files.rows().stream().noneMatch(row -> row.hash().equals(clip.hash()))) {
            return page(404, clip.title(), "<p>This clip was taken away.</p>");
        }
        String by = clip.maker().isEmpty() ? "" : ", kept by " + escape(clip.maker());
        return page(
                200,
                clip.title(),
                "<video controls preload=\"metadata\" width=\"768\" src=\"" + tokens.address(clip.hash()) + "#t="
                        + clip.poster() / 1_000.0 + "\"></video><p>"
                        + CLOCK.format(Instant.ofEpochMilli(clip.begins()).atZone(ZoneId.systemDefault())) + by
                        + ".</p>");
    }

    private static ResponseEntity<String> page(int status, String title, String body) {
        return ResponseEntity.status(status)
                .contentType(new MediaType(MediaType.TEXT_HTML, StandardCharsets.UTF_8))
                .body("<!doctype html><html lang=\"en\"><head><meta charset=\"utf-8\"><title>" + escape(title)
                        + "</title><link rel=\"icon\" href=\"/bell.svg\"><link rel=\"stylesheet\" href=\"/assets/words.css\">"
                        + "</head><body><main><h1>" + escape(title) + "</h1>" + body + "</main></body></html>");
    }

    private static String escape(String text) {
        return HtmlUtils.htmlEscape(text, "UTF-8");
    }
}
