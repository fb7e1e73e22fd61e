package org.waxbell.app.link;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.ConnectException;
import java.net.NoRouteToHostException;
import java.net.UnknownHostException;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.cert.Certificate;
import java.security.cert.CertificateFactory;
import java.util.Optional;
import javax.net.ssl.SSLException;
import javax.net.ssl.TrustManagerFactory;
import org.jspecify.annotations.Nullable;
import org.waxbell.link.Trouble;

/** What is the same for every link that reaches another computer. */
public final class Reaching {
    private Reaching() {}

    /** Why another computer could not be reached, where that is the network's; empty where it is something else. @param where host and port */
    public static Optional<Trouble> trouble(@Nullable Throwable failed, String host, String where) {
        for (Throwable each = failed; each != null; each = each.getCause()) {
            if (each instanceof UnknownHostException) {
                return Optional.of(Trouble.passing(
                        "There is no computer called " + host + ".",
                        "Look at the address, and whether this computer is on the network."));
            }
            if (each instanceof ConnectException || each instanceof NoRouteToHostException) {
                return Optional.of(Trouble.passing(
                        "Nothing answers at " + where + ".",
                        "Look whether address and port are these; it is tried again by itself."));
            }
            if (each instanceof SSLException) {
                return Optional.of(
                        Trouble.passing(
                                "No safe connection to " + where + ": " + each.getMessage() + ".",
                                "Look whether that port speaks TLS; where the server has a certificate of its own, put it into the settings."));
            }
        }
        return Optional.empty();
    }

    /** Trusts those certificates alone. Throws {@link IllegalArgumentException} where they cannot be read. @param pem one or several, as PEM */
    public static TrustManagerFactory trusting(String pem) {
        try {
            KeyStore store = KeyStore.getInstance(KeyStore.getDefaultType());
            store.load(null, null);
            int number = 0;
            for (Certificate each : CertificateFactory.getInstance("X.509")
                    .generateCertificates(new ByteArrayInputStream(pem.getBytes(StandardCharsets.UTF_8)))) {
                store.setCertificateEntry("server-" + number++, each);
            }
            TrustManagerFactory factory = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
            factory.init(store);
            return factory;
        } catch (GeneralSecurityException | IOException unreadable) {
            throw new IllegalArgumentException(
                    "The certificate cannot be read: " + unreadable.getMessage(), unreadable);
        }
    }
}
