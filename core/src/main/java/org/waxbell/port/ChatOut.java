package org.waxbell.port;

import org.waxbell.directive.SayInChat;

/** Port: writes lines into the chat of one link. */
public interface ChatOut {
    /** The link it writes to, such as {@code practice}. */
    String link();

    /** Writes the line as the helper; it must not block. */
    void say(SayInChat line);
}
