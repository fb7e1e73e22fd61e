package org.waxbell.app.irc;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.kitteh.irc.client.library.event.connection.ClientConnectionClosedEvent;
import org.kitteh.irc.client.library.event.connection.ClientConnectionEndedEvent;
import org.waxbell.app.link.Reaching;
import org.waxbell.link.IrcSettings;
import org.waxbell.link.Trouble;

/** What went wrong with a chat, as a sentence with its remedy. */
final class IrcTroubles {
    private IrcTroubles() {}

    static Trouble of(IrcSettings settings, @Nullable Throwable cause, ClientConnectionEndedEvent event) {
        String where = settings.host() + ":" + settings.port();
        Optional<Trouble> ofNetwork = Reaching.trouble(cause, settings.host(), where);
        if (ofNetwork.isPresent()) {
            return ofNetwork.get();
        }
        if (event instanceof ClientConnectionClosedEvent closed) {
            String last = closed.getLastMessage().orElse("");
            return Trouble.passing(
                    "The server closed the connection"
                            + (last.startsWith("ERROR")
                                    ? ": " + last.substring(5).replaceFirst("^ :?", "")
                                    : "") + ".",
                    "It is tried again by itself.");
        }
        return Trouble.passing(
                "The connection to " + where + " could not be made"
                        + (cause == null || cause.getMessage() == null ? "" : ": " + cause.getMessage()) + ".",
                "It is tried again by itself.");
    }
}
