package org.waxbell.app.rest;

import java.nio.charset.Charset;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.address.StageKeys;
import org.waxbell.app.json.Refused;
import org.waxbell.app.live.DeskBoards;
import org.waxbell.app.tune.Playlists;
import org.waxbell.app.tune.TuneFiles;
import org.waxbell.app.tune.TunePicture;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.catalogue.Catalogue;
import org.waxbell.catalogue.Found;
import org.waxbell.catalogue.Tune;
import org.waxbell.tune.KeptTune;
import org.waxbell.tune.PlayLog;
import org.waxbell.tune.Tunes;
import org.waxbell.tune.TunesDesk;
import org.waxbell.tune.TunesState;

/** Tunes beside the acts of their desk: their sound and pictures for pages, finding them, lists in and out, and the log. */
@RestController
class TuneController {
    private static final int MOST_BYTES = 5_000_000;
    private static final int MOST_UNKNOWN = 20;
    private static final Duration KEPT = Duration.ofHours(1);
    private final DeskBoards boards;
    private final WiringStore wiring;
    private final TuneFiles files;
    private final StageKeys keys;

    TuneController(DeskBoards boards, WiringStore wiring, TuneFiles files, StageKeys keys) {
        this.boards = boards;
        this.wiring = wiring;
        this.files = files;
        this.keys = keys;
    }

    /** What a list has, before it is brought. @param ids of tunes that are known, in order @param known how many there are @param lengthMs how long they are together, in milliseconds @param unknown some of those that are not known, by name @param left how many are not known, or are beyond what is read */
    record ListLook(List<String> ids, int known, long lengthMs, List<String> unknown, int left) {}

    private Catalogue catalogue() {
        return wiring.book().catalogue();
    }

    private Tunes tunes(String id) {
        return wiring.current()
                .wiring()
                .desk(id, Tunes.class)
                .orElseThrow(() -> new Refused("id", id, "There is no such desk of tunes.", "Choose one under Desks."));
    }

    private TunesState now(String id) {
        return boards.now(new TunesDesk(), id, tunes(id));
    }

    /** A tune of that id, for a page that shows the key of its stage. */
    private Optional<Tune> forPage(String source, String name, String key) {
        return keys.admit(key).isPresent() ? catalogue().get(source + "/" + name) : Optional.empty();
    }

    /** The sound of a tune, also piece by piece. */
    @GetMapping("/media/tunes/{source}/{name}")
    ResponseEntity<Resource> sound(
            @PathVariable String source, @PathVariable String name, @RequestParam(defaultValue = "") String k) {
        return forPage(source, name, k)
                .flatMap(files::file)
                .<ResponseEntity<Resource>>map(file -> ResponseEntity.ok()
                        .contentType(MediaType.parseMediaType(file.type()))
                        .cacheControl(CacheControl.maxAge(KEPT).cachePrivate())
                        .body(new FileSystemResource(file.path())))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    /** The picture of a tune. */
    @GetMapping("/media/tunes/{source}/{name}/picture")
    ResponseEntity<String> picture(
            @PathVariable String source, @PathVariable String name, @RequestParam(defaultValue = "") String k) {
        return drawn(forPage(source, name, k));
    }

    private static ResponseEntity<String> drawn(Optional<Tune> of) {
        return of.filter(Tune::pictured)
                .map(tune -> ResponseEntity.ok()
                        .contentType(MediaType.parseMediaType("image/svg+xml"))
                        .cacheControl(CacheControl.maxAge(KEPT).cachePrivate())
                        .body(TunePicture.of(tune)))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    /** The picture of a tune for the console. */
    @GetMapping("/api/tunes/picture")
    ResponseEntity<String> picture(@RequestParam String id) {
        return drawn(catalogue().get(id));
    }

    /** What is meant by some words, as viewers are answered. */
    @GetMapping("/api/tunes/find")
    Found find(@RequestParam String words) {
        return catalogue().find(words);
    }

    /** A tune drawn on time. @param drawing two hex digits a step, empty text where it cannot be read */
    record TuneDrawing(String drawing) {}

    @GetMapping("/api/tunes/drawing")
    TuneDrawing drawing(@RequestParam String id) {
        return new TuneDrawing(catalogue().get(id).map(files::drawing).orElse(""));
    }

    /** Looks at a list before it is brought: how many of it are known, and how long they are together. */
    @PostMapping("/api/tunes/{id}/look")
    ListLook look(@PathVariable String id, @RequestBody byte[] file) {
        tunes(id);
        if (file.length > MOST_BYTES) {
            throw new Refused("file", "", "The list is larger than 5 MB.", "Bring it in pieces.");
        }
        List<Playlists.Line> lines = Playlists.read(file);
        if (lines.isEmpty()) {
            throw new Refused("file", "", "No tune is listed in it.", "Bring an XSPF, M3U or M3U8 playlist.");
        }
        Map<String, Tune> known = new LinkedHashMap<>();
        List<String> unknown = new ArrayList<>();
        int left = 0;
        for (int i = 0; i < lines.size(); i++) {
            Playlists.Line line = lines.get(i);
            Optional<Tune> tune = i < Playlists.MOST
                    ? catalogue().listed(line.location(), line.title(), line.maker())
                    : Optional.empty();
            if (tune.isPresent()) {
                known.putIfAbsent(tune.get().id(), tune.get());
            } else {
                left++;
                if (unknown.size() < MOST_UNKNOWN) {
                    unknown.add(i < Playlists.MOST ? line.named() : "and all behind line " + Playlists.MOST);
                }
            }
        }
        return new ListLook(
                List.copyOf(known.keySet()),
                known.size(),
                known.values().stream().mapToLong(Tune::lengthMs).sum(),
                unknown,
                left);
    }

    private List<Tune> kept(String id) {
        return now(id).kept().first(Integer.MAX_VALUE).stream()
                .map(KeptTune::tune)
                .toList();
    }

    /** The host's own list as XSPF. */
    @GetMapping("/api/tunes/{id}/list.xspf")
    ResponseEntity<byte[]> xspf(@PathVariable String id) {
        return Carried.text(
                id + ".xspf", "application/xspf+xml", Playlists.xspf(tunes(id).name(), kept(id)));
    }

    /** The host's own list as M3U8. */
    @GetMapping("/api/tunes/{id}/list.m3u8")
    ResponseEntity<byte[]> m3u8(@PathVariable String id) {
        return Carried.text(id + ".m3u8", "audio/x-mpegurl", Playlists.m3u(kept(id)));
    }

    /** The host's own list as M3U, for players that read no UTF-8. */
    @GetMapping("/api/tunes/{id}/list.m3u")
    ResponseEntity<byte[]> m3u(@PathVariable String id) {
        return Carried.file(
                id + ".m3u", "audio/x-mpegurl", Playlists.m3u(kept(id)).getBytes(Charset.forName("windows-1252")));
    }

    /** What was played, with its licences, as comma-separated values (RFC 4180). */
    @GetMapping("/api/tunes/{id}/log.csv")
    ResponseEntity<byte[]> log(@PathVariable String id) {
        return Carried.text(id + "-log.csv", "text/csv", PlayLog.written(now(id)));
    }
}
