package org.waxbell.wiring;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.waxbell.act.DeskSheet;
import org.waxbell.check.Problems;
import org.waxbell.cue.Cue;
import org.waxbell.cue.Rack;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;
import org.waxbell.stage.Stage;

/**
 * The whole wiring as one document that can be carried elsewhere.
 *
 * @param media what lies on the shelf, named and not brought: names, lengths and hashes, so that another installation can tell
 *              whether it has the same
 */
public record WiringDocument(
        int formatVersion,
        House house,
        List<Rack> racks,
        List<Stage> stages,
        List<DeskSheet> desks,
        List<Cue> cues,
        List<Media> media) {
    /** The version of the document that this program writes; each of its parts has a version of its own. */
    public static final int FORMAT = 2;

    public WiringDocument {
        racks = List.copyOf(racks);
        stages = List.copyOf(stages);
        desks = List.copyOf(desks);
        cues = List.copyOf(cues);
        media = List.copyOf(media);
    }

    /** The document of {@code wiring}. */
    public static WiringDocument of(Wiring wiring) {
        return new WiringDocument(
                FORMAT,
                wiring.house(),
                wiring.racks(),
                wiring.stages(),
                wiring.desks(),
                wiring.cues(),
                wiring.shelf().all());
    }

    /** The same where others are named of the shelf. */
    public WiringDocument withMedia(List<Media> others) {
        return new WiringDocument(formatVersion, house, racks, stages, desks, cues, others);
    }

    /** The wiring where {@code shelf} is what there is. */
    public Wiring on(Shelf shelf) {
        return new Wiring(house, racks, cues, stages, desks, shelf);
    }

    /** Adds a problem for every id that stands there twice. */
    public void checkIds(Problems problems) {
        twice(problems, "racks", racks, Rack::id);
        twice(problems, "stages", stages, Stage::id);
        twice(problems, "desks", desks, DeskSheet::id);
        twice(problems, "cues", cues, Cue::id);
    }

    private static <T> void twice(Problems problems, String list, List<T> all, Function<T, String> id) {
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < all.size(); i++) {
            if (!seen.add(id.apply(all.get(i)))) {
                problems.at(list, i)
                        .at("id")
                        .add(id.apply(all.get(i)), "This id stands here twice.", "Give each its own.");
            }
        }
    }

    /** {@code into} with what this one brings: its racks, stages, desks and cues beside or in place of those of the same id, and of the house what is not there yet. */
    public WiringDocument mergedInto(WiringDocument into) {
        House theirs = into.house();
        House both = new House(
                theirs.formatVersion(),
                theirs.prefix(),
                theirs.home(),
                theirs.pointsOne(),
                theirs.pointsMany(),
                theirs.hints(),
                added(theirs.circles(), house.circles(), Circle::id),
                added(theirs.neighbours(), house.neighbours(), name -> name),
                added(theirs.slate(), house.slate(), value -> value.id()),
                added(theirs.looks(), house.looks(), look -> look.id()),
                theirs.reading(),
                theirs.shutters(),
                added(theirs.filters(), house.filters(), each -> each.name()));
        return new WiringDocument(
                FORMAT,
                both,
                replaced(into.racks(), racks, Rack::id),
                replaced(into.stages(), stages, Stage::id),
                replaced(into.desks(), desks, DeskSheet::id),
                replaced(into.cues(), cues, Cue::id),
                into.media());
    }

    private static <T> List<T> added(List<T> there, List<T> more, Function<T, String> id) {
        Set<String> known = new HashSet<>();
        List<T> all = new ArrayList<>(there);
        there.forEach(each -> known.add(id.apply(each)));
        more.stream().filter(each -> known.add(id.apply(each))).forEach(all::add);
        return all;
    }

    private static <T> List<T> replaced(List<T> there, List<T> more, Function<T, String> id) {
        Map<String, T> coming = new HashMap<>();
        more.forEach(each -> coming.put(id.apply(each), each));
        List<T> all = new ArrayList<>();
        there.forEach(
                each -> all.add(Optional.ofNullable(coming.get(id.apply(each))).orElse(each)));
        return added(all, more, id);
    }
}
