package org.waxbell.app.rest;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.util.HtmlUtils;
import org.waxbell.app.address.ClipAddresses;
import org.waxbell.app.json.Documents;
import org.waxbell.app.practice.PracticeChannel;
import org.waxbell.app.store.ChatMapper;
import org.waxbell.app.store.EngineMapper;
import org.waxbell.engine.Ring;
import org.waxbell.event.Viewer;
import org.waxbell.score.ClipPart;

/** A clip of the practice channel: no pictures are taken there, so it shows what was written in the time that was kept. */
@RestController
class ClipPage {
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("d MMM yyyy, HH:mm:ss", Locale.ENGLISH);
    private final EngineMapper rings;
    private final ChatMapper chat;
    private final Documents json;

    ClipPage(EngineMapper rings, ChatMapper chat, Documents json) {
        this.rings = rings;
        this.chat = chat;
        this.json = json;
    }

    @GetMapping(value = ClipAddresses.PATH + "{number}", produces = "text/html;charset=UTF-8")
    ResponseEntity<String> clip(@PathVariable long number) {
        String kept = rings.ring(number);
        Ring ring = kept == null ? null : json.read(kept, Ring.class);
        ClipPart clip = ring == null
                ? null
                : ring.parts().stream()
                        .map(run -> run.part())
                        .filter(ClipPart.class::isInstance)
                        .map(ClipPart.class::cast)
                        .findFirst()
                        .orElse(null);
        if (ring == null || clip == null) {
            return page(404, "No such clip", "<p>The practice channel has no clip of this number.</p>");
        }
        String title = ring.results().getOrDefault(clip.resultName("title"), "");
        long from = ring.arrived() - clip.seconds() * 1_000L;
        List<ChatMapper.ChatRow> lines = chat.between(PracticeChannel.LINK, from, ring.arrived());
        String by =
                ring.event().by().map(Viewer::name).map(name -> ", for " + name).orElse("");
        return page(
                200,
                title.isEmpty() ? ring.cueName() : title,
                "<p>The last " + clip.seconds() + " s before " + clock(ring.arrived()) + escape(by)
                        + ". The practice channel has no pictures; this is what was written meanwhile.</p>"
                        + (lines.isEmpty()
                                ? "<p>Nobody wrote anything.</p>"
                                : "<dl>" + lines.stream().map(ClipPage::line).collect(Collectors.joining()) + "</dl>"));
    }

    private static String line(ChatMapper.ChatRow row) {
        return "<div class=\"word\"><dt>" + escape(row.name()) + "</dt><dd>" + escape(row.text()) + "</dd></div>";
    }

    private static ResponseEntity<String> page(int status, String title, String body) {
        return ResponseEntity.status(status)
                .contentType(new MediaType(MediaType.TEXT_HTML, StandardCharsets.UTF_8))
                .body("<!doctype html><html lang=\"en\"><head><meta charset=\"utf-8\"><title>" + escape(title)
                        + "</title><link rel=\"icon\" href=\"/bell.svg\"><link rel=\"stylesheet\" href=\"/assets/words.css\">"
                        + "</head><body><main><h1>" + escape(title) + "</h1>" + body + "</main></body></html>");
    }

    private static String clock(long at) {
        return CLOCK.format(Instant.ofEpochMilli(at).atZone(ZoneId.systemDefault()));
    }

    private static String escape(String text) {
        return HtmlUtils.htmlEscape(text, "UTF-8");
    }
}
