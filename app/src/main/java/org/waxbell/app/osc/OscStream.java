package org.waxbell.app.osc;

import java.io.BufferedInputStream;
import java.io.Closeable;
import java.io.DataInputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.SocketAddress;
import java.nio.ByteBuffer;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;

/** Packets of Open Sound Control by TCP, each with its length before it, as OSC 1.0 says. */
final class OscStream implements Closeable {
    private static final int MOST_CONNECTIONS = 4;
    private final ServerSocket door;
    private final InetAddress far;
    private final Consumer<byte[]> heard;
    private final Set<Socket> wires = ConcurrentHashMap.newKeySet();

    /** Listens, to one computer alone. */
    OscStream(SocketAddress at, InetAddress far, Consumer<byte[]> heard) throws IOException {
        this.far = far;
        this.heard = heard;
        this.door = new ServerSocket();
        door.setReuseAddress(true);
        door.bind(at);
    }

    /** Writes a packet. */
    static void write(OutputStream out, byte[] packet) throws IOException {
        ByteBuffer framed = ByteBuffer.allocate(Integer.BYTES + packet.length);
        out.write(framed.putInt(packet.length).put(packet).array());
        out.flush();
    }

    /** Hears packets until the other side ends; fails where what comes cannot be one. */
    static void read(Socket wire, Consumer<byte[]> heard) throws IOException {
        DataInputStream in = new DataInputStream(new BufferedInputStream(wire.getInputStream()));
        while (true) {
            int length;
            try {
                length = in.readInt();
            } catch (EOFException over) {
                return;
            }
            if (length < 0 || length > OscWire.MOST_BYTES) {
                throw new IOException("a packet of " + length + " bytes");
            }
            byte[] packet = in.readNBytes(length);
            if (packet.length < length) {
                return;
            }
            heard.accept(packet);
        }
    }

    /** Takes connections until it is closed. @param starts starts a thread for one of them */
    void listen(Consumer<Runnable> starts) {
        while (!door.isClosed()) {
            try {
                Socket wire = door.accept();
                if (wire.getInetAddress().equals(far) && wires.size() < MOST_CONNECTIONS) {
                    wires.add(wire);
                    starts.accept(() -> hear(wire));
                } else {
                    wire.close();
                }
            } catch (IOException over) {
                // Closed by us, or one connection that broke at once.
            }
        }
    }

    private void hear(Socket wire) {
        try (wire) {
            read(wire, heard);
        } catch (IOException broken) {
            // The desk connects again.
        } finally {
            wires.remove(wire);
        }
    }

    @Override
    public void close() throws IOException {
        door.close();
        for (Socket each : wires) {
            each.close();
        }
    }
}
