package org.waxbell.stage;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.waxbell.booking.BusyRule;
import org.waxbell.booking.Outlet;
import org.waxbell.booking.Spot;
import org.waxbell.check.Problems;

/**
 * One overlay page of a fixed size, loaded by the broadcasting software as a browser source.
 *
 * @param width  in pixels
 * @param height in pixels
 */
public record Stage(int formatVersion, String id, String name, int width, int height,
                    List<Spot> spots, List<Outlet> outlets) {
    /** The version of the document that this program writes. */
    public static final int FORMAT = 2;
    private static final int LONGEST_NAME = 40;
    private static final int LEAST_SIZE = 16;
    private static final int MOST_SIZE = 8_192;

    public Stage {
        spots = List.copyOf(spots);
        outlets = List.copyOf(outlets);
    }

    /** Adds what is wrong with it. */
    public void check(Problems problems) {
        problems.version(formatVersion, FORMAT);
        problems.at("id").id(id, "main");
        problems.at("name").text(name, LONGEST_NAME, "The name");
        problems.at("width").within(width, LEAST_SIZE, MOST_SIZE, "The width", " pixels");
        problems.at("height").within(height, LEAST_SIZE, MOST_SIZE, "The height", " pixels");
        Set<String> places = new HashSet<>();
        for (int i = 0; i < spots.size(); i++) {
            Spot spot = spots.get(i);
            Problems here = problems.at("spots", i);
            place(here, spot.id(), spot.name(), spot.busy(), places);
            here.at("width").within(spot.width(), 1, MOST_SIZE, "The width", " pixels");
            here.at("height").within(spot.height(), 1, MOST_SIZE, "The height", " pixels");
            here.at("x").within(spot.x(), -MOST_SIZE, MOST_SIZE, "The left edge", " pixels");
            here.at("y").within(spot.y(), -MOST_SIZE, MOST_SIZE, "The top edge", " pixels");
        }
        for (int i = 0; i < outlets.size(); i++) {
            Outlet outlet = outlets.get(i);
            Problems here = problems.at("outlets", i);
            place(here, outlet.id(), outlet.name(), outlet.busy(), places);
            here.at("quietTo").within(outlet.quietTo(), 0, 100, "How loud the others are", " percent");
            for (int j = 0; j < outlet.quietens().size(); j++) {
                String other = outlet.quietens().get(j);
                if (!hasOutlet(other) || other.equals(outlet.id())) {
                    here.at("quietens", j).add(other, "The stage has no other outlet of that name.", "Choose one of its own, or take it away.");
                }
            }
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

    /** Whether it has a spot of that id. */
    public boolean hasSpot(String spot) {
        return spots.stream().anyMatch(each -> each.id().equals(spot));
    }

    /** Whether it has an outlet of that id. */
    public boolean hasOutlet(String outlet) {
        return outlets.stream().anyMatch(each -> each.id().equals(outlet));
    }
}
