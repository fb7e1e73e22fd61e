package org.waxbell.pack;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.waxbell.cue.Cue;
import org.waxbell.kind.Kind;
import org.waxbell.kind.Records;
import org.waxbell.shelf.Media;
import org.waxbell.stage.Stage;
import org.waxbell.wiring.Circle;
import org.waxbell.wiring.House;
import org.waxbell.wiring.ShelfUse;
import org.waxbell.wiring.Wiring;
import org.waxbell.wiring.WiringDocument;

/** Puts together what is chosen of a wiring with all that hangs on it. */
public final class Packing {
    private Packing() {}

    /** Everything that could be chosen, or come along. */
    public static Set<PackItem> all(Wiring wiring) {
        Set<PackItem> all = new TreeSet<>();
        wiring.racks().forEach(each -> all.add(new PackItem(PackItem.Sort.RACK, each.id())));
        wiring.stages().forEach(each -> all.add(new PackItem(PackItem.Sort.STAGE, each.id())));
        wiring.desks().forEach(each -> all.add(new PackItem(PackItem.Sort.DESK, each.id())));
        wiring.cues().forEach(each -> all.add(new PackItem(PackItem.Sort.CUE, each.id())));
        wiring.house().looks().forEach(each -> all.add(new PackItem(PackItem.Sort.LOOK, each.id())));
        wiring.house().slate().forEach(each -> all.add(new PackItem(PackItem.Sort.SLATE, each.id())));
        wiring.house().circles().forEach(each -> all.add(new PackItem(PackItem.Sort.CIRCLE, each.id())));
        return all;
    }

    /** How something is called; its id where it is not there. */
    public static String name(Wiring wiring, PackItem item) {
        return thing(wiring, item)
                .map(each -> String.valueOf(Kind.at(each, "name")))
                .orElse(item.id());
    }

    static Optional<Object> thing(Wiring wiring, PackItem item) {
        Stream<?> all = switch (item.sort()) {
            case RACK -> wiring.racks().stream().filter(each -> each.id().equals(item.id()));
            case STAGE -> wiring.stages().stream().filter(each -> each.id().equals(item.id()));
            case DESK -> wiring.desks().stream().filter(each -> each.id().equals(item.id()));
            case CUE -> wiring.cues().stream().filter(each -> each.id().equals(item.id()));
            case LOOK ->
                wiring.house().looks().stream().filter(each -> each.id().equals(item.id()));
            case SLATE ->
                wiring.house().slate().stream().filter(each -> each.id().equals(item.id()));
            case CIRCLE ->
                wiring.house().circles().stream().filter(each -> each.id().equals(item.id()));
        };
        return all.<Object>map(each -> each).findFirst();
    }

    /** What is chosen, with what hangs on it, and on that; a rack brings its cues. What is not there is passed over. */
    public static Set<PackItem> closed(Wiring wiring, Set<PackItem> chosen) {
        return Closure.of(wiring, chosen).items();
    }

    /**
     * A document with what is chosen and all that hangs on it. Of a stage that only comes along there is what is used; people in circles,
     * everything of the house that nothing names, and that a cue may ring all the same stay at home.
     */
    public static WiringDocument document(Wiring wiring, Set<PackItem> chosen) {
        Closure closure = Closure.of(wiring, chosen);
        Set<PackItem> items = closure.items();
        UnaryOperator<Stage> share = stage -> chosen.contains(new PackItem(PackItem.Sort.STAGE, stage.id()))
                ? stage
                : StageShare.of(stage, closure.used(stage.id()));
        House house = house(wiring.house(), items);
        Wiring part = new Wiring(
                house,
                kept(wiring.racks(), items, PackItem.Sort.RACK, each -> each.id()),
                kept(wiring.cues(), items, PackItem.Sort.CUE, Cue::id).stream()
                        .map(Packing::unsaid)
                        .toList(),
                kept(wiring.stages(), items, PackItem.Sort.STAGE, Stage::id).stream()
                        .map(share)
                        .toList(),
                kept(wiring.desks(), items, PackItem.Sort.DESK, each -> each.id()),
                wiring.shelf());
        return new WiringDocument(
                WiringDocument.FORMAT, house, part.racks(), part.stages(), part.desks(), part.cues(), media(part));
    }

    /** A cue of which nobody here has said yet that it may ring although anyone may do by it what nobody should. */
    static Cue unsaid(Cue cue) {
        return Records.with(cue, Map.of("allTheSame", false));
    }

    /** A stage without what a pack added to it: ids of spots, outlets and fixtures. */
    public static Stage without(Stage stage, Set<String> ids) {
        return StageShare.without(stage, ids);
    }

    private static House house(House there, Set<PackItem> items) {
        return new House(
                House.FORMAT,
                there.prefix(),
                House.PLAIN.home(),
                House.PLAIN.pointsOne(),
                House.PLAIN.pointsMany(),
                House.PLAIN.hints(),
                kept(there.circles(), items, PackItem.Sort.CIRCLE, Circle::id).stream()
                        .map(Circle::withoutPeople)
                        .toList(),
                List.of(),
                kept(there.slate(), items, PackItem.Sort.SLATE, each -> each.id()),
                kept(there.looks(), items, PackItem.Sort.LOOK, each -> each.id()),
                House.PLAIN.reading(),
                House.PLAIN.shutters(),
                List.of());
    }

    /** A house without what is named of it. */
    public static House without(House house, Set<PackItem> items) {
        return Records.with(
                house,
                Map.of(
                        "looks", others(house.looks(), items, each -> new PackItem(PackItem.Sort.LOOK, each.id())),
                        "slate", others(house.slate(), items, each -> new PackItem(PackItem.Sort.SLATE, each.id())),
                        "circles",
                                others(house.circles(), items, each -> new PackItem(PackItem.Sort.CIRCLE, each.id()))));
    }

    private static <T> List<T> others(List<T> all, Set<PackItem> items, Function<T, PackItem> item) {
        return all.stream().filter(each -> !items.contains(item.apply(each))).toList();
    }

    static <T> List<T> kept(List<T> all, Set<PackItem> items, PackItem.Sort sort, Function<T, String> id) {
        return all.stream()
                .filter(each -> items.contains(new PackItem(sort, id.apply(each))))
                .toList();
    }

    /** What its cues and stages use of the shelf. */
    private static List<Media> media(Wiring part) {
        Function<Media, List<ShelfUse.Use>> uses = ShelfUse.of(part);
        return part.shelf().all().stream()
                .filter(each -> !uses.apply(each).isEmpty())
                .toList();
    }
}
