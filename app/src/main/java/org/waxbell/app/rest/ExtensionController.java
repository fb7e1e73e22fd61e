package org.waxbell.app.rest;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.actor.Actor;
import org.waxbell.app.guide.Markdown;
import org.waxbell.app.pack.ComingFiles;
import org.waxbell.app.script.Extensions;
import org.waxbell.app.script.Extensions.ExtensionLook;
import org.waxbell.app.script.ScriptLog;
import org.waxbell.app.script.ScriptRunner;
import org.waxbell.app.script.ScriptTry;
import org.waxbell.extension.Extension;
import org.waxbell.kind.Choice;

/** Extensions: brought in after a look, and what is to be known of one that is here beside its board. */
@RestController
@RequestMapping("/api/extensions")
class ExtensionController {
    private final Extensions extensions;
    private final ComingFiles coming;
    private final ScriptRunner scripts;
    private final ScriptLog log;

    ExtensionController(Extensions extensions, ComingFiles coming, ScriptRunner scripts, ScriptLog log) {
        this.extensions = extensions;
        this.coming = coming;
        this.scripts = scripts;
        this.log = log;
    }

    /** One that was sent. @param coming by which it is brought in */
    record ExtensionComing(String coming, ExtensionLook look) {}

    /** One that is here now. */
    record ExtensionBrought(String id) {}

    /** What there is to know of one. @param notes as HTML @param asks each thing it asks for, in words @param tries what it can be tried with */
    record ExtensionFacts(ScriptLog.Logged log, String notes, List<ExtensionAsk> asks, List<Choice> tries) {}

    /** Something that it asks for. @param permission as documents name it */
    record ExtensionAsk(String permission, String words, boolean agreed) {}

    /** What it is tried with. @param event something that it hears, or {@code asked/} and an act @param text what is said with it */
    record ExtensionTry(String event, String text) {}

    /** What it would want. @param wishes each as a sentence */
    record ExtensionTried(String failure, List<String> wishes, List<String> log) {}

    /** Code to be looked at. */
    record CodeLook(String code) {}

    /** Why it cannot be read, with the line; empty text where it can. */
    record CodeFault(String fault) {}

    /** Those that ship. */
    @GetMapping
    List<ExtensionLook> ours() {
        return extensions.ours();
    }

    @PostMapping("/ours/{id}")
    CompletableFuture<ExtensionBrought> bringOwn(@PathVariable String id, Actor by) {
        return extensions.bring(extensions.own(id), by).thenApply(ExtensionBrought::new);
    }

    /** Keeps the ZIP file in the body, and says what bringing it would do. */
    @PostMapping(value = "/coming", consumes = "application/octet-stream")
    ExtensionComing come(HttpServletRequest request) throws IOException {
        ComingFiles.Kept kept = coming.keep(request.getInputStream());
        return new ExtensionComing(kept.id(), extensions.look(extensions.open(kept.path())));
    }

    @PostMapping("/coming/{id}/bring")
    CompletableFuture<ExtensionBrought> bring(@PathVariable String id, Actor by) {
        return extensions.bring(extensions.open(coming.get(id).path()), by).thenApply(ExtensionBrought::new);
    }

    /** Whether code can be read. */
    @PostMapping("/code")
    CodeFault code(@RequestBody CodeLook look) {
        return new CodeFault(scripts.faultOf(look.code()));
    }

    /** Runs it with a made-up event; nothing of what it wants is done. */
    @PostMapping("/{id}/try")
    ExtensionTried tryOut(@PathVariable String id, @RequestBody ExtensionTry wanted) {
        ScriptTry came = scripts.tryOut(extensions.known(id), wanted.event(), wanted.text());
        return new ExtensionTried(came.failure(), came.wishes(), came.log());
    }

    @GetMapping("/{id}/facts")
    ExtensionFacts facts(@PathVariable String id) {
        Extension here = extensions.known(id);
        return new ExtensionFacts(
                log.of(id),
                Markdown.of(here.notes()).html(),
                here.asks().stream()
                        .map(each -> new ExtensionAsk(
                                each.written(), each.inWords(), here.agreed().contains(each)))
                        .toList(),
                here.tries().entrySet().stream()
                        .map(each -> new Choice(each.getKey(), each.getValue()))
                        .toList());
    }

    /** One as a ZIP file. */
    @GetMapping("/{id}/file")
    ResponseEntity<byte[]> file(@PathVariable String id) throws IOException {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/zip"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(extensions.known(id).id() + ".zip")
                                .build()
                                .toString())
                .body(extensions.zip(id));
    }
}
