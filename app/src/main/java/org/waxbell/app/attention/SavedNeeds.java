package org.waxbell.app.attention;

import java.util.List;
import org.springframework.stereotype.Component;
import org.waxbell.app.inbox.SavedState;
import org.waxbell.evening.Soon;

/** That what is decided cannot be kept. */
@Component
class SavedNeeds implements NeedSource {
    private final SavedState saved;

    SavedNeeds(SavedState saved) {
        this.saved = saved;
    }

    @Override
    public List<Need> needs() {
        SavedState.Saved now = saved.now();
        return now.ok()
                ? List.of()
                : List.of(new Need(
                        "saved",
                        Soon.NOW,
                        "",
                        "What happens is not kept: " + now.why() + ". It is tried again every second.",
                        0,
                        "/links",
                        List.of()));
    }
}
