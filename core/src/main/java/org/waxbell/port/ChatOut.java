package org.waxbell.port;

import org.waxbell.directive.SayInChat;

/** Port: writes lines into the chat of a link. */
public interface ChatOut extends Carrier<SayInChat> {
    /** Whether it writes to that link, such as {@code practice} or {@code tower/#bench}. */
    boolean reaches(String link);

    /** Writes the line as the helper; it must not block. A line that cannot be sent is reported as a failure of its part. */
    void say(SayInChat line);

    @Override
    default Class<SayInChat> takes() {
        return SayInChat.class;
    }

    @Override
    default boolean reaches(SayInChat line) {
        return reaches(line.link());
    }

    @Override
    default void carry(SayInChat line) {
        say(line);
    }
}
