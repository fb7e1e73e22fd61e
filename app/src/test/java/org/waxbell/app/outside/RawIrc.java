package org.waxbell.app.outside;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.Predicate;

/** Somebody on IRC who types the protocol by hand: shares no code with the program. */
public final class RawIrc implements AutoCloseable {
    private static final Duration PATIENCE = Duration.ofSeconds(60);
    private final Socket socket;
    private final OutputStream out;
    private final BlockingQueue<String> lines = new LinkedBlockingQueue<>();
    private final String nick;

    /** Comes in under a name, without an account. */
    public RawIrc(int port, String nick) {
        this(port, nick, "");
    }

    /** Comes in and signs in to the account of that name, where a password is given. */
    public RawIrc(int port, String nick, String password) {
        this.nick = nick;
        try {
            socket = new Socket(InetAddress.getLoopbackAddress(), port);
            socket.setTcpNoDelay(true);
            out = socket.getOutputStream();
            Thread reader = new Thread(this::read, "raw-irc-" + nick);
            reader.setDaemon(true);
            reader.start();
            if (!password.isEmpty()) {
                send("CAP REQ :sasl");
            }
            send("NICK " + nick);
            send("USER " + nick + " 0 * :" + nick);
            if (!password.isEmpty()) {
                await(line -> line.contains(" ACK "));
                send("AUTHENTICATE PLAIN");
                await(line -> line.startsWith("AUTHENTICATE"));
                send("AUTHENTICATE "
                        + Base64.getEncoder()
                                .encodeToString(("\0" + nick + "\0" + password).getBytes(StandardCharsets.UTF_8)));
                await(line -> line.contains(" 903 "));
            }
            if (!password.isEmpty()) {
                send("CAP END");
            }
            await(line -> line.contains(" 001 "));
        } catch (IOException broken) {
            throw new IllegalStateException(broken);
        }
    }

    private void read() {
        try (BufferedReader in =
                new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8))) {
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                if (line.startsWith("PING")) {
                    send("PONG" + line.substring(4));
                } else {
                    lines.add(line);
                }
            }
        } catch (IOException gone) {
            lines.add("ERROR :gone");
        }
    }

    /** Types a line. */
    public synchronized void send(String line) {
        try {
            out.write((line + "\r\n").getBytes(StandardCharsets.UTF_8));
            out.flush();
        } catch (IOException gone) {
            throw new IllegalStateException(gone);
        }
    }

    /** Goes into a channel. */
    public RawIrc join(String channel) {
        send("JOIN " + channel);
        await(line -> line.contains(" 366 "));
        return this;
    }

    /** Says something in a channel, or to somebody. */
    public void say(String target, String text) {
        send("PRIVMSG " + target + " :" + text);
    }

    /** The next line that fits; fails loudly where none comes. */
    public String await(Predicate<String> fits) {
        long until = System.nanoTime() + PATIENCE.toNanos();
        List<String> passed = new ArrayList<>();
        try {
            while (true) {
                String line = lines.poll(until - System.nanoTime(), TimeUnit.NANOSECONDS);
                if (line == null) {
                    throw new AssertionError(nick + " did not hear it within " + PATIENCE + ", but " + passed);
                }
                if (fits.test(line)) {
                    return line;
                }
                passed.add(line);
            }
        } catch (InterruptedException stopped) {
            throw new AssertionError(stopped);
        }
    }

    /** Whether a line that fits comes within a while. */
    boolean heard(Predicate<String> fits, Duration within) {
        long until = System.nanoTime() + within.toNanos();
        try {
            for (String line = lines.poll(within.toNanos(), TimeUnit.NANOSECONDS);
                    line != null;
                    line = lines.poll(Math.max(0, until - System.nanoTime()), TimeUnit.NANOSECONDS)) {
                if (fits.test(line)) {
                    return true;
                }
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
        return false;
    }

    /** All lines so far that were not looked at. */
    public List<String> rest() {
        List<String> all = new ArrayList<>();
        lines.drainTo(all);
        return all;
    }

    @Override
    public void close() {
        try {
            socket.close();
        } catch (IOException gone) {
            throw new IllegalStateException(gone);
        }
    }
}
