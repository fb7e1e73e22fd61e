package org.waxbell.app.irc;

import java.net.ConnectException;
import java.net.UnknownHostException;
import javax.net.ssl.SSLException;
import org.jspecify.annotations.Nullable;
import org.kitteh.irc.client.library.event.connection.ClientConnectionClosedEvent;
import org.kitteh.irc.client.library.event.connection.ClientConnectionEndedEvent;
import org.waxbell.link.IrcSettings;
import org.waxbell.link.Trouble;

/** What went wrong with a chat, as a sentence with its remedy. */
final class IrcTroubles {
    private IrcTroubles() {}

    static Trouble of(IrcSettings settings, @Nullable Throwable cause, ClientConnectionEndedEvent event) {
        String where = settings.host() + ":" + settings.port();
        for (Throwable each = cause; each != null; each = each.getCause()) {
            if (each instanceof UnknownHostException) {
                return Trouble.passing(
                        "There is no computer called " + settings.host() + ".",
                        "Look at the address, and whether this computer is on the network.");
            }
            if (each instanceof ConnectException) {
                return Trouble.passing(
                        "Nothing answers at " + where + ".",
                        "Look whether address and port are these; it is tried again by itself.");
            }
            if (each instanceof SSLException) {
                return Trouble.passing(
                        "No safe connection to " + where + ": " + each.getMessage() + ".",
                        "Look whether that port speaks TLS; where the server has a certificate of its own, put it into the settings.");
            }
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
