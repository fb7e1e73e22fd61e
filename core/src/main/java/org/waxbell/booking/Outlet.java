package org.waxbell.booking;

import java.util.List;

/**
 * A spot for sound on a stage.
 *
 * @param busy     what happens when it is taken
 * @param quietens other outlets of the stage that sound quieter while it sounds
 * @param quietTo  how loud those are then, in percent of their own, 0 to 100
 */
public record Outlet(String id, String name, BusyRule busy, List<String> quietens, int quietTo) {
    public Outlet {
        quietens = List.copyOf(quietens);
    }

    /** An outlet that leaves others alone. */
    public static Outlet plain(String id, String name, BusyRule busy) {
        return new Outlet(id, name, busy, List.of(), 100);
    }
}
