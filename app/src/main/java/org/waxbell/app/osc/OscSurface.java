package org.waxbell.app.osc;

import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.waxbell.actor.Actor;
import org.waxbell.actor.Origin;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.inbox.OutcomeWatcher;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.cue.HandPull;
import org.waxbell.directive.OscArgument;
import org.waxbell.directive.SendOsc;
import org.waxbell.engine.Books;
import org.waxbell.engine.Outcome;
import org.waxbell.engine.Ring;
import org.waxbell.engine.RingState;
import org.waxbell.rehearsal.Step;

/**
 * Buttons on a desk: {@code /waxbell/press/CUE} presses the button of a cue, {@code /waxbell/hush} hushes, and whoever sent
 * {@code /waxbell/surface 1} is told by {@code /waxbell/lit/CUE} which cues play, at once and whenever that changes.
 */
@Component
class OscSurface implements OutcomeWatcher {
    /** How all of its addresses begin. */
    static final String PLACE = "/waxbell/";

    private static final String PRESS = PLACE + "press/";
    private static final String LIT = PLACE + "lit/";
    private final Inbox loop;
    private final WiringStore wiring;
    private final SystemClock clock;
    /** Which cue each ring that plays is of; only for the engine's thread. */
    private final Map<Long, String> playing = new HashMap<>();

    private volatile Set<String> lit = Set.of();
    private final Set<OscLink> told = new HashSet<>();

    OscSurface(Inbox loop, WiringStore wiring, SystemClock clock) {
        this.loop = loop;
        this.wiring = wiring;
        this.clock = clock;
    }

    /** A message of ours came. @param on whether its first number is more than nothing: what is let go is no press */
    void heard(OscLink from, String address, boolean on) {
        if (address.equals(PLACE + "surface")) {
            subscribe(from, on);
        } else if (on && address.equals(PLACE + "hush")) {
            loop.step(at -> new Step.Hush(at, by(from)));
        } else if (on && address.startsWith(PRESS)) {
            press(from, address.substring(PRESS.length()));
        }
    }

    /** Whoever presses there stands in the host's own room. */
    private static Actor by(OscLink from) {
        return new Actor(Origin.ROOM, from.id());
    }

    private void press(OscLink from, String cue) {
        wiring.current().wiring().cues().stream()
                .filter(each -> each.id().equals(cue))
                .findFirst()
                .flatMap(each -> HandPull.pressed(each, by(from)))
                .ifPresent(hand -> loop.step(at -> new Step.Happens(at, hand)));
    }

    private synchronized void subscribe(OscLink link, boolean on) {
        if (!on) {
            told.remove(link);
            return;
        }
        told.add(link);
        Set<String> now = lit;
        buttons().forEach(cue -> tell(link, cue, now.contains(cue)));
    }

    /** A link was closed. */
    synchronized void gone(OscLink link) {
        told.remove(link);
    }

    /** The cues that have a button. */
    private Set<String> buttons() {
        Set<String> all = new LinkedHashSet<>();
        wiring.current().wiring().cues().forEach(cue -> {
            if (HandPull.of(cue).isPresent()) {
                all.add(cue.id());
            }
        });
        return all;
    }

    private void tell(OscLink link, String cue, boolean on) {
        List<OscArgument> arguments = List.of(new OscArgument("int", on ? "1" : "0"));
        link.tell(new SendOsc("", clock.now(), link.id(), LIT + cue, arguments, false));
    }

    @Override
    public void left(Outcome outcome) {
        List<Ring> moved = outcome.now(Books.RINGS);
        if (moved.isEmpty()) {
            return;
        }
        for (Ring ring : moved) {
            if (ring.state() == RingState.PLAYING) {
                playing.put(ring.number(), ring.cueId());
            } else {
                playing.remove(ring.number());
            }
        }
        Set<String> before = lit;
        Set<String> now = Set.copyOf(playing.values());
        lit = now;
        synchronized (this) {
            for (OscLink link : told) {
                now.stream().filter(cue -> !before.contains(cue)).forEach(cue -> tell(link, cue, true));
                before.stream().filter(cue -> !now.contains(cue)).forEach(cue -> tell(link, cue, false));
            }
        }
    }
}
