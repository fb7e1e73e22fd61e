package org.waxbell.app.rest;

import java.util.concurrent.CompletableFuture;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.waxbell.actor.Actor;
import org.waxbell.app.clip.ClipDesk;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.json.Refused;
import org.waxbell.app.live.Notices;
import org.waxbell.app.live.Notices.DecisionNotice;
import org.waxbell.app.security.Helpers;
import org.waxbell.event.ChatText;
import org.waxbell.event.Facts;

/** Marks by hand, from whichever page: a moment of the show that is worth finding again. */
@RestController
@RequestMapping("/api/marks")
class MarkController {
    private static final int LONGEST = 200;
    /** Whoever writes what it was may take so long for it, in milliseconds. */
    private static final long BACK = 600_000;

    private final ClipDesk clips;
    private final Inbox loop;
    private final Notices notices;
    private final SystemClock clock;
    private final Helpers helpers;

    MarkController(ClipDesk clips, Inbox loop, Notices notices, SystemClock clock, Helpers helpers) {
        this.clips = clips;
        this.loop = loop;
        this.notices = notices;
        this.clock = clock;
        this.helpers = helpers;
    }

    /** A moment. @param at milliseconds since 1970 UTC, 0 for now @param words what it was, empty text for a mark and no more */
    record MomentMarked(long at, String words) {}

    @PostMapping
    CompletableFuture<DecisionNotice> mark(@RequestBody MomentMarked wanted, Actor by) {
        String words = ChatText.line(wanted.words());
        if (words.length() > LONGEST) {
            throw new Refused(
                    "words",
                    words,
                    "The words are too long: " + words.length() + " characters.",
                    "Write up to " + LONGEST + " characters.");
        }
        long now = clock.now();
        if (wanted.at() != 0 && (wanted.at() < now - BACK || wanted.at() > now + BACK)) {
            throw new Refused(
                    "at",
                    Long.toString(wanted.at()),
                    "That moment is not of now.",
                    "Mark it within ten minutes, or leave out when it was.");
        }
        long at = wanted.at() == 0 ? now : Math.min(now, wanted.at());
        String who = helpers.asking(by).map(each -> each.name()).orElse("");
        return loop.happen(Facts.MARKED.by(by, words)).thenApply(outcome -> {
            clips.mark(at, words, who);
            return notices.of(outcome);
        });
    }
}
