package org.waxbell.app.osc;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.waxbell.actor.Actor;
import org.waxbell.app.inbox.Carriers;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.link.Causes;
import org.waxbell.app.link.Link;
import org.waxbell.app.link.LinkLife;
import org.waxbell.app.link.LinkMaker;
import org.waxbell.app.link.OpenLinks;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.cue.OscPull;
import org.waxbell.directive.SendOsc;
import org.waxbell.engine.Completion;
import org.waxbell.event.ChatText;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.kind.Kind;
import org.waxbell.link.OscSettings;
import org.waxbell.port.Carrier;
import org.waxbell.rehearsal.Step;

/** Tells desks what cues want, and the engine what desks send, as far as a cue waits for it. */
@Component
final class OscDesk implements Carriers, LinkMaker<OscSettings>, OscLink.Ear {
    private static final int MOST_ADDRESSES = 1_000;
    private final Inbox loop;
    private final WiringStore wiring;
    private final OscSurface surface;
    private final OpenLinks<OscLink> links = new OpenLinks<>();
    private final Map<String, Long> last = new HashMap<>();
    private Set<String> awaited = Set.of();
    private long awaitedOf = -1;

    OscDesk(Inbox loop, WiringStore wiring, OscSurface surface) {
        this.surface = surface;
        this.loop = loop;
        this.wiring = wiring;
    }

    @Override
    public Kind<OscSettings> kind() {
        return OscSettings.KIND;
    }

    @Override
    public boolean several() {
        return true;
    }

    @Override
    public Link make(String id, OscSettings settings, Link.Secrets secrets, LinkLife life) {
        return links.add(id, new OscLink(id, settings, life, this));
    }

    @Override
    public List<Carrier<?>> carriers() {
        return List.of(links.carrier(SendOsc.class, SendOsc::link, this::tell));
    }

    private void tell(OscLink link, SendOsc send) {
        if (!link.isUp()) {
            loop.completed(send.partRun(), Completion.failed(link.refusal()));
            return;
        }
        link.tell(send).whenComplete((done, failed) -> {
            if (failed != null) {
                loop.completed(send.partRun(), Completion.failed(Causes.words(failed)));
            }
        });
    }

    @Override
    public void heard(OscLink from, OscWire.Heard message) {
        if (message.address().startsWith(OscSurface.PLACE)) {
            surface.heard(from, message.address(), number(message) > 0);
        }
        if (!awaited().contains(message.address())) {
            return;
        }
        Map<String, String> with = new TreeMap<>();
        for (int i = 1; i <= OscPull.ARGUMENTS; i++) {
            Object argument =
                    i <= message.arguments().size() ? message.arguments().get(i - 1) : "";
            with.put("osc" + i, ChatText.bounded(String.valueOf(argument)));
        }
        long now = number(message);
        long before;
        synchronized (last) {
            if (last.size() >= MOST_ADDRESSES) {
                last.clear();
            }
            Long known = last.put(from.id() + message.address(), now);
            // What was not heard before came from below every mark.
            before = known == null ? Long.MIN_VALUE / 2 : known;
        }
        Fact fact = Facts.OSC_HEARD.by(Actor.link(from.id()), message.address(), with, before, now);
        loop.step(at -> new Step.Happens(at, fact));
    }

    /** The addresses for which cues wait: a fader sends hundreds of messages, and the wiring changes seldom. */
    private synchronized Set<String> awaited() {
        if (awaitedOf != wiring.revision()) {
            awaitedOf = wiring.revision();
            awaited = wiring.current().wiring().cues().stream()
                    .flatMap(cue -> cue.pulls().stream())
                    .filter(OscPull.class::isInstance)
                    .map(pull -> ((OscPull) pull).address())
                    .collect(Collectors.toSet());
        }
        return awaited;
    }

    @Override
    public void gone(OscLink link) {
        links.remove(link.id(), link);
        surface.gone(link);
    }

    private static long number(OscWire.Heard message) {
        Object first =
                message.arguments().isEmpty() ? null : message.arguments().get(0);
        return first instanceof Number number
                ? Facts.thousandths(number.doubleValue())
                : Boolean.TRUE.equals(first) ? Facts.thousandths(1) : 0;
    }
}
