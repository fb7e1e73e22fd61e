package org.waxbell.stage;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Predicate;
import org.waxbell.act.DeskSheet;
import org.waxbell.booking.BusyRule;
import org.waxbell.booking.Outlet;
import org.waxbell.booking.Spot;
import org.waxbell.check.Problems;
import org.waxbell.fixture.Fixture;
import org.waxbell.fixture.FixtureCheck;
import org.waxbell.fixture.MascotFixture;
import org.waxbell.fixture.Plate;
import org.waxbell.fixture.WheelFixture;
import org.waxbell.kind.Field;
import org.waxbell.kind.From;
import org.waxbell.kind.Kind;
import org.waxbell.look.Look;
import org.waxbell.shelf.Shelf;

/**
 * One overlay page of a fixed size, loaded by the broadcasting software as a browser source.
 *
 * @param width  in pixels
 * @param height in pixels
 * @param backdrop what the composer lays behind it, never seen on air: {@value #OF_MIXER}, a picture in the folder Pictures, or empty text
 */
public record Stage(
        int formatVersion,
        String id,
        String name,
        int width,
        int height,
        String backdrop,
        List<Spot> spots,
        List<Outlet> outlets,
        List<Fixture> fixtures) {
    /** The version of the document that this program writes. */
    public static final int FORMAT = 6;

    private static final int LONGEST_SOURCE = 120;
    /** The backdrop that is the practice mixer's picture. */
    public static final String OF_MIXER = "mixer";

    private static final String PICTURES = "Pictures";
    private static final int LEAST_SIZE = 16;
    private static final int MOST_SIZE = 8_192;
    private static final int LONGEST_NAME = 40;

    /** What it says of itself. */
    public static final Kind<Stage> KIND = Kind.<Stage>of(Stage.class, "stage", "Stage", "Stage")
            .also("overlay page browser source")
            .with(
                    Field.text("name", "Name", LONGEST_NAME).called("The name").needed(),
                    size("width", "Width").called("The width"),
                    size("height", "Height").called("The height"),
                    Field.file("backdrop", "A picture of mine", From.PICTURES).optional());

    private static Field size(String key, String label) {
        return Field.number(key, label, LEAST_SIZE, MOST_SIZE).in("px").wide(3);
    }

    public Stage {
        spots = List.copyOf(spots);
        outlets = List.copyOf(outlets);
        fixtures = List.copyOf(fixtures);
    }

    /** A stage without fixtures and backdrop. */
    public static Stage plain(String id, String name, int width, int height, List<Spot> spots, List<Outlet> outlets) {
        return new Stage(FORMAT, id, name, width, height, "", spots, outlets, List.of());
    }

    /** The same without some of its fixtures. */
    public Stage without(Predicate<Fixture> which) {
        return new Stage(
                formatVersion,
                id,
                name,
                width,
                height,
                backdrop,
                spots,
                outlets,
                fixtures.stream().filter(which.negate()).toList());
    }

    /** The ids of all that stands on it, in order. */
    public Set<String> ids() {
        Set<String> ids = new TreeSet<>();
        spots.forEach(each -> ids.add(each.id()));
        outlets.forEach(each -> ids.add(each.id()));
        fixtures.forEach(each -> ids.add(each.id()));
        return ids;
    }

    /** The same with one more fixture. */
    public Stage with(Fixture fixture) {
        List<Fixture> all = new ArrayList<>(fixtures);
        all.add(fixture);
        return new Stage(formatVersion, id, name, width, height, backdrop, spots, outlets, all);
    }

    /** Adds what is wrong with it. @param values the slate's values by their names in words, whether each is a number @param desks what may be shown of desks that stand by themselves @param looks that there are */
    public void check(
            Problems problems, Map<String, Boolean> values, Shelf shelf, List<DeskSheet> desks, List<Look> looks) {
        problems.version(formatVersion, FORMAT);
        problems.at("id").id(id, "main");
        KIND.check(this, problems);
        Set<String> places = new HashSet<>();
        for (int i = 0; i < spots.size(); i++) {
            Spot spot = spots.get(i);
            Problems here = problems.at("spots", i);
            place(here, spot.id(), spot.name(), spot.busy(), places);
            spot.frame().check(here.at("frame"));
        }
        for (int i = 0; i < outlets.size(); i++) {
            Outlet outlet = outlets.get(i);
            Problems here = problems.at("outlets", i);
            place(here, outlet.id(), outlet.name(), outlet.busy(), places);
            here.at("quietTo").within(outlet.quietTo(), 0, 100, "How loud the others are", " percent");
            here.at("sourceTo").within(outlet.sourceTo(), 0, 100, "How loud the source is", " percent");
            if (!outlet.source().isEmpty()) {
                here.at("source").text(outlet.source(), LONGEST_SOURCE, "The name of the source");
            }
            for (int j = 0; j < outlet.quietens().size(); j++) {
                String other = outlet.quietens().get(j);
                if (!hasOutlet(other) || other.equals(outlet.id())) {
                    here.at("quietens", j)
                            .add(
                                    other,
                                    "The stage has no other outlet of that name.",
                                    "Choose one of its own, or take it away.");
                }
            }
        }
        checkFixtures(problems, places, new FixtureCheck(problems, values, shelf, desks, outlets, looks));
        if (!backdrop.isEmpty()
                && !backdrop.equals(OF_MIXER)
                && shelf.find(PICTURES, backdrop).isEmpty()) {
            problems.at("backdrop")
                    .add(backdrop, "There is no such picture on the shelf.", "Choose one that is there, or none.");
        }
    }

    private void checkFixtures(Problems problems, Set<String> places, FixtureCheck check) {
        for (int i = 0; i < fixtures.size(); i++) {
            Fixture fixture = fixtures.get(i);
            Problems here = problems.at("fixtures", i);
            place(here, fixture.id(), fixture.name(), fixture.busy(), places);
            fixture.frame().check(here.at("frame"));
            fixture.check(check.at(here));
        }
    }

    private static void place(Problems here, String id, String name, BusyRule busy, Set<String> places) {
        here.at("id").id(id, "lower-third");
        if (!places.add(id)) {
            here.at("id").add(id, "Another spot or outlet has this id.", "Give each its own.");
        }
        here.at("name").text(name, LONGEST_NAME, "The name");
        busy.check(here.at("busy"));
    }

    /** The colours of those fixtures that have them of a saved look, by their ids. */
    public Map<String, Plate> plates(List<Look> saved) {
        Map<String, Plate> plates = new TreeMap<>();
        fixtures.forEach(each -> Plate.of(each.look(), saved).ifPresent(plate -> plates.put(each.id(), plate)));
        return plates;
    }

    /** The fixture of that id and kind. */
    public <F extends Fixture> Optional<F> fixture(String id, Class<F> kind) {
        return fixtures.stream()
                .filter(each -> each.id().equals(id))
                .filter(kind::isInstance)
                .map(kind::cast)
                .findFirst();
    }

    /** Whether it has a wheel of that id. */
    public boolean hasWheel(String id) {
        return fixture(id, WheelFixture.class).isPresent();
    }

    /** Whether it has a mascot of that id. */
    public boolean hasMascot(String id) {
        return fixture(id, MascotFixture.class).isPresent();
    }

    /** Whether it has a spot of that id. */
    public boolean hasSpot(String spot) {
        return spots.stream().anyMatch(each -> each.id().equals(spot));
    }

    /** Whether it has an outlet of that id. */
    public boolean hasOutlet(String outlet) {
        return outlets.stream().anyMatch(each -> each.id().equals(outlet));
    }
}
