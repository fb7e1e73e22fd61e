package org.waxbell.app.socket;

import org.springframework.web.socket.WebSocketHandler;

/** A socket that pages or programs may open; whatever is one is found by itself. */
public interface Served {
    /** Where it is opened, such as {@code /ws/live}. */
    String address();

    /** What answers there. */
    WebSocketHandler socket();
}
