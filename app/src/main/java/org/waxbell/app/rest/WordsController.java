package org.waxbell.app.rest;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.wiring.PublicWord;

/** The words for viewers: as the console lists them, as a page, and as one file to put on the web. */
@RestController
@RequestMapping
class WordsController {
    private static final MediaType HTML = new MediaType(MediaType.TEXT_HTML, StandardCharsets.UTF_8);
    private final WiringStore wiring;

    WordsController(WiringStore wiring) {
        this.wiring = wiring;
    }

    @GetMapping("/api/words")
    List<PublicWord> words() {
        return wiring.book().commands().told(wiring.current().wiring());
    }

    private WordsPage page() {
        return new WordsPage(words());
    }

    @GetMapping(value = "/words", produces = "text/html;charset=UTF-8")
    ResponseEntity<String> served() {
        return ResponseEntity.ok().contentType(HTML).body(page().served());
    }

    /** One file that needs nothing beside it: viewers cannot reach this computer. */
    @GetMapping(value = "/api/words/file", produces = "text/html;charset=UTF-8")
    ResponseEntity<String> file() {
        return ResponseEntity.ok()
                .contentType(HTML)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"words.html\"")
                .body(page().file());
    }
}
