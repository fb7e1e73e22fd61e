package org.waxbell.app.outside;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** A real IRC server with services for accounts, from Debian's packages, started for a test in a folder of its own. */
public final class RealIrc implements AutoCloseable {
    private static final Duration PATIENCE = Duration.ofSeconds(60);
    private static final String SERVER = """
            <server name="irc.saltmarsh.test" description="test" network="Saltmarsh">
            <admin name="test" email="test@example.test">
            <bind address="127.0.0.1" port="%1$d" type="clients">
            <bind address="127.0.0.1" port="%2$d" type="servers">
            <bind address="127.0.0.1" port="%4$d" type="clients" sslprofile="own">
            <module name="ssl_gnutls"><sslprofile name="own" provider="gnutls" certfile="%3$s/certificate.pem" keyfile="%3$s/key.pem">
            <connect allow="*" timeout="20" pingfreq="120" hardsendq="8388608" softsendq="8388608" recvq="8388608" threshold="1000000" commandrate="1000000000" fakelag="no" localmax="5000" globalmax="5000" maxchans="50" resolvehostnames="no" useident="no">
            <performance softlimit="4000" somaxconn="256" quietbursts="yes" clonesonconnect="no">
            <options defaultmodes="not">
            <log method="file" type="*" level="default" target="%3$s/ircd.log">
            <pid file="%3$s/ircd.pid">
            <path configdir="%3$s" datadir="%3$s" logdir="%3$s" runtimedir="%3$s">
            <module name="cap"><module name="sasl"><module name="ircv3"><module name="ircv3_accounttag"><module name="ircv3_servertime"><module name="ircv3_echomessage"><module name="services_account"><module name="customprefix"><module name="spanningtree"><module name="sha256">
            <customprefix name="founder" letter="q" value="50000" ranktoset="50000" prefix="~">
            <sasl target="services.saltmarsh.test" requiressl="no">
            <uline server="services.saltmarsh.test" silent="yes">
            <link name="services.saltmarsh.test" ipaddr="127.0.0.1" port="%2$d" allowmask="127.0.0.1" sendpass="between-us" recvpass="between-us">
            """;
    private static final String SERVICES = """
            loadmodule "modules/protocol/inspircd";
            loadmodule "modules/backend/opensex";
            loadmodule "modules/crypto/pbkdf2v2";
            loadmodule "modules/nickserv/main";
            loadmodule "modules/nickserv/register";
            loadmodule "modules/nickserv/identify";
            loadmodule "modules/saslserv/main";
            loadmodule "modules/saslserv/plain";
            serverinfo { name = "services.saltmarsh.test"; desc = "services"; numeric = "00A"; vhost = "127.0.0.1"; recontime = 1; netname = "Saltmarsh"; adminname = "test"; adminemail = "test@example.test"; registeremail = "test@example.test"; auth = none; loglevel = { error; }; maxlogins = 50; maxusers = 0; maxnicks = 5; mdlimit = 30; emaillimit = 10; emailtime = 300; };
            uplink "irc.saltmarsh.test" { host = "127.0.0.1"; send_password = "between-us"; receive_password = "between-us"; port = %1$d; };
            nickserv { nick = "NickServ"; user = "NickServ"; host = "services.saltmarsh.test"; real = "n"; maxnicks = 5; expire = 0; enforce_delay = 30; };
            saslserv { nick = "SaslServ"; user = "SaslServ"; host = "services.saltmarsh.test"; real = "s"; };
            general { helpchan = "#help"; commit_interval = 5; operstring = "op"; servicestring = "s"; default_clone_limit = 60; uflags = { hidemail; }; cflags = { }; exempts = { }; flood_msgs = 0; flood_time = 10; ratelimit_uses = 5000; ratelimit_period = 1; kline_time = 0; clone_time = 0; };
            """;
    private final Path folder;
    private final int port = freePort();
    private final int between = freePort();
    private final int tlsPort = freePort();
    private String certificate = "";
    private Process server;
    private Process services;

    /** Starts both and returns when accounts can be used. */
    public RealIrc(Path folder) {
        this.folder = folder;
        try {
            Files.createDirectories(folder.resolve("services"));
            certificate = OwnCertificate.in(folder);
            Files.writeString(folder.resolve("inspircd.conf"), SERVER.formatted(port, between, folder, tlsPort));
            Files.writeString(folder.resolve("atheme.conf"), SERVICES.formatted(between));
            server = start(
                    "server", "inspircd", "--runasroot", "--nofork", "--config=" + folder.resolve("inspircd.conf"));
            await("the IRC server listens", () -> listens(port) && listens(between) && listens(tlsPort));
            services = start(
                    "services",
                    "atheme-services",
                    "-n",
                    "-c",
                    folder.resolve("atheme.conf").toString(),
                    "-D",
                    folder.resolve("services").toString(),
                    "-l",
                    folder.resolve("services.log").toString(),
                    "-p",
                    folder.resolve("services.pid").toString());
            try (RawIrc probe = new RawIrc(port, "probe")) {
                await("services are there", () -> {
                    probe.send("PRIVMSG NickServ :HELP");
                    return probe.heard(line -> line.contains("NickServ!"), Duration.ofSeconds(1));
                });
            }
        } catch (IOException broken) {
            throw new IllegalStateException(broken);
        }
    }

    private Process start(String name, String program, String... words) throws IOException {
        String found = List.of("/usr/sbin/" + program, "/usr/bin/" + program).stream()
                .filter(each -> Files.isExecutable(Path.of(each)))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException(
                        program + " is missing; ./waxbell test installs it: apt-get install inspircd atheme-services"));
        List<String> command = new ArrayList<>(List.of(found));
        command.addAll(List.of(words));
        return new ProcessBuilder(command)
                .directory(folder.toFile())
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve(name + ".out").toFile())
                .start();
    }

    /** Where clients connect. */
    public int port() {
        return port;
    }

    /** Where clients connect that speak TLS. */
    public int tlsPort() {
        return tlsPort;
    }

    /** The certificate that it shows there, as PEM. */
    public String certificate() {
        return certificate;
    }

    /** Makes an account and leaves it. */
    public void account(String name, String password) {
        try (RawIrc owner = new RawIrc(port, name)) {
            owner.send("PRIVMSG NickServ :REGISTER " + password + " " + name + "@example.test");
            owner.await(line -> line.contains(" 900 "));
        }
    }

    private static boolean listens(int port) {
        try (Socket probe = new Socket(InetAddress.getLoopbackAddress(), port)) {
            return true;
        } catch (IOException notYet) {
            return false;
        }
    }

    static int freePort() {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException broken) {
            throw new IllegalStateException(broken);
        }
    }

    private interface Condition {
        boolean holds() throws IOException;
    }

    private void await(String what, Condition condition) throws IOException {
        long until = System.nanoTime() + PATIENCE.toNanos();
        while (!condition.holds()) {
            if (System.nanoTime() > until) {
                throw new AssertionError(
                        what + " not within " + PATIENCE + ": " + Files.readString(folder.resolve("server.out")));
            }
            Thread.onSpinWait();
        }
    }

    @Override
    public void close() {
        for (Process each : new Process[] {services, server}) {
            if (each != null) {
                each.destroy();
                try {
                    if (!each.waitFor(10, TimeUnit.SECONDS)) {
                        each.destroyForcibly();
                    }
                } catch (InterruptedException hurried) {
                    Thread.currentThread().interrupt();
                }
            }
        }
    }
}
