package org.waxbell.app.live;

import java.security.Principal;
import java.util.function.Predicate;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import org.springframework.web.socket.WebSocketHandler;
import org.waxbell.app.json.Documents;
import org.waxbell.app.socket.Outboxes;
import org.waxbell.app.socket.Served;
import org.waxbell.app.socket.Topic;

/** The socket on which consoles listen; each topic tells on it by itself. */
@Component
public class LiveSocket implements Served {
    private final Topic topic;

    /** Says how things stand to a console that joins. */
    interface Start {
        /** How they stand. */
        Object standing();
    }

    LiveSocket(Outboxes outboxes, Documents json, ObjectProvider<Start> start) {
        this.topic = new Topic(outboxes, json, () -> start.getObject().standing());
    }

    /** Tells all of them. */
    public void tell(String type, Object body) {
        topic.tell(type, body);
    }

    /** Ends the connection of some of those who listen. @param whom by who they came as */
    void drop(Predicate<Principal> whom) {
        topic.drop(whom);
    }

    /** Whether any console listens, so that what nobody hears need not be put together. */
    boolean isHeard() {
        return topic.isHeard();
    }

    @Override
    public String address() {
        return "/ws/live";
    }

    @Override
    public WebSocketHandler socket() {
        return topic;
    }
}
