package org.waxbell.booking;

import java.util.List;
import java.util.Optional;
import org.waxbell.event.Target;

/**
 * A spot for sound on a stage.
 *
 * @param busy     what happens when it is taken
 * @param quietens other outlets of the stage that sound quieter while it sounds
 * @param apart    whether a page of its own sounds it, so that the mixer has it as a track of its own
 * @param quietTo  how loud those are then, in percent of their own, 0 to 100
 * @param source   a source of the mixer that is quieter meanwhile, by its name; empty text for none
 * @param sourceTo how loud that is then, in percent, 0 to 100
 */
public record Outlet(
        String id,
        String name,
        BusyRule busy,
        List<String> quietens,
        int quietTo,
        boolean apart,
        String source,
        int sourceTo) {
    /** How loud a source of the mixer is meanwhile where nothing else is said, in percent. */
    public static final int SOFTER = 40;

    public Outlet {
        quietens = List.copyOf(quietens);
    }

    /** An outlet that the stage's own pages sound. */
    public Outlet(String id, String name, BusyRule busy, List<String> quietens, int quietTo) {
        this(id, name, busy, quietens, quietTo, false, "", SOFTER);
    }

    /** What of the mixer it holds while it sounds; empty for nothing. */
    public Optional<Target> holds() {
        return source.isEmpty() ? Optional.empty() : Optional.of(new Target(Target.Kind.LEVEL, source));
    }

    /** An outlet that leaves others alone. */
    public static Outlet plain(String id, String name, BusyRule busy) {
        return new Outlet(id, name, busy, List.of(), 100);
    }
}
