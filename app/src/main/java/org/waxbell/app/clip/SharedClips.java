package org.waxbell.app.clip;

import java.util.concurrent.CompletableFuture;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;
import org.waxbell.app.address.ClipAddresses;
import org.waxbell.app.inbox.Inbox;
import org.waxbell.app.inbox.OutcomeWatcher;
import org.waxbell.app.store.ClipMapper;
import org.waxbell.app.store.ClipMapper.ClipRow;
import org.waxbell.engine.Outcome;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Facts;

/** A viewer who writes the address of a clip of the show into chat: an event of its own, so that points or thanks may follow. */
@Component
class SharedClips implements OutcomeWatcher {
    private static final Pattern ADDRESS =
            Pattern.compile("https?://[^\\s/]+" + ClipAddresses.PATH + "([A-Za-z0-9_-]{16,64})");
    private final ClipMapper clips;
    private final Inbox inbox;

    SharedClips(ClipMapper clips, Inbox inbox) {
        this.clips = clips;
        this.inbox = inbox;
    }

    @Override
    public void left(Outcome outcome) {
        outcome.decisions().forEach(decision -> {
            if (decision.event() instanceof ChatLine line) {
                Matcher found = ADDRESS.matcher(line.text());
                if (found.find()) {
                    String secret = found.group(1);
                    String address = found.group();
                    // What left must not wait for what is looked up.
                    CompletableFuture.runAsync(() -> share(line, secret, address));
                }
            }
        });
    }

    private void share(ChatLine line, String secret, String address) {
        ClipRow clip = clips.bySecret(secret);
        if (clip != null) {
            inbox.happen(Facts.CLIP_SHARED.from(line.from(), line.viewer(), clip.title(), clip.maker(), address));
        }
    }
}
