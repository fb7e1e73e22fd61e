package org.waxbell.app.pack;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.waxbell.actor.Actor;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.json.Documents;
import org.waxbell.app.json.Refused;
import org.waxbell.app.link.Causes;
import org.waxbell.app.media.Intake;
import org.waxbell.app.media.MediaFiles;
import org.waxbell.app.pack.Manifest.Packed;
import org.waxbell.app.security.Hashes;
import org.waxbell.app.store.PackMapper;
import org.waxbell.app.store.PackMapper.PackRow;
import org.waxbell.app.wiring.DocumentKind;
import org.waxbell.app.wiring.Former;
import org.waxbell.app.wiring.Shelving;
import org.waxbell.app.wiring.WiringEdits;
import org.waxbell.app.wiring.WiringReader;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.check.Problem;
import org.waxbell.check.Problems;
import org.waxbell.cue.Cue;
import org.waxbell.pack.Choices;
import org.waxbell.pack.Meeting;
import org.waxbell.pack.PackItem;
import org.waxbell.pack.Packing;
import org.waxbell.port.Calendars;
import org.waxbell.shelf.Media;
import org.waxbell.wiring.Wiring;
import org.waxbell.wiring.WiringDocument;

/** Makes packs of what is chosen, looks at those that come, brings them in, and takes them out again whole. */
@Component
public class Packs {
    private static final Pattern CUE = Pattern.compile("cues\\[(\\d+)].*");
    private final WiringStore store;
    private final WiringEdits edits;
    private final WiringReader reader;
    private final Shelving shelving;
    private final MediaFiles files;
    private final PackMapper mapper;
    private final Calendars calendars;
    private final Documents json;
    private final SystemClock clock;

    Packs(
            WiringStore store,
            WiringEdits edits,
            WiringReader reader,
            Shelving shelving,
            MediaFiles files,
            PackMapper mapper,
            Calendars calendars,
            Documents json,
            SystemClock clock) {
        this.store = store;
        this.edits = edits;
        this.reader = reader;
        this.shelving = shelving;
        this.files = files;
        this.mapper = mapper;
        this.calendars = calendars;
        this.json = json;
        this.clock = clock;
    }

    /** A pack that is here. @param here how much of it is still here @param of how much it brought @param cues ids of its cues that are still here */
    public record PackHere(
            String id, String name, String version, String says, long at, int here, int of, List<String> cues) {}

    /** What would be in a pack of these. */
    public WiringDocument document(Set<PackItem> chosen) {
        Wiring wiring = store.current().wiring();
        return Packing.document(wiring, chosen);
    }

    /** Writes a pack of these, with what hangs on them; throws {@link Refused} before anything is written. */
    public Writing make(String name, String version, String says, Set<PackItem> chosen) {
        WiringDocument document = document(chosen);
        Manifest manifest = new Manifest(
                Manifest.FORMAT,
                name.strip(),
                version.strip(),
                says.strip(),
                document.media().stream()
                        .map(each -> Packed.of(each, Hashes.hex(plain(each))))
                        .toList());
        Problems problems = new Problems();
        manifest.check(problems);
        if (chosen.isEmpty()) {
            problems.at("items").add("", "Nothing is chosen.", "Choose what is to be in it.");
        }
        if (!problems.found().isEmpty()) {
            throw new Refused(problems.found());
        }
        return new Writing(
                manifest.id() + ".waxpack.zip",
                out -> PackFile.write(
                        out, manifest, json.writeOut(document.withMedia(List.of())), json, each -> plain(lying(each))));
    }

    private Media lying(Packed file) {
        return store.current()
                .shelf()
                .find(file.folder(), file.name())
                .orElseThrow(() -> new Refused(
                        "files", file.name(), "It was taken off the shelf just now.", "Make the pack again."));
    }

    /** What lies there as it is taken in anywhere: what could do harm is out of it, so that here and there it is the same. */
    private byte[] plain(Media media) {
        try {
            if (media.audible()) {
                // A sound is only measured, never changed.
                return Files.readAllBytes(files.file(media.hash()));
            }
            return Intake.of(media.folder(), Files.readAllBytes(files.file(media.hash())))
                    .content();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        } catch (IllegalArgumentException unfit) {
            throw new Refused(
                    "files",
                    media.folder() + "/" + media.name(),
                    "It cannot be carried: " + unfit.getMessage() + ".",
                    "Bring a sound copy of it onto the shelf, or leave out what uses it.");
        }
    }

    /** Whether a file that lies here is the one that comes. */
    private boolean same(Media here, Packed comes) {
        return here.hash().equals(comes.hash())
                || here.type().equals(comes.type()) && Hashes.hex(plain(here)).equals(comes.hash());
    }

    /** A pack that is to be written. @param name of its file */
    public record Writing(String name, Body body) {
        /** Writes it. */
        public interface Body {
            /** Writes all of it and closes what it is written to. */
            void to(OutputStream out) throws IOException;
        }
    }

    /** What bringing the pack in that file would do; throws {@link Refused} where it is none. */
    public PackLook look(ComingFiles.Kept file, Choices choices) {
        long revision = store.revision();
        try (PackFile pack = PackFile.open(file.path(), json)) {
            pack.manifest().files().forEach(pack::content);
            return coming(pack, choices).look(file.id(), pack.manifest(), before(pack.manifest()), revision);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private String before(Manifest manifest) {
        return Optional.ofNullable(mapper.find(manifest.id()))
                .map(PackRow::version)
                .orElse("");
    }

    private Coming coming(PackFile pack, Choices choices) {
        return new Coming(
                store.current().wiring(), pack.manifest(), reader.read(pack.wiring()), choices, this::same, calendars);
    }

    /** Brings it in, as it was looked at. @param seen the revision that the look told */
    public CompletableFuture<String> bring(ComingFiles.Kept file, Choices choices, long seen, Actor by) {
        if (store.revision() != seen) {
            throw new Refused(
                    "revision",
                    Long.toString(seen),
                    "The wiring was changed since you looked.",
                    "Look at the pack again.");
        }
        PackFile pack = PackFile.open(file.path(), json);
        try {
            Coming coming = coming(pack, choices);
            refuse(coming);
            Brought brought = brought(coming.meeting());
            return shelved(pack, coming.fresh(), brought.files(), by)
                    .thenCompose(done -> edits.merge(
                            coming.meeting().comes(), "pack " + pack.manifest().name(), store.revision(), by))
                    .thenApply(done -> kept(pack.manifest(), brought))
                    .whenComplete((done, failed) -> {
                        close(pack);
                        if (failed != null && !brought.files().isEmpty()) {
                            shelving.take(brought.files(), by);
                        }
                    });
        } catch (RuntimeException refused) {
            close(pack);
            throw refused;
        }
    }

    private static void close(PackFile pack) {
        try {
            pack.close();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** What it is going to bring; files stand in it as soon as they lie here. */
    private Brought brought(Meeting meeting) {
        Brought brought = new Brought(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
        for (PackItem item : meeting.brings()) {
            Set<String> added =
                    item.sort() == PackItem.Sort.STAGE ? meeting.added().getOrDefault(item.id(), Set.of()) : Set.of();
            kind(item)
                    .ifPresentOrElse(
                            kind -> brought.documents().add(was(kind, item.id(), added)),
                            () -> brought.house().add(item));
        }
        return brought;
    }

    /** One file after another is read and laid, so that a large pack needs little memory. */
    private CompletableFuture<?> shelved(PackFile pack, Map<Packed, String> fresh, List<Shelving.Spot> laid, Actor by) {
        CompletableFuture<?> all = CompletableFuture.completedFuture(null);
        for (Map.Entry<Packed, String> each : fresh.entrySet()) {
            Packed file = each.getKey();
            all = all.thenCompose(done ->
                            shelving.add(file.folder(), "", each.getValue(), pack.content(file), file.lengthMs(), by))
                    .thenAccept(put -> laid.add(
                            new Shelving.Spot(put.media().folder(), put.media().name())));
        }
        return all;
    }

    private static void refuse(Coming coming) {
        List<Problem> problems = new ArrayList<>(coming.problems());
        coming.meeting()
                .words()
                .forEach(each -> problems.add(new Problem(
                        each.name(), each.word(), each.says(), "Give it another word, or leave this one out.")));
        if (!problems.isEmpty()) {
            throw new Refused(problems);
        }
    }

    private Brought.Was was(DocumentKind kind, String id, Set<String> added) {
        return new Brought.Was(
                kind,
                id,
                store.current()
                        .find(kind, id)
                        .map(each -> json.write(each.value()))
                        .orElse(""),
                added);
    }

    private static Optional<DocumentKind> kind(PackItem item) {
        return Optional.ofNullable(
                switch (item.sort()) {
                    case RACK -> DocumentKind.RACK;
                    case STAGE -> DocumentKind.STAGE;
                    case DESK -> DocumentKind.DESK;
                    case CUE -> DocumentKind.CUE;
                    case LOOK, SLATE, CIRCLE -> null;
                });
    }

    /** Of another version of it that is here all stays its own, with what stood there before that. */
    private String kept(Manifest manifest, Brought brought) {
        PackRow before = mapper.find(manifest.id());
        Brought all = before == null
                ? brought
                : json.read(before.brought(), Brought.class).and(brought);
        mapper.put(new PackRow(
                manifest.id(), manifest.name(), manifest.version(), manifest.says(), clock.now(), json.write(all)));
        return manifest.name() + " is here.";
    }

    /** All packs that are here, the newest first. */
    public List<PackHere> all() {
        Set<PackItem> there = Packing.all(store.current().wiring());
        return mapper.all().stream()
                .map(row -> {
                    Brought brought = json.read(row.brought(), Brought.class);
                    long left = brought.documents().stream()
                                    .filter(each -> store.current()
                                            .find(each.kind(), each.id())
                                            .isPresent())
                                    .count()
                            + brought.house().stream().filter(there::contains).count();
                    return new PackHere(
                            row.id(),
                            row.name(),
                            row.version(),
                            row.says(),
                            row.at(),
                            (int) left,
                            brought.documents().size() + brought.house().size(),
                            brought.documents().stream()
                                    .filter(each -> each.kind() == DocumentKind.CUE)
                                    .map(Brought.Was::id)
                                    .filter(each -> there.contains(new PackItem(PackItem.Sort.CUE, each)))
                                    .toList());
                })
                .toList();
    }

    /** Takes all out that a pack brought: what it took the place of is there again, and files that nothing else uses go. Throws {@link Refused} where something else hangs on it. */
    public CompletableFuture<String> takeOut(String id, Actor by) {
        PackRow row = mapper.find(id);
        if (row == null) {
            throw new Refused("id", id, "There is no such pack here.", "Choose one that is listed.");
        }
        Brought brought = json.read(row.brought(), Brought.class);
        List<Former> formers = new ArrayList<>();
        brought.documents().forEach(each -> formers.add(new Former(each.kind(), each.id(), former(each))));
        if (!brought.house().isEmpty()) {
            formers.add(new Former(
                    DocumentKind.HOUSE,
                    "house",
                    Packing.without(store.current().wiring().house(), Set.copyOf(brought.house()))));
        }
        return edits.putBack(formers, "taking out pack " + row.name(), by)
                .exceptionally(failed -> {
                    throw hanging(failed, formers);
                })
                .thenCompose(done -> {
                    List<Shelving.Spot> unused = unused(brought.files());
                    mapper.remove(id);
                    return unused.isEmpty()
                            ? CompletableFuture.completedFuture(null)
                            : shelving.take(unused, by).thenApply(gone -> null);
                })
                .thenApply(done -> row.name() + " is taken out.");
    }

    /** A refusal that names which cues hang on the pack, where it is one. */
    private CompletionException hanging(Throwable failed, List<Former> formers) {
        if (!(Causes.of(failed) instanceof Refused refused)) {
            return new CompletionException(failed);
        }
        List<Cue> left = store.current().wiring().cues().stream()
                .filter(cue -> formers.stream()
                        .noneMatch(each -> each.kind() == DocumentKind.CUE
                                && each.value() == null
                                && each.id().equals(cue.id())))
                .toList();
        return new CompletionException(new Refused(refused.problems().stream()
                .map(each -> {
                    Matcher at = CUE.matcher(each.path());
                    return at.matches()
                            ? new Problem(
                                    left.get(Integer.parseInt(at.group(1))).name(),
                                    each.value(),
                                    "It hangs on the pack: " + each.message(),
                                    "Have it use something else, or delete it, and take the pack out then.")
                            : each;
                })
                .toList()));
    }

    private @Nullable Object former(Brought.Was was) {
        if (!was.added().isEmpty()) {
            return store.current()
                    .wiring()
                    .stage(was.id())
                    .map(stage -> Packing.without(stage, was.added()))
                    .orElse(null);
        }
        return was.former().isEmpty()
                ? null
                : json.read(was.former(), was.kind().type());
    }

    private List<Shelving.Spot> unused(List<Shelving.Spot> laid) {
        var uses = shelving.uses();
        return laid.stream()
                .filter(spot -> files.find(spot.folder(), spot.name())
                        .filter(each -> uses.apply(each.media()).isEmpty())
                        .isPresent())
                .toList();
    }
}
