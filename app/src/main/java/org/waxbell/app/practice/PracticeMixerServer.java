package org.waxbell.app.practice;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.web.socket.CloseStatus;
import org.springframework.web.socket.TextMessage;
import org.springframework.web.socket.WebSocketHandler;
import org.springframework.web.socket.WebSocketSession;
import org.springframework.web.socket.handler.TextWebSocketHandler;
import org.waxbell.app.rpc.PracticeDoor;
import org.waxbell.app.security.KeyRing;
import org.waxbell.app.socket.Outbox;
import org.waxbell.app.socket.Outboxes;
import org.waxbell.app.socket.Served;

/** The socket at which others link to the practice mixer, as they would to any other mixer. */
@Component
public class PracticeMixerServer extends TextWebSocketHandler implements Served {
    private static final Logger LOG = LoggerFactory.getLogger(PracticeMixerServer.class);
    private final Map<String, PracticeGuest> guests = new ConcurrentHashMap<>();
    private final PracticeMixer mixer;
    private final PracticeRecorder recorder;
    private final KeyRing ring;
    private final Outboxes outboxes;

    PracticeMixerServer(PracticeMixer mixer, PracticeRecorder recorder, KeyRing ring, Outboxes outboxes) {
        this.recorder = recorder;
        this.mixer = mixer;
        this.ring = ring;
        this.outboxes = outboxes;
    }

    /** Its password, which its page shows to who wants to link to it from elsewhere. */
    public String password() {
        return ring.key(PracticeDoor.PASSWORD);
    }

    @Override
    public void afterConnectionEstablished(WebSocketSession session) {
        Outbox outbox = outboxes.of(session);
        guests.put(session.getId(), new PracticeGuest(mixer, recorder, password(), outbox));
    }

    @Override
    public void afterConnectionClosed(WebSocketSession session, CloseStatus status) {
        PracticeGuest guest = guests.remove(session.getId());
        if (guest != null) {
            mixer.leave(guest);
        }
    }

    @Override
    protected void handleTextMessage(WebSocketSession session, TextMessage message) {
        PracticeGuest guest = guests.get(session.getId());
        try {
            if (guest != null) {
                guest.take(message.getPayload());
            }
        } catch (IllegalArgumentException nonsense) {
            LOG.warn("Somebody linked to the practice mixer and said what is no message: {}", nonsense.getMessage());
            guest.dismiss();
        }
    }

    @Override
    public String address() {
        return PracticeDoor.PATH;
    }

    @Override
    public WebSocketHandler socket() {
        return this;
    }
}
