package org.waxbell.app.socket;

import java.io.IOException;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicInteger;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.web.socket.CloseStatus;
import org.springframework.web.socket.TextMessage;
import org.springframework.web.socket.WebSocketSession;

/** The way out to one page: whoever posts never waits for it, and a page that falls far behind is let go to come again. */
public final class Outbox {
    private static final Logger LOG = LoggerFactory.getLogger(Outbox.class);
    private static final int MOST_WAITING = 2_000;
    private final WebSocketSession session;
    private final Executor senders;
    private final Queue<String> waiting = new ConcurrentLinkedQueue<>();
    private final AtomicInteger count = new AtomicInteger();

    Outbox(WebSocketSession session, Executor senders) {
        this.session = session;
        this.senders = senders;
    }

    /** Which session it is. */
    public String id() {
        return session.getId();
    }

    /** Sends {@code message} as soon as those before it are sent. */
    public void post(String message) {
        if (count.get() > MOST_WAITING) {
            close(CloseStatus.SESSION_NOT_RELIABLE);
            return;
        }
        waiting.add(message);
        if (count.getAndIncrement() == 0) {
            senders.execute(this::drain);
        }
    }

    private void drain() {
        do {
            String message = waiting.poll();
            try {
                if (message != null && session.isOpen()) {
                    session.sendMessage(new TextMessage(message));
                }
            } catch (IOException | IllegalStateException gone) {
                LOG.debug("A page went away: {}", gone.getMessage());
            }
        } while (count.decrementAndGet() > 0);
    }

    /** Ends the connection. */
    public void close(CloseStatus status) {
        try {
            session.close(status);
        } catch (IOException gone) {
            LOG.debug("A page was gone already: {}", gone.getMessage());
        }
    }
}
