package org.waxbell.app.socket;

import jakarta.annotation.PreDestroy;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.springframework.stereotype.Component;
import org.springframework.web.socket.WebSocketSession;

/** Makes outboxes that share a few sending threads. */
@Component
public class Outboxes {
    private final ExecutorService senders = Executors.newCachedThreadPool(work -> {
        Thread thread = new Thread(work, "sender");
        thread.setDaemon(true);
        return thread;
    });

    /** The way out to the page of {@code session}. */
    public Outbox of(WebSocketSession session) {
        return new Outbox(session, senders);
    }

    @PreDestroy
    void stop() {
        senders.shutdown();
    }
}
