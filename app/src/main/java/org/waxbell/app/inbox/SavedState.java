package org.waxbell.app.inbox;

import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;

/** Whether what happens is being kept; tells those who watch when that changes. */
@Component
public class SavedState {
    private final List<Consumer<Saved>> watchers = new CopyOnWriteArrayList<>();
    private volatile Saved now = new Saved(true, "");

    /** @param why what the store said, empty text where all is kept */
    public record Saved(boolean ok, String why) {}

    /** How it stands now. */
    public Saved now() {
        return now;
    }

    /** Calls {@code watcher} on every change. */
    public void watch(Consumer<Saved> watcher) {
        watchers.add(watcher);
    }

    /** It stands so from now on; those who watch are told where that is other than before. */
    public void become(boolean ok, String why) {
        if (now.ok() != ok || !now.why().equals(why)) {
            now = new Saved(ok, why);
            watchers.forEach(watcher -> watcher.accept(now));
        }
    }
}
