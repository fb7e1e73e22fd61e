package org.waxbell.app.rest;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.backup.HouseKeeping;
import org.waxbell.app.backup.Houses;
import org.waxbell.app.config.Copies;
import org.waxbell.app.config.Copies.Copy;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.inbox.Unsaved;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Refused;
import org.waxbell.app.pack.ComingFiles;
import org.waxbell.app.pack.MadePack;
import org.waxbell.app.pack.PackLook;
import org.waxbell.app.pack.PackLook.NamedItem;
import org.waxbell.app.pack.Packs;
import org.waxbell.pack.Choices;
import org.waxbell.pack.PackItem;
import org.waxbell.pack.Packing;
import org.waxbell.shelf.Media;
import org.waxbell.wiring.WiringDocument;

/** Copies of the database and back-ups of the whole house: those there are, another one now, and what is in one. */
@RestController
@RequestMapping("/api/copies")
class CopyController {
    private final Copies copies;
    private final Houses houses;
    private final HouseKeeping keeping;
    private final DataFolder folder;
    private final Packs packs;
    private final ComingFiles coming;
    private final Documents json;

    CopyController(
            DataFolder folder, Houses houses, HouseKeeping keeping, Packs packs, ComingFiles coming, Documents json) {
        this.copies = new Copies(folder);
        this.houses = houses;
        this.keeping = keeping;
        this.folder = folder;
        this.packs = packs;
        this.coming = coming;
        this.json = json;
    }

    /** The copies, the newest first. @param folder where they are @param restore what is typed to go back to one @param keep how many daily ones of the whole house are kept */
    record CopiesView(String folder, String restore, int keep, List<Copy> copies) {}

    /** A back-up of the whole house that is wanted now. @param passphrase that seals the key to passwords and addresses, empty text to leave them out */
    record HouseWanted(String passphrase) {}

    /** How many daily ones are to be kept. */
    record HouseKept(int keep) {}

    /** What is in one. @param version of the program that made it, empty text where that is not told @param whole whether media are in it @param sealed whether the key to passwords and addresses is in it @param files how many files lie on its shelf */
    record HouseLook(
            String name, String version, long at, boolean whole, boolean sealed, List<NamedItem> items, int files) {}

    /** What is to be brought back of it. */
    record HouseItems(List<PackItem> items) {}

    @GetMapping
    CopiesView all() {
        try {
            return new CopiesView(
                    folder.backups().toString(),
                    "./waxbell restore NAME --data " + folder.root(),
                    keeping.keep(),
                    copies.all());
        } catch (IOException unreadable) {
            throw new Unsaved(unreadable);
        }
    }

    @PostMapping
    CopiesView now(@RequestBody HouseWanted wanted) {
        try {
            houses.now(LocalDateTime.now(), wanted.passphrase());
        } catch (IOException | SQLException full) {
            throw new Unsaved(full);
        }
        return all();
    }

    @PutMapping
    CopiesView keep(@RequestBody HouseKept wanted) {
        keeping.keep(wanted.keep());
        return all();
    }

    @GetMapping("/{name}")
    HouseLook look(@PathVariable String name) {
        Houses.Found found = houses.look(name);
        return new HouseLook(
                name,
                found.version(),
                found.at(),
                found.whole(),
                found.sealed(),
                Packing.all(found.wiring()).stream()
                        .map(each -> new NamedItem(each, Packing.name(found.wiring(), each)))
                        .toList(),
                found.wiring().shelf().all().size());
    }

    @GetMapping("/{name}/file")
    ResponseEntity<Resource> file(@PathVariable String name) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(new FileSystemResource(houses.file(name)));
    }

    /** Some of it as a pack that comes: from there on it is as any other. */
    @PostMapping("/{name}/coming")
    PackLook come(@PathVariable String name, @RequestBody HouseItems wanted) {
        if (wanted.items().isEmpty()) {
            throw new Refused("items", "", "Nothing is chosen.", "Choose what is to be brought back.");
        }
        WiringDocument document = Packing.document(houses.look(name).wiring(), Set.copyOf(wanted.items()));
        Map<String, String> hashes = new HashMap<>();
        for (Media each : document.media()) {
            hashes.put(each.folder() + "/" + each.name(), each.hash());
        }
        byte[] pack = MadePack.of(
                "Brought back from " + name.replaceAll("\\.(db|zip)$", ""),
                "1",
                "",
                document,
                json,
                path -> houses.media(name, String.valueOf(hashes.get(path))));
        return packs.look(coming.keep(new ByteArrayInputStream(pack)), Choices.NONE);
    }
}
