package org.waxbell.app.rest;

import java.util.concurrent.CompletableFuture;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.actor.Actor;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.json.Refused;
import org.waxbell.app.live.Notices;
import org.waxbell.app.live.Notices.DecisionNotice;
import org.waxbell.check.Problems;
import org.waxbell.clip.HandMark;

/** Marks by hand, from whichever page: a moment of the show that is worth finding again. */
@RestController
@RequestMapping("/api/marks")
class MarkController {
    private final Inbox loop;
    private final Notices notices;
    private final SystemClock clock;

    MarkController(Inbox loop, Notices notices, SystemClock clock) {
        this.loop = loop;
        this.notices = notices;
        this.clock = clock;
    }

    @PostMapping
    CompletableFuture<DecisionNotice> mark(@RequestBody HandMark wanted, Actor by) {
        long now = clock.now();
        Problems problems = new Problems();
        wanted.check(problems, now);
        if (!problems.found().isEmpty()) {
            throw new Refused(problems.found());
        }
        return loop.happen(wanted.by(by, now)).thenApply(notices::of);
    }
}
