package org.waxbell.app.link;

import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import org.waxbell.app.link.LinkView.LinkFact;

/** One connection to the outside, made of its settings; it lives until it is closed. */
public interface Link extends AutoCloseable {
    /** Connects, and goes on trying. */
    void open();

    /** Lets go; nothing of it is told any more. */
    @Override
    void close();

    /** Tries it for real; what came of it as a sentence, or a failure that says why not. */
    CompletableFuture<String> test();

    /** What is known of it beside its state, by short names in a fixed order, such as who is signed in. */
    List<LinkFact> facts();

    /** Secrets by name. */
    record Secrets(Map<String, String> byName) {
        /** The secret of that name, empty text where there is none. */
        public String get(String name) {
            return byName.getOrDefault(name, "");
        }

        @Override
        public String toString() {
            return "secrets " + byName.keySet();
        }
    }
}
