package org.waxbell.app.rest;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import org.waxbell.actor.Actor;
import org.waxbell.app.json.Refused;
import org.waxbell.app.pack.ComingFiles;
import org.waxbell.app.pack.PackLook;
import org.waxbell.app.pack.PackLook.NamedItem;
import org.waxbell.app.pack.Packs;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.pack.Choices;
import org.waxbell.pack.PackItem;
import org.waxbell.pack.Packing;
import org.waxbell.pack.WordClash;
import org.waxbell.wiring.Wiring;
import org.waxbell.wiring.WiringDocument;

/** Packs: made of what is chosen, looked at, brought in, and taken out again. */
@RestController
@RequestMapping("/api/packs")
class PackController {
    private final Packs packs;
    private final ComingFiles coming;
    private final WiringStore wiring;

    PackController(Packs packs, ComingFiles coming, WiringStore wiring) {
        this.packs = packs;
        this.coming = coming;
        this.wiring = wiring;
    }

    /** What is decided of something that is here under the same id. */
    record ItemChoice(PackItem item, Choices.Way way) {}

    /** What a word becomes that is taken; empty text to leave it out. */
    record WordChoice(String cue, String word, String becomes) {}

    /** What was decided. @param revision as the look told it */
    record PackChoices(List<ItemChoice> items, List<WordChoice> words, long revision) {
        Choices choices() {
            Map<PackItem, Choices.Way> ways = new HashMap<>();
            items.forEach(each -> ways.put(each.item(), each.way()));
            Map<String, String> all = new HashMap<>();
            words.forEach(each -> all.put(
                    new WordClash(each.cue(), "", each.word(), "").key(),
                    each.becomes().strip()));
            return new Choices(ways, all);
        }
    }

    /** What is chosen for a pack. */
    record PackItems(List<PackItem> items) {}

    /** What a pack would hold. @param files names of what comes of the shelf */
    record PackContent(List<NamedItem> items, List<String> files) {}

    /** What came of something. */
    record PackDone(String sentence) {}

    @GetMapping
    List<Packs.PackHere> all() {
        return packs.all();
    }

    /** All that can be chosen. */
    @GetMapping("/items")
    List<NamedItem> items() {
        return named(wiring.current().wiring(), Packing.all(wiring.current().wiring()));
    }

    private static List<NamedItem> named(Wiring wiring, Set<PackItem> items) {
        return items.stream()
                .map(each -> new NamedItem(each, Packing.name(wiring, each)))
                .toList();
    }

    /** What a pack of these would hold: what hangs on them comes along. */
    @PostMapping("/content")
    PackContent content(@RequestBody PackItems chosen) {
        Wiring here = wiring.current().wiring();
        WiringDocument document = packs.document(Set.copyOf(chosen.items()));
        return new PackContent(
                named(here, Packing.closed(here, Set.copyOf(chosen.items()))),
                document.media().stream()
                        .map(each -> each.folder() + "/" + each.name())
                        .toList());
    }

    /** A pack as a file. @param item each as {@code cue/pour-the-taper} */
    @GetMapping("/file")
    ResponseEntity<StreamingResponseBody> file(
            @RequestParam String name,
            @RequestParam String version,
            @RequestParam(defaultValue = "") String says,
            @RequestParam(defaultValue = "") List<String> item) {
        Set<PackItem> chosen = new TreeSet<>();
        item.forEach(each -> chosen.add(item(each)));
        Packs.Writing writing = packs.make(name, version, says, chosen);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/zip"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(writing.name())
                                .build()
                                .toString())
                .body(out -> writing.body().to(out));
    }

    private static PackItem item(String text) {
        int stroke = text.indexOf('/');
        for (PackItem.Sort sort : PackItem.Sort.values()) {
            if (stroke > 0 && sort.name().toLowerCase(Locale.ROOT).equals(text.substring(0, stroke))) {
                return new PackItem(sort, text.substring(stroke + 1));
            }
        }
        throw new Refused(
                "item", text, "This names nothing that a pack could hold.", "Write one such as cue/pour-the-taper.");
    }

    /** Keeps the pack in the body, and says what bringing it would do. */
    @PostMapping(value = "/coming", consumes = "application/octet-stream")
    PackLook come(HttpServletRequest request) throws IOException {
        return packs.look(coming.keep(request.getInputStream()), Choices.NONE);
    }

    /** What bringing it would do after these choices. */
    @PostMapping("/coming/{id}")
    PackLook look(@PathVariable String id, @RequestBody PackChoices choices) {
        return packs.look(coming.get(id), choices.choices());
    }

    @PostMapping("/coming/{id}/bring")
    CompletableFuture<PackDone> bring(@PathVariable String id, @RequestBody PackChoices choices, Actor by) {
        return packs.bring(coming.get(id), choices.choices(), choices.revision(), by)
                .thenApply(PackDone::new);
    }

    @PostMapping("/{id}/take-out")
    CompletableFuture<PackDone> takeOut(@PathVariable String id, Actor by) {
        return packs.takeOut(id, by).thenApply(PackDone::new);
    }
}
