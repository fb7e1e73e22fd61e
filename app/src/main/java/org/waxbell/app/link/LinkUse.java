package org.waxbell.app.link;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.waxbell.app.wiring.WiringStore;
import org.waxbell.cue.AfterLinesPull;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.cue.EventPull;
import org.waxbell.cue.FirstLinePull;
import org.waxbell.cue.PatternPull;
import org.waxbell.cue.PhrasePull;
import org.waxbell.cue.PrivatePull;
import org.waxbell.gate.LinkGate;
import org.waxbell.link.LinkNeeds;

/** How many cues use which link. */
@Component
class LinkUse {
    /** What chats and channels send. */
    private static final Set<Class<?>> SENT = Set.of(
            ChatWordPull.class,
            PhrasePull.class,
            PatternPull.class,
            FirstLinePull.class,
            PrivatePull.class,
            EventPull.class,
            AfterLinesPull.class);

    private final WiringStore wiring;
    private final Map<String, Integer> named = new HashMap<>();
    private int hearsAll;
    private long countedOf;

    LinkUse(WiringStore wiring) {
        this.wiring = wiring;
    }

    /** How many cues use the link. @param kind its kind: chats and channels are heard by every cue that does not say otherwise */
    synchronized int of(String id, String kind) {
        if (countedOf != wiring.revision()) {
            count(wiring.current().wiring().cues());
            countedOf = wiring.revision();
        }
        boolean chat = kind.equals("channel") || kind.equals("irc");
        return named.getOrDefault(id, 0) + (chat ? hearsAll : 0);
    }

    private void count(List<Cue> cues) {
        named.clear();
        cues.forEach(cue -> LinkNeeds.of(cue).forEach(link -> named.merge(link, 1, Integer::sum)));
        hearsAll = (int) cues.stream().filter(LinkUse::hears).count();
    }

    /** Whether it hears every chat. */
    private static boolean hears(Cue cue) {
        return cue.gates().stream().noneMatch(LinkGate.class::isInstance)
                && cue.pulls().stream().anyMatch(pull -> SENT.contains(pull.getClass()));
    }
}
