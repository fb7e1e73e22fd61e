package org.waxbell.engine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.waxbell.cue.Urgency;
import org.waxbell.directive.SetTarget;
import org.waxbell.directive.Switch;
import org.waxbell.evening.TargetState;
import org.waxbell.event.Target;
import org.waxbell.state.Memory;

/**
 * Which target stands how, and what it is put back to. Every part that switches a target holds it as long as it lasts; the most
 * urgent, then newest hold shows; with the last one gone the base is there again. A person's own change becomes the base.
 */
final class Switchboard {
    /** What stands by itself gives way to every ring. */
    private static final int STANDING = 0;

    private static final Comparator<Hold> ORDER = Comparator.<Hold, Boolean>comparing(each -> each.ring() > STANDING)
            .thenComparing(Hold::urgency)
            .thenComparingLong(Hold::since)
            .thenComparingLong(Hold::ring)
            .thenComparing(Hold::partRun);
    private final Map<Target, TargetState> states =
            new TreeMap<>(Comparator.comparing(Target::kind).thenComparing(Target::name));
    private final Map<Target, List<Hold>> holds =
            new TreeMap<>(Comparator.comparing(Target::kind).thenComparing(Target::name));

    private boolean shuttersDown;

    private record Hold(long ring, Urgency urgency, long since, String partRun, String value) {}

    Switchboard(List<TargetState> before) {
        before.forEach(each -> {
            states.put(each.target(), each);
            note(each);
        });
    }

    /** How a target stands, empty text where that is not known. */
    String shown(Target target) {
        TargetState state = states.get(target);
        return state == null ? "" : state.shown();
    }

    private TargetState state(Target target) {
        return states.getOrDefault(target, TargetState.unknown(target));
    }

    /** A desk lets a target stand so until it lets it go, below all that rings do. @param by whose hold it is */
    void stand(String by, Target target, String value, String wired, long at, Turn out) {
        Switch wanted = new Switch(by, at, target, value, false);
        if (holds(target).removeIf(each -> each.partRun().equals(by))) {
            // Its base is what stood before it held the target at all.
            add(STANDING, Urgency.CALM, wanted);
            show(target, by, at, false, out);
        } else {
            hold(STANDING, Urgency.CALM, wanted, wired, out);
        }
    }

    /** Takes up what a desk lets a target stand as, after a restart. */
    void resume(String by, Target target, String value) {
        add(STANDING, Urgency.CALM, new Switch(by, 0, target, value, false));
    }

    /** A part switches a target. @param wired what it stands at where nothing is known of it, such as a rack's own switch */
    void hold(Ring ring, Switch part, String wired, Turn out) {
        hold(ring.number(), ring.urgency(), part, wired, out);
    }

    private void hold(long ring, Urgency urgency, Switch part, String wired, Turn out) {
        TargetState state = states.containsKey(part.target())
                ? states.get(part.target())
                : TargetState.unknown(part.target()).based(wired);
        if (part.stay()) {
            put(new TargetState(part.target(), part.value(), state.shown(), false), out);
        } else {
            // A base that waited for a report is still the base: the hold of before the restart is over, and this one
            // begins on it.
            put(
                    new TargetState(
                            part.target(),
                            holds(part.target()).isEmpty() && !state.restore() ? state.shown() : state.base(),
                            state.shown(),
                            false),
                    out);
            add(ring, urgency, part);
        }
        show(part.target(), part.partRun(), part.meantFor(), false, out);
    }

    /** Takes up the hold of a part that still lasts, after a restart; what it set stands already. */
    void resume(Ring ring, PartRun run, Switch part) {
        add(ring.number(), ring.urgency(), part.at(ring.momentOf(run)));
    }

    private void add(long ring, Urgency urgency, Switch part) {
        holds.computeIfAbsent(part.target(), key -> new ArrayList<>())
                .add(new Hold(ring, urgency, ring > STANDING ? part.meantFor() : 0, part.partRun(), part.value()));
    }

    /** The part is over; whether its target stands another way now. */
    boolean release(Target target, String partRun, long at, Turn out) {
        List<Hold> of = holds(target);
        if (!of.removeIf(each -> each.partRun().equals(partRun))) {
            return false;
        }
        return show(target, partRun, at, true, out);
    }

    /** The hold of a part is over, and nothing is put back yet. */
    void forget(Target target, String partRun) {
        holds(target).removeIf(each -> each.partRun().equals(partRun));
    }

    /** The part was over while the program was not running: the target is put back once it reports that it still shows what we set. */
    void owe(Target target, boolean ours, String partRun, long at, Turn out) {
        if (!holds(target).isEmpty()
                || state(target).base().equals(state(target).shown())) {
            return;
        }
        if (ours) {
            show(target, partRun, at, true, out);
        } else {
            put(state(target).waiting(), out);
        }
    }

    /** After a restart: what a part set that is no more is put back. */
    void putBackOrphans(long at, Turn out) {
        for (TargetState state : List.copyOf(states.values())) {
            if (holds(state.target()).isEmpty()
                    && !state.restore()
                    && !state.base().isEmpty()) {
                show(state.target(), "restart", at, true, out);
            }
        }
    }

    /** A person changed it: that is the base now. The parts that held it no longer do. */
    List<String> changedByHand(Target target, String value, Turn out) {
        List<String> ended = holds(target).stream().map(Hold::partRun).toList();
        holds.remove(target);
        put(state(target).based(value), out);
        return ended;
    }

    /** It reports how it stands, without a person having changed it just now. */
    void reported(Target target, String value, long at, Turn out) {
        TargetState state = state(target);
        if (state.restore() && target.kind().stillDoes(state.shown(), value)) {
            put(state.based(state.base()), out);
            out.directed(new SetTarget("restart", at, target, state.base(), true));
        } else if (holds(target).isEmpty()) {
            put(state.based(value), out);
        } else if (isGroundless(target) && !target.kind().stillDoes(state.shown(), value)) {
            put(new TargetState(target, value, state.shown(), false), out);
        }
    }

    /** Whether a part holds it of which nothing was known when it began: how it is told to have stood is what it is put back to. */
    boolean isGroundless(Target target) {
        return state(target).base().isEmpty() && !holds(target).isEmpty();
    }

    /** Ends all that rings hold and puts that back; what stands by itself stays. */
    void hush(long at, Turn out) {
        for (Target target : List.copyOf(holds.keySet())) {
            holds(target).removeIf(each -> each.ring() > STANDING);
            show(target, "*", at, true, out);
        }
    }

    private boolean show(Target target, String partRun, long at, boolean back, Turn out) {
        TargetState state = state(target);
        String value = holds(target).stream().max(ORDER).map(Hold::value).orElse(state.base());
        if (value.equals(state.shown()) || value.isEmpty()) {
            return false;
        }
        put(state.showing(value), out);
        if (!target.kind().ofEngine()) {
            out.directed(new SetTarget(partRun, at, target, value, back));
        }
        return true;
    }

    private List<Hold> holds(Target target) {
        return holds.getOrDefault(target, new ArrayList<>());
    }

    /** Whether the shutters are down, which every line asks. */
    boolean shuttersDown() {
        return shuttersDown;
    }

    private void put(TargetState state, Turn out) {
        note(state);
        if (!state.equals(states.put(state.target(), state))) {
            out.changed(Books.TARGETS.put(key(state), state));
        }
    }

    private void note(TargetState state) {
        if (state.target().kind() == Target.Kind.SHUTTERS) {
            shuttersDown = state.shown().equals("down");
        }
    }

    private static String key(TargetState state) {
        return state.target().kind() + "/" + state.target().name();
    }

    void save(Memory memory) {
        states.values().forEach(state -> memory.put(Books.TARGETS, key(state), state));
    }
}
