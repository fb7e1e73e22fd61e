package org.waxbell.app.mixer;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.waxbell.actor.Actor;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.store.StateStore;
import org.waxbell.app.wiring.WiringChanged;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.Target;
import org.waxbell.mixer.MixerPicture;
import org.waxbell.rehearsal.Step;
import org.waxbell.score.SwitchPart;

/** Tells the engine how the mixer stands: the scene, the stream, and every other target that a cue switches. */
@Component
class MixerReports {
    private static final Target SCENE = new Target(Target.Kind.SCENE, "");
    private final Inbox loop;
    private final WiringStore wiring;
    private final StateStore state;
    private final Map<Target, String> told = new LinkedHashMap<>();
    private Set<Target> targets = Set.of();
    private long targetsOf;
    private MixerPicture last = MixerPicture.NONE;

    MixerReports(Inbox loop, WiringStore wiring, StateStore state) {
        this.loop = loop;
        this.wiring = wiring;
        this.state = state;
    }

    /** Another mixer may stand there from now on. */
    synchronized void forget() {
        told.clear();
        last = MixerPicture.NONE;
    }

    /** The target was asked to stand so; what it says on the way there is no news. */
    synchronized void expect(Target target, String value) {
        told.put(target, value);
    }

    /** @param decides whether its stream decides whether we are on air, even where it only tells that it does not stream */
    synchronized void joined(MixerPicture before, MixerPicture now, boolean decides) {
        boolean known = before.number() > 0;
        last = now;
        tell(now, known);
        if (now.streaming() != state.evening().onAir() && (decides || now.streaming() || known && before.streaming())) {
            loop.happen(Facts.air(Actor.MIXER, now.streaming()));
        }
    }

    synchronized void changed(MixerPicture before, MixerPicture now, boolean byUs) {
        last = now;
        tell(now, !byUs);
        if (before.streaming() != now.streaming()) {
            loop.happen(Facts.air(Actor.MIXER, now.streaming()));
        }
    }

    /** A target that a cue switches from now on is told too. */
    @EventListener
    public synchronized void wiringChanged(WiringChanged changed) {
        if (last.number() > 0) {
            tell(last, false);
        }
    }

    private void tell(MixerPicture now, boolean byHand) {
        for (Target target : wanted()) {
            String value = now.valueOf(target).orElse("");
            String before = told.put(target, value);
            if (!value.isEmpty() && !value.equals(before)) {
                // What was not told yet is how it stands, not something that a person did.
                Fact switched =
                        Facts.switched(byHand && before != null ? Actor.MIXER : Actor.link("mixer"), target, value);
                loop.step(at -> new Step.Happens(at, switched));
            }
        }
    }

    private Set<Target> wanted() {
        if (targetsOf != wiring.revision() || targets.isEmpty()) {
            Set<Target> all = new LinkedHashSet<>(Set.of(SCENE));
            wiring.current().wiring().cues().stream()
                    .flatMap(cue -> cue.takes().stream())
                    .flatMap(take -> take.score().parts().stream())
                    .forEach(part -> {
                        if (part instanceof SwitchPart change
                                && change.target().kind().ofMixer()) {
                            all.add(change.target());
                        }
                    });
            targets = all;
            targetsOf = wiring.revision();
        }
        return targets;
    }
}
