package org.waxbell.app.rest;

import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.act.DeskSheet;
import org.waxbell.actor.Actor;
import org.waxbell.app.address.StageKeys;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.json.Refused;
import org.waxbell.app.media.MediaTokens;
import org.waxbell.app.rest.WiringViews.Bar;
import org.waxbell.app.rest.WiringViews.CueSave;
import org.waxbell.app.rest.WiringViews.CueView;
import org.waxbell.app.rest.WiringViews.History;
import org.waxbell.app.rest.WiringViews.HouseSave;
import org.waxbell.app.rest.WiringViews.HouseView;
import org.waxbell.app.rest.WiringViews.MediaView;
import org.waxbell.app.rest.WiringViews.RackSave;
import org.waxbell.app.rest.WiringViews.RackView;
import org.waxbell.app.rest.WiringViews.SavedCue;
import org.waxbell.app.rest.WiringViews.SavedVersion;
import org.waxbell.app.rest.WiringViews.SheetView;
import org.waxbell.app.rest.WiringViews.StageSave;
import org.waxbell.app.rest.WiringViews.StageView;
import org.waxbell.app.rest.WiringViews.WiringView;
import org.waxbell.app.store.Journal;
import org.waxbell.app.store.JournalMapper.CountRow;
import org.waxbell.app.store.StateStore;
import org.waxbell.app.wiring.Document;
import org.waxbell.app.wiring.DocumentKind;
import org.waxbell.app.wiring.DocumentSet;
import org.waxbell.app.wiring.WiringEdits;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.checkup.Checkup;
import org.waxbell.checkup.Remark;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.draft.FindText;
import org.waxbell.draft.Names;
import org.waxbell.draft.Sentence;
import org.waxbell.draft.ShownValue;
import org.waxbell.draft.Sketch;
import org.waxbell.fixture.Fixture;
import org.waxbell.fixture.MascotFixture;
import org.waxbell.link.LinkNeeds;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.House;
import org.waxbell.wiring.StageUse;

/** Reads and changes the wiring. */
@RestController
@RequestMapping("/api")
class WiringController {
    private final WiringStore store;
    private final WiringEdits edits;
    private final Journal journal;
    private final StageKeys keys;
    private final MediaTokens tokens;
    private final SystemClock clock;
    private final Drafting drafting;

    WiringController(
            WiringStore store,
            WiringEdits edits,
            Journal journal,
            StageKeys keys,
            MediaTokens tokens,
            SystemClock clock,
            Drafting drafting) {
        this.drafting = drafting;
        this.store = store;
        this.edits = edits;
        this.journal = journal;
        this.keys = keys;
        this.tokens = tokens;
        this.clock = clock;
    }

    /** All of it, less the cues that stand as they did at the revision {@code since}; with none given, or one that is too long ago, with all cues. */
    @GetMapping("/wiring")
    WiringView wiring(@RequestParam(defaultValue = "-1") long since) {
        long revision = store.revision();
        DocumentSet set = store.at(revision).orElseThrow();
        Set<Document> known = known(set, since);
        Names names = new Names(set.wiring());
        Map<String, CountRow> counts = journal.counts(StateStore.day(clock.now())).stream()
                .collect(Collectors.toMap(CountRow::cueId, Function.identity()));
        Document house = set.find(DocumentKind.HOUSE, "house")
                .orElse(new Document(DocumentKind.HOUSE, "house", 0, 0, House.PLAIN));
        return new WiringView(
                revision,
                new HouseView(house.version(), (House) house.value()),
                views(set, DocumentKind.RACK, each -> new RackView(each.version(), (Rack) each.value())),
                documents(set, DocumentKind.CUE)
                        .filter(each -> !known.contains(each))
                        .map(each -> cue(each, counts, names))
                        .toList(),
                documents(set, DocumentKind.CUE).map(Document::id).toList(),
                views(
                        set,
                        DocumentKind.STAGE,
                        each -> new StageView(
                                each.version(),
                                (Stage) each.value(),
                                "/stage#k=" + keys.previewKey(each.id()),
                                moves((Stage) each.value()))),
                views(set, DocumentKind.DESK, each -> sheet(each, names)),
                set.shelf().all().stream()
                        .map(media -> new MediaView(
                                media.folder(),
                                media.name(),
                                media.type(),
                                media.lengthMs(),
                                tokens.address(media.hash())))
                        .toList(),
                set.wiring().looks(),
                ShownValue.of(set.wiring()),
                new History(edits.undoable().orElse(""), edits.redoable().orElse("")));
    }

    /** What the asker has already; nothing where the house changed, for what it says stands in the sentence of every cue. */
    private Set<Document> known(DocumentSet set, long since) {
        Set<Document> known = Collections.newSetFromMap(new IdentityHashMap<>());
        store.at(since)
                .filter(then -> then.wiring().house().equals(set.wiring().house()))
                .ifPresent(then -> known.addAll(then.all()));
        return known;
    }

    /** What can go wrong with the wiring in force, the gravest first. */
    @GetMapping("/checkup")
    List<Remark> checkup() {
        return Checkup.of(store.current().wiring());
    }

    private static Map<String, List<String>> moves(Stage stage) {
        return stage.fixtures().stream()
                .filter(MascotFixture.class::isInstance)
                .collect(Collectors.toMap(Fixture::id, each -> ((MascotFixture) each).canDo()));
    }

    private static SheetView sheet(Document document, Names names) {
        DeskSheet desk = (DeskSheet) document.value();
        return new SheetView(document.version(), desk, desk.sentence(names), desk.words());
    }

    private static CueView cue(Document document, Map<String, CountRow> counts, Names names) {
        CountRow count = counts.getOrDefault(document.id(), new CountRow(document.id(), 0, 0));
        Cue cue = (Cue) document.value();
        return new CueView(
                document.version(),
                cue,
                count.rang(),
                count.held(),
                List.copyOf(LinkNeeds.of(cue)),
                List.copyOf(StageUse.of(cue)),
                Sentence.brief(cue, names),
                FindText.of(cue, names),
                cue.takes().isEmpty()
                        ? List.of()
                        : Sketch.of(cue.takes().get(0).score(), names.wiring(), Map.of()).stream()
                                .map(each -> new Bar(each.lane(), each.from(), each.to()))
                                .toList());
    }

    private static <T> List<T> views(DocumentSet set, DocumentKind kind, Function<Document, T> view) {
        return documents(set, kind).map(view).toList();
    }

    private static Stream<Document> documents(DocumentSet set, DocumentKind kind) {
        return set.all().stream().filter(each -> each.kind() == kind);
    }

    @PutMapping("/cues/{id}")
    CompletableFuture<SavedCue> saveCue(@PathVariable String id, @RequestBody CueSave save, Actor by) {
        sameId(id, save.cue().id());
        return changed(edits.save(DocumentKind.CUE, id, save.cue(), save.version(), by))
                .thenApply(saved -> new SavedCue(
                        saved.version(),
                        drafting.look(save.cue(), store.current().wiring())));
    }

    @DeleteMapping("/cues/{id}")
    CompletableFuture<SavedVersion> deleteCue(@PathVariable String id, @RequestParam long version, Actor by) {
        return changed(edits.delete(DocumentKind.CUE, id, version, by));
    }

    @PutMapping("/racks/{id}")
    CompletableFuture<SavedVersion> saveRack(@PathVariable String id, @RequestBody RackSave save, Actor by) {
        sameId(id, save.rack().id());
        return changed(edits.save(DocumentKind.RACK, id, save.rack(), save.version(), by));
    }

    @DeleteMapping("/racks/{id}")
    CompletableFuture<SavedVersion> deleteRack(@PathVariable String id, @RequestParam long version, Actor by) {
        return changed(edits.delete(DocumentKind.RACK, id, version, by));
    }

    @PutMapping("/stages/{id}")
    CompletableFuture<SavedVersion> saveStage(@PathVariable String id, @RequestBody StageSave save, Actor by) {
        sameId(id, save.stage().id());
        return changed(edits.save(DocumentKind.STAGE, id, save.stage(), save.version(), by));
    }

    @DeleteMapping("/stages/{id}")
    CompletableFuture<SavedVersion> deleteStage(@PathVariable String id, @RequestParam long version, Actor by) {
        return changed(edits.delete(DocumentKind.STAGE, id, version, by));
    }

    @PutMapping("/house")
    CompletableFuture<SavedVersion> saveHouse(@RequestBody HouseSave save, Actor by) {
        return changed(edits.save(DocumentKind.HOUSE, "house", save.house(), save.version(), by));
    }

    @PostMapping("/undo")
    CompletableFuture<SavedVersion> undo(Actor by) {
        return changed(edits.undo(by));
    }

    @PostMapping("/redo")
    CompletableFuture<SavedVersion> redo(Actor by) {
        return changed(edits.redo(by));
    }

    private CompletableFuture<SavedVersion> changed(CompletableFuture<@Nullable Document> edit) {
        return edit.thenApply(document -> {
            return new SavedVersion(document == null ? 0 : document.version());
        });
    }

    static void sameId(String address, String body) {
        if (!Objects.equals(address, body)) {
            throw new Refused("id", body, "The address names " + address + ".", "Let both name the same.");
        }
    }
}
