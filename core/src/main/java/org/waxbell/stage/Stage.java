package org.waxbell.stage;

import java.util.List;
import org.waxbell.booking.Outlet;
import org.waxbell.booking.Spot;

/**
 * One overlay page of a fixed size, loaded by the broadcasting software as a browser source.
 *
 * @param width  in pixels
 * @param height in pixels
 */
public record Stage(int formatVersion, String id, String name, int width, int height,
                    List<Spot> spots, List<Outlet> outlets) {
    public Stage {
        spots = List.copyOf(spots);
        outlets = List.copyOf(outlets);
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
