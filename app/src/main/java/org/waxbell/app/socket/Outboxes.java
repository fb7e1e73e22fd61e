package org.waxbell.app.socket;

import jakarta.annotation.PreDestroy;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.SynchronousQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.springframework.stereotype.Component;
import org.springframework.web.socket.WebSocketSession;
import org.waxbell.app.thread.Daemons;

/** Makes outboxes that share a few sending threads. */
@Component
public class Outboxes {
    private static final int IDLE_SECONDS = 60;
    /** Pages that go away while the program ends have nothing more to be told. */
    private final ExecutorService senders = new ThreadPoolExecutor(
            0,
            Integer.MAX_VALUE,
            IDLE_SECONDS,
            TimeUnit.SECONDS,
            new SynchronousQueue<>(),
            Daemons.named("sender"),
            new ThreadPoolExecutor.DiscardPolicy());

    /** The way out to the page of {@code session}. */
    public Outbox of(WebSocketSession session) {
        return new Outbox(session, senders);
    }

    @PreDestroy
    void stop() {
        senders.shutdown();
    }
}
