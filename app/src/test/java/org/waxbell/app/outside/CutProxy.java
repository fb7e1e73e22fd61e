package org.waxbell.app.outside;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;

/** A wire between two programs that can be cut: what is under way is lost, and nobody says goodbye. */
public final class CutProxy implements AutoCloseable {
    private final ServerSocket door;
    private final int to;
    private final List<Socket> open = new CopyOnWriteArrayList<>();
    private volatile boolean cut;
    private volatile boolean deaf;
    private volatile boolean mute;

    /** A wire to {@code to} on this machine. */
    public CutProxy(int to) {
        this.to = to;
        try {
            door = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
        } catch (IOException broken) {
            throw new IllegalStateException(broken);
        }
        daemon(this::admit);
    }

    /** Where it begins. */
    public int port() {
        return door.getLocalPort();
    }

    private void admit() {
        while (!door.isClosed()) {
            try {
                Socket near = door.accept();
                if (cut) {
                    reset(near);
                    continue;
                }
                Socket far = new Socket(InetAddress.getLoopbackAddress(), to);
                open.addAll(List.of(near, far));
                daemon(() -> pump(near, far, true));
                daemon(() -> pump(far, near, false));
            } catch (IOException gone) {
                // The door was closed, or the far end is not there: who came in finds out.
            }
        }
    }

    private void pump(Socket from, Socket into, boolean there) {
        byte[] piece = new byte[8_192];
        try (InputStream in = from.getInputStream();
                OutputStream out = into.getOutputStream()) {
            for (int read = in.read(piece); read >= 0; read = in.read(piece)) {
                while ((deaf || mute && there) && !from.isClosed()) {
                    Thread.onSpinWait();
                    Thread.yield();
                }
                out.write(piece, 0, read);
                out.flush();
            }
        } catch (IOException gone) {
            // Cut.
        } finally {
            reset(from);
            reset(into);
        }
    }

    /** Cuts everything with a reset, and lets nobody in until it is mended. */
    public void cut() {
        cut = true;
        open.forEach(CutProxy::reset);
        open.clear();
    }

    /** Lets everybody in again. */
    public void mend() {
        cut = false;
        deaf = false;
        mute = false;
    }

    /** What comes is heard still, and nothing that is said gets there. */
    public void mute() {
        mute = true;
    }

    /** Nothing gets through any more, and nobody notices by itself. */
    public void swallow() {
        deaf = true;
    }

    private static void reset(Socket socket) {
        try {
            socket.setSoLinger(true, 0);
            socket.close();
        } catch (IOException gone) {
            // It was closed already.
        }
    }

    private static void daemon(Runnable work) {
        Thread thread = new Thread(work, "wire");
        thread.setDaemon(true);
        thread.start();
    }

    @Override
    public void close() {
        cut();
        try {
            door.close();
        } catch (IOException gone) {
            throw new IllegalStateException(gone);
        }
    }
}
