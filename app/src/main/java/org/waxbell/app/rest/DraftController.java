package org.waxbell.app.rest;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.app.json.Families;
import org.waxbell.app.json.Refused;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.booking.Outlet;
import org.waxbell.booking.Spot;
import org.waxbell.condition.ConditionRows;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Pull;
import org.waxbell.draft.CueLook;
import org.waxbell.draft.FreshOn;
import org.waxbell.draft.NewCue;
import org.waxbell.fixture.Fixture;
import org.waxbell.gate.Gate;
import org.waxbell.kind.Family;
import org.waxbell.kind.Kind;
import org.waxbell.score.Part;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.Kinds;
import org.waxbell.wiring.Wiring;
import org.waxbell.words.SampleWords;

/** What is told of cues and stages while they are being written: how they look, and what comes to them anew. */
@RestController
@RequestMapping("/api")
class DraftController {
    private final WiringStore wiring;
    private final Drafting drafting;
    private final Kinds kinds;

    DraftController(WiringStore wiring, Drafting drafting, Families families) {
        this.wiring = wiring;
        this.drafting = drafting;
        this.kinds = families.kinds();
    }

    /** Something that comes to a cue. @param family pull, gate or part @param kind by name @param take to whose score a part comes, counted from 0 */
    record Addition(Cue cue, String family, String kind, int take) {}

    /** What came: one of these. */
    record Added(
            @Nullable Pull pull,
            @Nullable Gate gate,
            @Nullable Part part) {}

    /** What comes to a stage. @param kind of a fixture, by name, or {@code spot} */
    record PlaceWanted(Stage stage, String kind) {}

    /** What came: one of these. */
    record Placed(
            @Nullable Spot spot,
            @Nullable Fixture fixture,
            @Nullable Outlet outlet) {}

    /** A cue that is to be made, and how it looks. */
    record NewCueView(Cue cue, CueLook look) {}

    /** A condition as rows, of a cue as it is being written. */
    record RowsAsked(Cue cue, ConditionRows rows) {}

    /** A condition as text. */
    record ConditionText(String text) {}

    @GetMapping("/kinds")
    KindViews.KindsView kinds() {
        return KindViews.KindsView.of(kinds);
    }

    /** How a cue looks that is being written, valid or not. */
    @PostMapping("/cues/look")
    CueLook look(@RequestBody Cue cue) {
        return drafting.look(cue, wiring.current().wiring());
    }

    private static <T> T fresh(Family<T> family, String kind, FreshOn on) {
        Kind<? extends T> wanted = family.kind(kind)
                .orElseThrow(() -> new Refused(
                        "kind",
                        kind,
                        "There is no such " + family.name() + ".",
                        "Choose one of "
                                + family.kinds().stream().map(Kind::name).toList() + "."));
        String missing = on.missing(wanted);
        if (!missing.isEmpty()) {
            throw new Refused("kind", kind, "It could not stand anywhere: " + missing + ".", "Make that first.");
        }
        return wanted.fresh().apply(on);
    }

    /** Something new for a cue, with values that work at once; nothing is saved. */
    @PostMapping("/cues/add")
    Added add(@RequestBody Addition wanted) {
        Cue cue = wanted.cue();
        List<Part> parts = wanted.take() >= 0 && wanted.take() < cue.takes().size()
                ? cue.takes().get(wanted.take()).score().parts()
                : List.of();
        FreshOn on = drafting.on(wiring.current().wiring()).within(cue, parts, wanted.kind());
        return switch (wanted.family()) {
            case "pull" -> new Added(fresh(kinds.pulls(), wanted.kind(), on), null, null);
            case "gate" -> new Added(null, fresh(kinds.gates(), wanted.kind(), on), null);
            case "part" -> new Added(null, null, fresh(kinds.parts(), wanted.kind(), on));
            default ->
                throw new Refused(
                        "family", wanted.family(), "Nothing of that sort comes to a cue.", "Write pull, gate or part.");
        };
    }

    /** A cue made of a few wishes; nothing is saved. */
    @PostMapping("/cues/new")
    NewCueView make(@RequestBody NewCue wanted) {
        Wiring now = wiring.current().wiring();
        Cue made = wanted.made(drafting.on(now), kinds.parts());
        return new NewCueView(made, drafting.look(made, now));
    }

    /** A pull with values that work at once. */
    @PostMapping("/cues/pulls/{kind}")
    Pull pull(@PathVariable String kind) {
        return fresh(kinds.pulls(), kind, drafting.on(wiring.current().wiring()).within(NewCue.BLANK, List.of(), kind));
    }

    /** Copies of saved cues with words of their own; nothing is saved. */
    @PostMapping("/cues/copies")
    List<Cue> copies(@RequestBody List<String> ids) {
        Wiring now = wiring.current().wiring();
        return NewCue.copiesOf(
                ids.stream()
                        .map(id -> now.cues().stream()
                                .filter(each -> each.id().equals(id))
                                .findFirst()
                                .orElseThrow(() -> new Refused(
                                        "id", id, "There is no such cue.", "Choose one that is in the list.")))
                        .toList(),
                now);
    }

    /** A condition that says what rows say. */
    @PostMapping("/conditions/rows")
    ConditionText rows(@RequestBody RowsAsked asked) {
        return new ConditionText(asked.rows().write(wiring.current().wiring().scope(asked.cue())));
    }

    /** Words and what stands for their values. */
    record WordsAsked(String pattern, Map<String, String> values) {}

    /** Words with samples in them. */
    record WordsRead(String text) {}

    /** Words as they will be filled. */
    @PostMapping("/words/sample")
    WordsRead read(@RequestBody WordsAsked asked) {
        return new WordsRead(new SampleWords().get(asked.pattern()).fill(asked.values()));
    }

    /** A spot, fixture or outlet for a stage, under a name of its own, in its middle and before all others; nothing is saved. */
    @PostMapping("/stages/add")
    Placed place(@RequestBody PlaceWanted wanted) {
        FreshOn on = drafting.on(wiring.current().wiring()).onto(wanted.stage(), wanted.kind());
        return switch (wanted.kind()) {
            case FreshOn.SPOT -> new Placed(on.spot(), null, null);
            case FreshOn.OUTLET -> new Placed(null, null, on.outlet());
            default -> new Placed(null, fresh(kinds.fixtures(), wanted.kind(), on), null);
        };
    }
}
