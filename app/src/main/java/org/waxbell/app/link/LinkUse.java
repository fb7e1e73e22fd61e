package org.waxbell.app.link;

import java.util.List;
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
    private static final Set<Class<?>> SENT = Set.of(ChatWordPull.class, PhrasePull.class, PatternPull.class, FirstLinePull.class, PrivatePull.class,
            EventPull.class, AfterLinesPull.class);
    private final WiringStore wiring;

    LinkUse(WiringStore wiring) {
        this.wiring = wiring;
    }

    int of(String id, String kind) {
        List<Cue> cues = wiring.current().wiring().cues();
        boolean chat = kind.equals("channel") || kind.equals("irc");
        return (int) cues.stream().filter(cue -> LinkNeeds.of(cue).contains(id) || chat && hears(cue)).count();
    }

    /** Whether it hears every chat. */
    private static boolean hears(Cue cue) {
        return cue.gates().stream().noneMatch(LinkGate.class::isInstance) && cue.pulls().stream().anyMatch(pull -> SENT.contains(pull.getClass()));
    }
}
