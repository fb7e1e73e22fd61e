package org.waxbell.app.mixer;

import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;

/** Names for requests that no other request has, ever, and by which our own are known again. */
final class Onces {
    private static final String OURS = "waxbell-" + UUID.randomUUID() + "-";
    private static final AtomicLong NEXT = new AtomicLong();

    private Onces() {
    }

    static String next() {
        return OURS + NEXT.incrementAndGet();
    }

    static boolean ours(String by) {
        return by != null && by.startsWith(OURS);
    }
}
