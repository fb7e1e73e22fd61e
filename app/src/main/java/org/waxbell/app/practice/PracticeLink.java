package org.waxbell.app.practice;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.link.FixedLink;
import org.waxbell.app.link.LinkView.LinkFact;
import org.waxbell.app.store.HelperName;
import org.waxbell.link.LinkState;

/** The practice channel as a link: always up, for it is part of this program. */
final class PracticeLink implements FixedLink {
    private final Inbox loop;
    private final LinkState state;
    private final HelperName helper;

    PracticeLink(Inbox loop, SystemClock clock, HelperName helper) {
        this.helper = helper;
        this.loop = loop;
        this.state = LinkState.NEW.up(clock.now());
    }

    @Override
    public String id() {
        return PracticeChannel.LINK;
    }

    @Override
    public String kind() {
        return "channel";
    }

    @Override
    public String name() {
        return "Practice channel";
    }

    @Override
    public LinkState state() {
        return state;
    }

    @Override
    public List<LinkFact> facts() {
        return List.of(
                LinkFact.of("Answers", "written by " + helper.get()),
                LinkFact.of("Reaches", "nobody outside this machine"));
    }

    @Override
    public CompletableFuture<String> test() {
        long sent = System.nanoTime();
        return loop.submit((engine, at) -> engine.wake(at))
                .thenApply(done -> "The engine took it in and gave it back in "
                        + Math.round((System.nanoTime() - sent) / 1e5) / 10.0 + " ms.");
    }
}
