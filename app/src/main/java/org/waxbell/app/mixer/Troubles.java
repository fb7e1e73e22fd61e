package org.waxbell.app.mixer;

import java.net.ConnectException;
import java.net.URI;
import java.net.http.HttpTimeoutException;
import java.net.http.WebSocketHandshakeException;
import java.nio.channels.UnresolvedAddressException;
import org.eclipse.lsp4j.jsonrpc.ResponseErrorException;
import org.waxbell.app.rpc.MixerCalls;
import org.waxbell.link.Trouble;
import org.waxbell.mixer.MixerPicture;

/** What went wrong with a mixer, as a sentence with its remedy. */
final class Troubles {
    private Troubles() {}

    static Trouble of(Throwable cause, URI address) {
        String where = address.getHost() + (address.getPort() > 0 ? ":" + address.getPort() : "");
        if (cause instanceof MixerSocket.Refused refused) {
            return refused.trouble();
        }
        if (cause instanceof ResponseErrorException error) {
            return refused(error);
        }
        if (cause instanceof UnresolvedAddressException || cause.getCause() instanceof UnresolvedAddressException) {
            return Trouble.passing(
                    "There is no computer called " + address.getHost() + ".",
                    "Look at the address, and whether that computer is on.");
        }
        if (cause instanceof ConnectException || cause instanceof HttpTimeoutException) {
            return Trouble.passing(
                    "Nothing answers at " + where + ".",
                    "Start the mixer, and look whether its address and port are these.");
        }
        if (cause instanceof WebSocketHandshakeException wrong) {
            return Trouble.passing(
                    "What answers at " + where + " is no mixer (it said "
                            + wrong.getResponse().statusCode() + ").",
                    "Look at the address, its path too.");
        }
        return Trouble.passing(
                "The mixer at " + where + " could not be used: " + cause.getMessage() + ".",
                "It is tried again by itself.");
    }

    private static Trouble refused(ResponseErrorException error) {
        int code = error.getResponseError().getCode();
        String says = error.getResponseError().getMessage();
        if (code == MixerCalls.NOT_PROVED) {
            return Trouble.lasting(
                    "The mixer did not accept the password.",
                    "Write the mixer's password into the settings of this link.");
        }
        if (code == MixerCalls.NO_SUCH_VERSION) {
            return Trouble.lasting(
                    "The mixer does not speak version " + MixerCalls.VERSION + " of the protocol: " + says + ".",
                    "Bring the older of the two up to date.");
        }
        return Trouble.passing("The mixer refused: " + says + ".", "Look into the mixer; it is tried again by itself.");
    }

    /** What differs most between two pictures, in few words. */
    static String difference(MixerPicture before, MixerPicture now) {
        if (!before.current().equals(now.current())) {
            return "scene " + now.programme();
        }
        if (before.streaming() != now.streaming()) {
            return now.streaming() ? "the stream started" : "the stream ended";
        }
        if (before.recording() != now.recording()) {
            return now.recording() ? "recording" : "no longer recording";
        }
        return now.sources().stream()
                .filter(source -> !source.equals(before.source(source.id()).orElse(null)))
                .findFirst()
                .map(source -> "source " + source.name() + " changed")
                .orElse("a scene was arranged anew");
    }
}
