package org.waxbell.app.rest;

import io.swagger.v3.oas.annotations.Hidden;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.time.Duration;
import java.util.concurrent.CompletableFuture;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.waxbell.app.json.Documents;
import org.waxbell.app.media.MediaFiles;
import org.waxbell.app.media.MediaTokens;
import org.waxbell.app.practice.PracticeRecorder;
import org.waxbell.app.speech.PageSpeech;
import org.waxbell.app.speech.Speeches;
import org.waxbell.app.speech.Spokens;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.shelf.Media;
import org.waxbell.voice.Utterance;

/** The pages by their short addresses, and files of the shelf by their hash. */
@Controller
@Hidden
class PageController {
    private final MediaFiles files;
    private final MediaTokens tokens;
    private final Spokens spokens;
    private final PageSpeech pageSpeech;
    private final WiringStore wiring;
    private final PracticeRecorder recorder;
    private final Documents json;

    PageController(
            MediaFiles files,
            MediaTokens tokens,
            WiringStore wiring,
            Spokens spokens,
            PageSpeech pageSpeech,
            PracticeRecorder recorder,
            Documents json) {
        this.recorder = recorder;
        this.json = json;
        this.files = files;
        this.spokens = spokens;
        this.pageSpeech = pageSpeech;
        this.tokens = tokens;
        this.wiring = wiring;
    }

    @GetMapping({
        "/",
        "/cues",
        "/cues/{id}",
        "/slate",
        "/shelf",
        "/voice",
        "/live",
        "/pad",
        "/look-back",
        "/look-back/{id}",
        "/people",
        "/people/{id}",
        "/people/ledger",
        "/people/circles",
        "/desks",
        "/desks/{id}",
        "/dock",
        "/dock/{id}",
        "/viewers",
        "/checkup",
        "/health",
        "/packs",
        "/guide",
        "/guide/{heading}",
        "/ready",
        "/ready/{id}",
        "/links",
        "/stages",
        "/stages/{id}",
        "/looks",
        "/rehearse"
    })
    String console() {
        return "forward:/index.html";
    }

    @GetMapping("/stage")
    String stage() {
        return "forward:/stage.html";
    }

    @GetMapping("/channel")
    String channel() {
        return "forward:/channel.html";
    }

    @GetMapping("/mixer")
    String mixer() {
        return "forward:/mixer.html";
    }

    @GetMapping("/room")
    String room() {
        return "forward:/room.html";
    }

    @GetMapping("/rig")
    String rig() {
        return "forward:/rig.html";
    }

    @GetMapping("/noticeboard")
    String noticeboard() {
        return "forward:/noticeboard.html";
    }

    @GetMapping("/helper")
    String helper() {
        return "forward:/helper.html";
    }

    @GetMapping("/sign-in")
    String signIn() {
        return "forward:/sign-in.html";
    }

    @GetMapping("/media/{hash}")
    ResponseEntity<Resource> media(@PathVariable String hash, @RequestParam(defaultValue = "") String t) {
        String type = wiring.current().shelf().all().stream()
                .filter(each -> each.hash().equals(hash))
                .findFirst()
                .map(Media::type)
                .or(() -> files.apart(hash))
                .orElse(null);
        if (type == null || !tokens.opens(hash, t) || !Files.exists(files.file(hash))) {
            return ResponseEntity.notFound().build();
        }
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(type))
                .cacheControl(CacheControl.maxAge(Duration.ofHours(1)).cachePrivate())
                .body(new FileSystemResource(files.file(hash)));
    }

    /** What is said; who comes while it is being made waits for it. Its name is its secret. */
    @GetMapping("/media/spoken/{id}")
    CompletableFuture<ResponseEntity<byte[]>> spoken(@PathVariable String id) {
        return spokens.find(id)
                .map(coming -> coming.thenApply(this::answer))
                .orElseGet(() -> CompletableFuture.completedFuture(
                        ResponseEntity.notFound().build()));
    }

    /** What a page says with a voice of its own browser. @param lengthMs how long it will about take, in milliseconds */
    record ToSay(Utterance what, long lengthMs) {}

    private ResponseEntity<byte[]> answer(Speeches.Made made) {
        if (!made.fault().isEmpty()) {
            return ResponseEntity.status(HttpStatus.GONE).build();
        }
        return made.byPages() == null
                ? ResponseEntity.ok()
                        .contentType(MediaType.parseMediaType("audio/wav"))
                        .cacheControl(CacheControl.maxAge(Duration.ofHours(1)).cachePrivate())
                        .body(made.wav())
                : ResponseEntity.ok()
                        .contentType(MediaType.APPLICATION_JSON)
                        .cacheControl(CacheControl.noStore())
                        .body(json.write(new ToSay(made.byPages(), made.lengthMs()))
                                .getBytes(StandardCharsets.UTF_8));
    }

    /** A page made speech that it was asked for. */
    @PostMapping("/media/made/{id}")
    ResponseEntity<Void> made(@PathVariable String id, @RequestBody(required = false) byte @Nullable [] wav) {
        return (pageSpeech.made(id, wav == null ? new byte[0] : wav)
                        ? ResponseEntity.noContent()
                        : ResponseEntity.notFound())
                .build();
    }

    /** A clip that the practice mixer made lately. */
    @GetMapping("/media/practice/{id}")
    ResponseEntity<byte[]> made(@PathVariable String id) {
        return recorder.clip(id)
                .map(film -> ResponseEntity.ok()
                        .contentType(MediaType.parseMediaType("video/webm"))
                        .body(film))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    /** The voice as pages run it. */
    @GetMapping("/media/voice.wasm")
    ResponseEntity<Resource> voice() {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/wasm"))
                .cacheControl(CacheControl.maxAge(Duration.ofDays(1)).cachePrivate())
                .body(new ClassPathResource("voice/flite.wasm"));
    }
}
