package org.waxbell.app.outside;

import static org.awaitility.Awaitility.await;

import com.hivemq.client.mqtt.mqtt5.Mqtt5BlockingClient;
import com.hivemq.client.mqtt.mqtt5.Mqtt5Client;
import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;

/** A real broker of MQTT 5 from Debian's packages, started for a test in a folder of its own, with a password and with TLS. */
public final class RealBroker implements AutoCloseable {
    /** Who may come in. */
    public static final String USER = "waxbell";
    /** With that password. */
    public static final String PASSWORD = "dips-at-dusk";

    private static final Duration PATIENCE = Duration.ofSeconds(60);
    private static final String CONFIG = """
            user root
            listener %1$d 127.0.0.1
            listener %2$d 127.0.0.1
            certfile %3$s/certificate.pem
            keyfile %3$s/key.pem
            allow_anonymous false
            password_file %3$s/passwords
            persistence false
            set_tcp_nodelay true
            log_dest file %3$s/broker.log
            """;
    private final int port = RealIrc.freePort();
    private final int tlsPort = RealIrc.freePort();
    private final String certificate;
    private final Process broker;

    /** Starts it and returns when it listens. */
    public RealBroker(Path folder) {
        try {
            Files.createDirectories(folder);
            certificate = OwnCertificate.in(folder);
            run(
                    program("mosquitto_passwd"),
                    "-b",
                    "-c",
                    folder.resolve("passwords").toString(),
                    USER,
                    PASSWORD);
            Path config = folder.resolve("broker.conf");
            Files.writeString(config, CONFIG.formatted(port, tlsPort, folder));
            broker = new ProcessBuilder(program("mosquitto"), "-c", config.toString())
                    .redirectErrorStream(true)
                    .redirectOutput(folder.resolve("broker.out").toFile())
                    .start();
        } catch (IOException | InterruptedException broken) {
            throw new IllegalStateException(broken);
        }
        await("the broker listens").atMost(PATIENCE).until(() -> listens(port) && listens(tlsPort));
    }

    private static String program(String name) {
        return List.of("/usr/sbin/" + name, "/usr/bin/" + name).stream()
                .filter(each -> Files.isExecutable(Path.of(each)))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException(
                        name + " is missing; ./waxbell test installs it: apt-get install mosquitto"));
    }

    private static void run(String... command) throws IOException, InterruptedException {
        if (new ProcessBuilder(command).inheritIO().start().waitFor() != 0) {
            throw new IllegalStateException("failed: " + String.join(" ", command));
        }
    }

    private static boolean listens(int port) {
        try (Socket socket = new Socket("127.0.0.1", port)) {
            return socket.isConnected();
        } catch (IOException notYet) {
            return false;
        }
    }

    /** Where it listens in clear. */
    public int port() {
        return port;
    }

    /** Where it listens encrypted. */
    public int tlsPort() {
        return tlsPort;
    }

    /** Its own certificate, as PEM. */
    public String certificate() {
        return certificate;
    }

    /** Another program at the broker. */
    public Mqtt5BlockingClient client() {
        Mqtt5BlockingClient client = Mqtt5Client.builder()
                .serverHost("127.0.0.1")
                .serverPort(port)
                .simpleAuth()
                .username(USER)
                .password(PASSWORD.getBytes(StandardCharsets.UTF_8))
                .applySimpleAuth()
                .buildBlocking();
        client.connect();
        return client;
    }

    @Override
    public void close() {
        broker.destroy();
    }
}
