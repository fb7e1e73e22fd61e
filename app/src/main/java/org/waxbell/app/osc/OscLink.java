package org.waxbell.app.osc;

import io.github.bucket4j.Bucket;
import java.io.Closeable;
import java.io.IOException;
import java.net.BindException;
import java.net.DatagramPacket;
import java.net.DatagramSocket;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketAddress;
import java.nio.ByteBuffer;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ThreadFactory;
import org.jspecify.annotations.Nullable;
import org.waxbell.app.link.Link;
import org.waxbell.app.link.LinkLife;
import org.waxbell.app.link.LinkView.LinkFact;
import org.waxbell.app.link.Reaching;
import org.waxbell.app.thread.Daemons;
import org.waxbell.directive.SendOsc;
import org.waxbell.link.OscSettings;
import org.waxbell.link.Trouble;

/** The link to one desk: tells it messages and listens to it, by UDP or TCP. */
final class OscLink implements Link {
    private static final int CONNECT_MS = 3_000;
    private static final int MOST_A_SECOND = 200;
    private final String id;
    private final OscSettings settings;
    private final LinkLife life;
    private final Ear ear;
    /** Whether packets come faster than any hand moves a fader. */
    private final Bucket room = Bucket.builder()
            .addLimit(limit -> limit.capacity(MOST_A_SECOND).refillGreedy(MOST_A_SECOND, Duration.ofSeconds(1)))
            .build();

    private final ExecutorService sender;
    private @Nullable Closeable hearing;
    private @Nullable DatagramSocket telling;
    private @Nullable Socket wire;
    private boolean closed;

    /** Hears what the desk sends. */
    interface Ear {
        /** A message came. */
        void heard(OscLink from, OscWire.Heard message);

        /** It was closed. */
        void gone(OscLink link);
    }

    OscLink(String id, OscSettings settings, LinkLife life, Ear ear) {
        this.id = id;
        this.settings = settings;
        this.life = life;
        this.ear = ear;
        this.sender = Executors.newSingleThreadExecutor(Daemons.named("osc to " + id));
    }

    @Override
    public void open() {
        life.connectsBy(() -> sender.execute(this::connect));
        life.connect();
    }

    private void connect() {
        String where = settings.host() + ":" + settings.port();
        try {
            reach(InetAddress.getByName(settings.host()));
            life.up();
        } catch (BindException taken) {
            life.broken(Trouble.passing(
                    "Another program listens on port " + settings.hears() + " already.",
                    "End it, or choose another port here and at the desk."));
        } catch (IOException broken) {
            life.broken(Reaching.trouble(broken, settings.host(), where)
                    .orElseGet(() -> Trouble.passing(
                            "The desk at " + where + " could not be reached: " + broken.getMessage() + ".",
                            "It is tried again by itself.")));
        }
    }

    private synchronized void reach(InetAddress far) throws IOException {
        if (closed) {
            return;
        }
        letGo();
        if (settings.tcp()) {
            Socket made = new Socket();
            made.connect(new InetSocketAddress(far, settings.port()), CONNECT_MS);
            made.setTcpNoDelay(true);
            wire = made;
            Daemons.named("osc answers of " + settings.host())
                    .newThread(() -> answers(made))
                    .start();
        } else {
            DatagramSocket made = new DatagramSocket();
            made.connect(far, settings.port());
            telling = made;
        }
        if (settings.hears() > 0) {
            // A desk on this computer is heard from this computer alone.
            SocketAddress at = far.isLoopbackAddress()
                    ? new InetSocketAddress(far, settings.hears())
                    : new InetSocketAddress(settings.hears());
            ThreadFactory ears = Daemons.named("osc from " + settings.host());
            if (settings.tcp()) {
                OscStream made = new OscStream(at, far, this::packet);
                hearing = made;
                ears.newThread(() -> made.listen(work -> ears.newThread(work).start()))
                        .start();
            } else {
                DatagramSocket made = new DatagramSocket(at);
                hearing = made;
                ears.newThread(() -> listen(made, far)).start();
            }
        }
    }

    /** What the desk tells back on the connection by which it is told; that it ended. */
    private void answers(Socket from) {
        String why = "it was closed";
        try {
            OscStream.read(from, this::packet);
        } catch (IOException broken) {
            why = String.valueOf(broken.getMessage());
        }
        boolean ours;
        synchronized (this) {
            ours = wire == from && !closed;
        }
        if (ours) {
            life.broken(Trouble.passing(
                    "The connection to the desk broke: " + why + ".",
                    "It is tried again by itself. Look whether the desk is on."));
        }
    }

    private void listen(DatagramSocket from, InetAddress far) {
        byte[] bytes = new byte[OscWire.MOST_BYTES];
        while (!from.isClosed()) {
            DatagramPacket packet = new DatagramPacket(bytes, bytes.length);
            try {
                from.receive(packet);
            } catch (IOException over) {
                return;
            }
            if (packet.getAddress().equals(far)) {
                packet(Arrays.copyOf(bytes, packet.getLength()));
            }
        }
    }

    private void packet(byte[] bytes) {
        if (!room.tryConsume(1)) {
            return;
        }
        try {
            for (OscWire.Heard each : OscWire.read(ByteBuffer.wrap(bytes))) {
                life.heard(words(each));
                ear.heard(this, each);
            }
        } catch (IllegalArgumentException wrong) {
            life.heard(String.valueOf(wrong.getMessage()));
        }
    }

    private static String words(OscWire.Heard message) {
        StringBuilder all = new StringBuilder(message.address());
        message.arguments().forEach(each -> all.append(' ').append(each));
        return all.toString();
    }

    String id() {
        return id;
    }

    boolean isUp() {
        return life.isUp();
    }

    String refusal() {
        return life.refusal();
    }

    /** Tells the desk a message; done when it was sent, or fails with a sentence. */
    CompletableFuture<Void> tell(SendOsc send) {
        CompletableFuture<Void> done = new CompletableFuture<>();
        sender.execute(() -> {
            try {
                put(OscWire.bytes(send));
                done.complete(null);
            } catch (IllegalArgumentException wrong) {
                done.completeExceptionally(wrong);
            } catch (IOException broken) {
                life.broken(Trouble.passing(
                        "The connection to the desk broke: " + broken.getMessage() + ".",
                        "It is tried again by itself. Look whether the desk is on."));
                done.completeExceptionally(new IllegalStateException("the connection to the desk broke", broken));
            }
        });
        return done;
    }

    private void put(byte[] bytes) throws IOException {
        Socket byWire;
        DatagramSocket byAir;
        synchronized (this) {
            byWire = wire;
            byAir = telling;
        }
        if (byWire != null) {
            OscStream.write(byWire.getOutputStream(), bytes);
        } else if (byAir != null) {
            byAir.send(new DatagramPacket(bytes, bytes.length));
        } else {
            throw new IOException("it is not connected");
        }
    }

    @Override
    public CompletableFuture<String> test() {
        if (!isUp()) {
            return CompletableFuture.failedFuture(new IllegalStateException(refusal() + "."));
        }
        return tell(new SendOsc("test", life.now(), "", "/waxbell/test", List.of(), false))
                .thenApply(
                        done -> "/waxbell/test was sent. Open Sound Control has no answer to that: look at the desk.");
    }

    @Override
    public List<LinkFact> facts() {
        List<LinkFact> facts = new ArrayList<>(List.of(LinkFact.of(
                "Tells", settings.host() + ":" + settings.port() + " by " + (settings.tcp() ? "TCP" : "UDP"))));
        if (settings.hears() > 0) {
            facts.add(LinkFact.of(
                    "Listens",
                    "on port " + settings.hears() + " by " + (settings.tcp() ? "TCP" : "UDP")
                            + ", to that computer alone"));
        }
        return facts;
    }

    private void letGo() {
        shut(hearing);
        shut(telling);
        shut(wire);
        hearing = null;
        telling = null;
        wire = null;
    }

    private static void shut(@Nullable Closeable open) {
        if (open != null) {
            try {
                open.close();
            } catch (IOException gone) {
                // It is gone all the same.
            }
        }
    }

    @Override
    public synchronized void close() {
        closed = true;
        ear.gone(this);
        letGo();
        sender.shutdown();
    }
}
