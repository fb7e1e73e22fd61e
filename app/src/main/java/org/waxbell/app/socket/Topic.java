package org.waxbell.app.socket;

import java.io.IOException;
import java.security.Principal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.web.socket.CloseStatus;
import org.springframework.web.socket.WebSocketSession;
import org.springframework.web.socket.handler.TextWebSocketHandler;
import org.waxbell.app.json.Documents;

/** A socket on which pages only listen: first how things stand, then every change. */
public final class Topic extends TextWebSocketHandler {
    private final Map<String, Listener> listeners = new ConcurrentHashMap<>();
    private final Map<String, WebSocketSession> sessions = new ConcurrentHashMap<>();
    private final Outboxes outboxes;
    private final Documents json;
    private final Supplier<Object> standing;

    /** @param standing what a page that joins is told first */
    public Topic(Outboxes outboxes, Documents json, Supplier<Object> standing) {
        this.outboxes = outboxes;
        this.json = json;
        this.standing = standing;
    }

    /** What a page is told. */
    public record Message(String type, Object body) {}

    /** Whether any page listens. */
    public boolean isHeard() {
        return !listeners.isEmpty();
    }

    /** Tells every page that listens. */
    public void tell(String type, Object body) {
        if (!listeners.isEmpty()) {
            String text = json.write(new Message(type, body));
            listeners.values().forEach(each -> each.hear(text));
        }
    }

    /** Ends the connection of some of those who listen; whoever still may comes again by themselves. @param whom by who they came as */
    public void drop(Predicate<Principal> whom) {
        sessions.values().forEach(session -> {
            Principal who = session.getPrincipal();
            if (who != null && whom.test(who)) {
                try {
                    session.close(CloseStatus.SERVICE_RESTARTED);
                } catch (IOException gone) {
                    sessions.remove(session.getId());
                }
            }
        });
    }

    @Override
    public void afterConnectionEstablished(WebSocketSession session) {
        Listener listener = new Listener(outboxes.of(session));
        // Listening before asking how things stand: a change between the two comes twice rather than never.
        listeners.put(session.getId(), listener);
        sessions.put(session.getId(), session);
        listener.begin(json.write(new Message("standing", standing.get())));
    }

    /** A page that listens. News that come while it is being told how things stand come behind that, else they would be forgotten by it. */
    private static final class Listener {
        private final Outbox outbox;
        private @Nullable List<String> meanwhile = new ArrayList<>();

        Listener(Outbox outbox) {
            this.outbox = outbox;
        }

        synchronized void hear(String text) {
            if (meanwhile == null) {
                outbox.post(text);
            } else {
                meanwhile.add(text);
            }
        }

        synchronized void begin(String standing) {
            List<String> waiting = meanwhile == null ? List.of() : meanwhile;
            meanwhile = null;
            outbox.post(standing);
            waiting.forEach(outbox::post);
        }
    }

    @Override
    public void afterConnectionClosed(WebSocketSession session, CloseStatus status) {
        listeners.remove(session.getId());
        sessions.remove(session.getId());
    }
}
