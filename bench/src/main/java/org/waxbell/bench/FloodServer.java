package org.waxbell.bench;

import java.io.BufferedReader;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;

/** A chat server of which nothing is asked but to be a flood: it lets one helper in and then tells it lines of thousands of people, as fast as is wanted. */
final class FloodServer implements AutoCloseable {
    private static final String CHANNEL = "#bench";
    private final ServerSocket door;
    private final CountDownLatch joined = new CountDownLatch(1);
    /** When each mark was answered, in nanoseconds of this process. */
    private final Map<Integer, Long> answered = new ConcurrentHashMap<>();

    private volatile Writer out;

    FloodServer() throws IOException {
        door = new ServerSocket(0, 1, InetAddress.getLoopbackAddress());
        Thread serving = new Thread(this::serve, "flood");
        serving.setDaemon(true);
        serving.start();
    }

    int port() {
        return door.getLocalPort();
    }

    Map<Integer, Long> answered() {
        return answered;
    }

    private void serve() {
        try (Socket socket = door.accept();
                BufferedReader in =
                        new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8))) {
            socket.setTcpNoDelay(true);
            Writer to = new BufferedWriter(new OutputStreamWriter(socket.getOutputStream(), StandardCharsets.UTF_8));
            out = to;
            String nick = "helper";
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                String[] words = line.split(" ");
                switch (words[0]) {
                    case "CAP" ->
                        tell(words[1].equals("LS") ? ":flood CAP * LS :" : words[1].equals("END") ? welcome(nick) : "");
                    case "NICK" -> nick = words[1];
                    case "PING" -> tell(":flood PONG flood " + line.substring(5));
                    case "JOIN" -> {
                        tell(":" + nick + "!h@flood JOIN " + CHANNEL + "\r\n:flood 353 " + nick + " = " + CHANNEL + " :"
                                + nick + "\r\n:flood 366 " + nick + " " + CHANNEL + " :End of NAMES");
                        joined.countDown();
                    }
                    case "PRIVMSG" -> answer(line);
                    default -> {}
                }
            }
        } catch (IOException gone) {
            // The program has ended.
        }
    }

    private static String welcome(String nick) {
        return ":flood 001 " + nick + " :Good evening\r\n:flood 004 " + nick + " flood 1 o o\r\n:flood 005 " + nick
                + " CHANTYPES=# PREFIX=(ov)@+ :are supported\r\n:flood 376 " + nick + " :End of MOTD";
    }

    private void answer(String line) {
        int at = line.indexOf("tick ");
        if (at > 0) {
            answered.put(Integer.parseInt(line.substring(at + 5).strip()), System.nanoTime());
        }
    }

    private synchronized void tell(String lines) {
        if (lines.isEmpty()) {
            return;
        }
        try {
            out.write(lines + "\r\n");
            out.flush();
        } catch (IOException gone) {
            throw new IllegalStateException(gone);
        }
    }

    void awaitJoined() throws InterruptedException {
        if (!joined.await(2, TimeUnit.MINUTES)) {
            throw new IllegalStateException("the helper did not join");
        }
    }

    /** What the n-th line says. */
    interface Line {
        String of(int n);
    }

    /** Tells so many lines at that rate, by turns of {@code people}; how many seconds it took, which is longer where the other end takes them no faster. */
    double flood(int lines, int rate, int people, Line says) {
        long start = System.nanoTime();
        StringBuilder some = new StringBuilder();
        for (int i = 0; i < lines; i++) {
            some.append(":moth_")
                    .append(i % people)
                    .append("!m@flood PRIVMSG ")
                    .append(CHANNEL)
                    .append(" :")
                    .append(says.of(i))
                    .append("\r\n");
            long due = start + i * 1_000_000_000L / rate;
            if (System.nanoTime() < due) {
                some.setLength(some.length() - 2);
                tell(some.toString());
                some.setLength(0);
                LockSupport.parkNanos(due - System.nanoTime());
            }
        }
        if (!some.isEmpty()) {
            some.setLength(some.length() - 2);
            tell(some.toString());
        }
        return (System.nanoTime() - start) / 1e9;
    }

    @Override
    public void close() throws IOException {
        door.close();
    }
}
