package org.waxbell.engine;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Stream;
import org.waxbell.actor.Actor;
import org.waxbell.directive.SetTarget;
import org.waxbell.event.Facts;
import org.waxbell.event.Target;

/** Lets targets stand as desks hold them, below all that rings do. */
final class Stands {
    private final Switchboard switches;
    private final Wired wired;

    Stands(Switchboard switches, Wired wired) {
        this.switches = switches;
        this.wired = wired;
    }

    /** Takes up what a desk held before a restart. */
    void resume(String place, Map<Target, String> held) {
        held.forEach((target, value) -> switches.resume(SetTarget.desk(place), target, value));
    }

    /** What stays is not touched; what is new stands before what is old is let go, so that nothing flickers between. */
    void become(String place, Map<Target, String> before, Map<Target, String> after, long at, int depth, Turn turn) {
        if (before.equals(after)) {
            return;
        }
        Map<Target, String> was = new LinkedHashMap<>();
        Stream.concat(before.keySet().stream(), after.keySet().stream())
                .forEach(target -> was.put(target, switches.shown(target)));
        after.forEach((target, value) -> {
            if (!value.equals(before.get(target))) {
                switches.stand(SetTarget.desk(place), target, value, wired.rests(target), at, turn);
            }
        });
        before.keySet().stream()
                .filter(target -> !after.containsKey(target))
                .forEach(target -> switches.release(target, SetTarget.desk(place), at, turn));
        was.forEach((target, value) -> {
            if (!value.equals(switches.shown(target))) {
                turn.follows(Facts.switched(Actor.desk(place), target, switches.shown(target)), depth);
            }
        });
    }
}
