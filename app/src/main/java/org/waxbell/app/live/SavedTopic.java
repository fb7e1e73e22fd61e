package org.waxbell.app.live;

import org.springframework.stereotype.Component;
import org.waxbell.app.inbox.SavedState;

/** Tells consoles whether what happens is being kept. */
@Component
class SavedTopic {
    SavedTopic(LiveSocket live, SavedState saved) {
        saved.watch(now -> live.tell("saved", now));
    }
}
