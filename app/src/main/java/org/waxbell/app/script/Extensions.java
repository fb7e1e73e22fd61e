package org.waxbell.app.script;

import java.io.IOException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import org.springframework.stereotype.Component;
import org.waxbell.actor.Actor;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Refused;
import org.waxbell.app.wiring.Document;
import org.waxbell.app.wiring.DocumentKind;
import org.waxbell.app.wiring.NewDesk;
import org.waxbell.app.wiring.WiringEdits;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.extension.Extension;
import org.waxbell.extension.Permission;
import org.waxbell.extension.ScriptSetting;
import org.waxbell.kind.Records;

/** Brings extensions in, from a file or of those that ship, and takes a newer one in place of an older. */
@Component
public class Extensions {
    private static final List<String> OURS = List.of("guess-the-weight", "clip-thanks", "first-gift");
    private final WiringStore wiring;
    private final WiringEdits edits;
    private final ScriptRunner scripts;
    private final Documents json;

    Extensions(WiringStore wiring, WiringEdits edits, ScriptRunner scripts, Documents json) {
        this.wiring = wiring;
        this.edits = edits;
        this.scripts = scripts;
        this.json = json;
    }

    /**
     * What bringing one would do.
     *
     * @param before   the version that is here, empty text where none is
     * @param here     whether one of that id is here
     * @param asksMore what it asks for and the one that is here was not let do
     * @param words    its chat words, which come as cues with the first
     */
    public record ExtensionLook(
            String id,
            String name,
            String version,
            String about,
            String before,
            boolean here,
            List<String> asks,
            List<String> asksMore,
            List<String> words) {}

    /** Those that ship, as they are told. */
    public List<ExtensionLook> ours() {
        return OURS.stream().map(this::own).map(this::look).toList();
    }

    /** One of those that ship; throws {@link Refused} where there is none of that id. */
    public Extension own(String id) {
        if (!OURS.contains(id)) {
            throw new Refused("id", id, "No such extension ships.", "Choose one of " + String.join(", ", OURS) + ".");
        }
        Map<String, String> texts = new LinkedHashMap<>();
        for (String name : List.of(ExtensionFile.MANIFEST, Sandbox.MAIN, ExtensionFile.NOTES)) {
            texts.put(name, Sandbox.own(id + "/" + name));
        }
        return ExtensionFile.read(texts, json);
    }

    /** One in a ZIP file; throws {@link Refused} with the place that is wrong, also in its code. */
    public Extension open(Path file) {
        Extension read = ExtensionFile.open(file, json);
        String fault = scripts.faultOf(read.code());
        if (!fault.isEmpty()) {
            throw new Refused(Sandbox.MAIN, "", "Its code cannot be read: " + fault + ".", "Mend it there.");
        }
        return read;
    }

    /** What bringing it would do. */
    public ExtensionLook look(Extension extension) {
        Optional<Extension> here = here(extension.id());
        return new ExtensionLook(
                extension.id(),
                extension.name(),
                extension.version(),
                extension.about(),
                here.map(Extension::version).orElse(""),
                here.isPresent(),
                words(extension.asks()),
                words(extension.asks().stream()
                        .filter(each -> here.isEmpty() || !here.get().agreed().contains(each))
                        .toList()),
                extension.offers().stream()
                        .map(each -> each.word())
                        .filter(each -> !each.isEmpty())
                        .toList());
    }

    private static List<String> words(List<Permission> permissions) {
        return permissions.stream().map(Permission::inWords).toList();
    }

    /** The one of that id that is here; empty where none is. */
    public Optional<Extension> here(String id) {
        return wiring.current().wiring().desks().stream()
                .filter(each -> each.id().equals(id))
                .filter(Extension.class::isInstance)
                .map(Extension.class::cast)
                .findFirst();
    }

    /** Brings it in, off and with its chat words; or in place of the one that is here, whose settings and agreements stay as far as it has them still. */
    public CompletableFuture<String> bring(Extension extension, Actor by) {
        Extension before = here(extension.id()).orElse(null);
        if (before == null) {
            boolean taken = wiring.current().wiring().desks().stream()
                    .anyMatch(each -> each.id().equals(extension.id()));
            if (taken) {
                throw new Refused(
                        "id",
                        extension.id(),
                        "Another desk has this id.",
                        "Give that desk another, or change the id in " + ExtensionFile.MANIFEST + ".");
            }
            boolean words =
                    extension.offers().stream().anyMatch(each -> !each.word().isEmpty());
            return edits.make(new NewDesk(extension, Optional.empty(), "", words), by)
                    .thenApply(done -> extension.id());
        }
        return save(newer(extension, before), by).thenApply(done -> extension.id());
    }

    /** Saves it in place of the one that is here. */
    CompletableFuture<Document> save(Extension extension, Actor by) {
        long version = wiring.current()
                .find(DocumentKind.DESK, extension.id())
                .map(Document::version)
                .orElse(0L);
        return edits.save(DocumentKind.DESK, extension.id(), extension, version, by);
    }

    /** A newer one in place of an older. */
    static Extension newer(Extension fresh, Extension before) {
        Map<String, String> settings = new LinkedHashMap<>();
        for (ScriptSetting each : fresh.form()) {
            String was = before.settings().get(each.key());
            if (was != null && each.faultOf(was).isEmpty()) {
                settings.put(each.key(), was);
            }
        }
        return Records.with(
                fresh,
                Map.of(
                        "on",
                        before.on(),
                        "agreed",
                        before.agreed().stream().filter(fresh.asks()::contains).toList(),
                        "settings",
                        settings));
    }

    /** The one of that id that is here; throws {@link Refused} where none is. */
    public Extension known(String id) {
        return here(id).orElseThrow(
                        () -> new Refused("id", id, "No such extension is here.", "Choose one that is here."));
    }

    /** One that is here as a ZIP file; throws {@link Refused} where it is not here. */
    public byte[] zip(String id) throws IOException {
        return ExtensionFile.zip(known(id), json);
    }
}
