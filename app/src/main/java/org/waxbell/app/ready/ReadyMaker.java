package org.waxbell.app.ready;

import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.waxbell.act.DeskSheet;
import org.waxbell.app.json.Documents;
import org.waxbell.app.wiring.NewDesk;
import org.waxbell.booking.Frame;
import org.waxbell.booking.Spot;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.draft.FreshOn;
import org.waxbell.draft.NewCue;
import org.waxbell.fixture.Fixture;
import org.waxbell.kind.Family;
import org.waxbell.kind.Kind;
import org.waxbell.kind.Records;
import org.waxbell.pack.PackItem;
import org.waxbell.pack.Packing;
import org.waxbell.score.Part;
import org.waxbell.show.Starters;
import org.waxbell.slate.SlateValue;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.House;
import org.waxbell.wiring.Kinds;
import org.waxbell.wiring.Wiring;
import org.waxbell.wiring.WiringDocument;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Makes a wiring of the content of a ready-made piece: all that it does not say is as the program makes it afresh. */
final class ReadyMaker {
    /** The rack in which its cues lie. */
    static final String RACK = "ready-made";

    private static final int WIDE = 1_280;
    private static final int HIGH = 720;
    private final Documents json;
    private final Set<PackItem> chosen = new TreeSet<>();
    private final Set<String> placed = new TreeSet<>();
    private Wiring wiring;

    /** @param house a wiring to begin with, whose first stage is the one on which it is seen */
    ReadyMaker(Wiring house, Documents json) {
        this.json = json;
        this.wiring = house;
    }

    /** The piece alone as a document, with what it stands on of the stage */
    WiringDocument document() {
        WiringDocument document = Packing.document(wiring, chosen);
        Set<String> keeps = new TreeSet<>(placed);
        document.stages().forEach(each -> keeps.addAll(each.ids()));
        if (keeps.isEmpty()) {
            return document;
        }
        Set<String> others = stage().ids();
        others.removeAll(keeps);
        return Records.with(document, Map.of("stages", List.of(Packing.without(stage(), others))));
    }

    /** Adds what it is made of. */
    void made(JsonNode content) {
        content.path("spots").forEach(this::spot);
        content.path("slate").forEach(this::slate);
        content.path("desks").forEach(this::desk);
        content.path("fixtures").forEach(this::fixture);
        if (!content.path("cues").isEmpty()) {
            List<Rack> racks = new ArrayList<>(wiring.racks());
            racks.add(new Rack(Rack.FORMAT, RACK, "Ready-made", true));
            wiring = Records.with(wiring, Map.of("racks", racks));
            content.path("cues").forEach(this::cue);
        }
    }

    private FreshOn on() {
        return new FreshOn(wiring, NewCue.BLANK, List.of(), Optional.empty(), "", Map.of(), 0, ZoneId.of("UTC"));
    }

    private Stage stage() {
        return wiring.stages().get(0);
    }

    private void become(Stage stage) {
        List<Stage> stages = new ArrayList<>(wiring.stages());
        stages.set(0, stage);
        wiring = Records.with(wiring, Map.of("stages", stages));
    }

    /** A spot that the stage does not have yet. */
    private void spot(JsonNode told) {
        if (stage().hasSpot(told.path("id").asString())) {
            return;
        }
        List<Spot> spots = new ArrayList<>(stage().spots());
        Spot spot = over(on().onto(stage(), FreshOn.SPOT).spot(), told, Spot.class);
        spots.add(Records.with(spot, Map.of("frame", scaled(spot.frame()))));
        become(Records.with(stage(), Map.of("spots", spots)));
    }

    private void slate(JsonNode told) {
        House house = wiring.house();
        List<SlateValue> slate = new ArrayList<>(house.slate());
        slate.add(json.fit(told, SlateValue.class));
        wiring = Records.with(wiring, Map.of("house", Records.with(house, Map.of("slate", slate))));
    }

    /** A desk with its chat words and, where it is seen, its display. */
    private void desk(JsonNode told) {
        NewDesk plan = NewDesk.plan(
                on(),
                Set.of(),
                new NewDesk.NewSheet(
                        told.path("kind").asString(),
                        told.path("name").asString(),
                        told.path("word").asString(),
                        told.path("seen").asBoolean(true) ? stage().id() : "",
                        true));
        DeskSheet desk = over(plan.desk(), told.path("with"), DeskSheet.class);
        List<DeskSheet> desks = new ArrayList<>(wiring.desks());
        desks.add(desk);
        wiring = wiring.withDesks(desks);
        chosen.add(new PackItem(PackItem.Sort.DESK, desk.id()));
        plan.fixture()
                .map(each -> over(each, told.path("display"), Fixture.class))
                .ifPresent(this::place);
        Starters.of(wiring, desk.desk(), desk.id())
                .ifPresent(each -> words(each, told.path("rackOn").asBoolean(true)));
    }

    /** Its chat words. @param on whether their rack is on at first */
    private void words(Starters starters, boolean on) {
        List<Rack> racks = new ArrayList<>(wiring.racks());
        racks.add(Records.with(starters.rack(), Map.of("on", on)));
        List<Cue> cues = new ArrayList<>(wiring.cues());
        cues.addAll(starters.cues());
        wiring = Records.with(wiring, Map.of("racks", racks, "cues", cues));
        starters.cues().forEach(each -> chosen.add(new PackItem(PackItem.Sort.CUE, each.id())));
    }

    private void fixture(JsonNode told) {
        String kind = told.path("kind").asString();
        place(over(fresh(Kinds.ALL.fixtures(), kind, on().onto(stage(), kind)), told, Fixture.class));
    }

    private void place(Fixture fixture) {
        placed.add(fixture.id());
        become(stage().with(Records.with(fixture, Map.of("frame", scaled(fixture.frame())))));
    }

    /** Places are told for a stage of the usual size. */
    private Frame scaled(Frame told) {
        return told.scaled(WIDE, HIGH, stage().width(), stage().height());
    }

    private void cue(JsonNode told) {
        ObjectNode cue = (ObjectNode) json.tree(json.write(NewCue.BLANK));
        cue.put("rack", RACK);
        ObjectNode plain = ((ObjectNode) told).deepCopy();
        JsonNode takes = told.path("takes");
        plain.remove(List.of("pulls", "gates", "takes", "parts"));
        merge(cue, plain);
        told.path("pulls").forEach(each -> ((ArrayNode) cue.path("pulls")).add(of(Kinds.ALL.pulls(), each)));
        told.path("gates").forEach(each -> ((ArrayNode) cue.path("gates")).add(of(Kinds.ALL.gates(), each)));
        if (takes.isMissingNode()) {
            score((ObjectNode) cue.path("takes").get(0), told.path("parts"));
        } else {
            JsonNode blank = cue.path("takes").get(0);
            ArrayNode all = cue.putArray("takes");
            takes.forEach(each -> all.add(take(blank, each)));
        }
        Cue made = json.fit(cue, Cue.class);
        List<Cue> cues = new ArrayList<>(wiring.cues());
        cues.add(made);
        wiring = Records.with(wiring, Map.of("cues", cues));
        chosen.add(new PackItem(PackItem.Sort.CUE, made.id()));
    }

    private ObjectNode take(JsonNode blank, JsonNode told) {
        ObjectNode take = (ObjectNode) blank.deepCopy();
        ObjectNode plain = ((ObjectNode) told).deepCopy();
        plain.remove("parts");
        merge(take, plain);
        score(take, told.path("parts"));
        return take;
    }

    private void score(ObjectNode take, JsonNode told) {
        List<Part> parts = new ArrayList<>();
        for (JsonNode each : told) {
            String kind = each.path("kind").asString();
            Part fresh = fresh(Kinds.ALL.parts(), kind, on().within(NewCue.BLANK, parts, kind));
            parts.add(over(fresh, each, Part.class));
        }
        ((ObjectNode) take.path("score")).set("parts", list(parts));
    }

    /** Written one by one, so that each says its kind. */
    private ArrayNode list(List<Part> parts) {
        ArrayNode all = JsonNodeFactory.instance.arrayNode();
        parts.forEach(each -> all.add(tree(each)));
        return all;
    }

    private <T> JsonNode of(Family<T> family, JsonNode told) {
        String kind = told.path("kind").asString();
        ObjectNode made = tree(fresh(family, kind, on().within(NewCue.BLANK, List.of(), kind)));
        merge(made, (ObjectNode) told);
        return made;
    }

    private static <T> T fresh(Family<T> family, String name, FreshOn on) {
        Kind<? extends T> kind = family.kind(name)
                .orElseThrow(() -> new IllegalStateException("there is no " + family.name() + " called " + name));
        return kind.fresh().apply(on);
    }

    private <T> T over(T fresh, JsonNode told, Class<T> type) {
        ObjectNode made = tree(fresh);
        if (told instanceof ObjectNode fields) {
            merge(made, fields);
        }
        return json.fit(made, type);
    }

    private ObjectNode tree(Object value) {
        return (ObjectNode) json.tree(json.write(value));
    }

    /** What is told takes the place of what was there, field by field; what says its kind does so whole. */
    private static void merge(ObjectNode into, ObjectNode told) {
        told.properties().forEach(each -> {
            if (each.getValue() instanceof ObjectNode fields
                    && !fields.has("kind")
                    && into.get(each.getKey()) instanceof ObjectNode there) {
                merge(there, fields);
            } else {
                into.set(each.getKey(), each.getValue());
            }
        });
    }
}
