package org.waxbell.app.tls;

import java.math.BigInteger;
import java.security.SecureRandom;
import java.time.Instant;
import org.apache.catalina.connector.Connector;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;
import org.waxbell.app.clock.SystemClock;
import org.waxbell.app.config.DataFolder;
import org.waxbell.app.config.Options;
import org.waxbell.app.config.Reach;

/** Where the host wants it, other computers come in by a door of their own (TLS 1.2 and 1.3); programs of this computer keep theirs. */
@Component
class SecureDoor implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private static final int PASSWORD_BITS = 200;
    private final Reach reach;
    private final Options options;
    private final DataFolder folder;
    private final SystemClock clock;

    SecureDoor(Reach reach, Options options, DataFolder folder, SystemClock clock) {
        this.reach = reach;
        this.options = options;
        this.folder = folder;
        this.clock = clock;
    }

    @Override
    public void customize(TomcatServletWebServerFactory server) {
        if (reach.encrypted()) {
            server.addAdditionalConnectors(door());
        }
    }

    private Connector door() {
        String password = new BigInteger(PASSWORD_BITS, new SecureRandom()).toString(Character.MAX_RADIX);
        SSLHostConfig host = new SSLHostConfig();
        host.setProtocols("TLSv1.2+TLSv1.3");
        SSLHostConfigCertificate certificate =
                new SSLHostConfigCertificate(host, SSLHostConfigCertificate.Type.UNDEFINED);
        certificate.setCertificateKeystore(new Certificates(folder)
                .store(reach.names(), Instant.ofEpochMilli(clock.now()), password.toCharArray()));
        certificate.setCertificateKeystorePassword(password);
        certificate.setCertificateKeyPassword(password);
        host.addCertificate(certificate);
        Connector door = new Connector();
        door.setProperty("address", reach.listen());
        door.setPort(options.securePort());
        door.setScheme("https");
        door.setSecure(true);
        door.setProperty("SSLEnabled", "true");
        door.addSslHostConfig(host);
        return door;
    }
}
