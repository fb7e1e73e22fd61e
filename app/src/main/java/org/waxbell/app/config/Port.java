package org.waxbell.app.config;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;

/** Looks whether the port is free before anything else is started. */
public final class Port {
    private Port() {}

    /** Throws {@link StartRefused} where another program already listens on {@code port}. */
    public static void check(int port) {
        try (ServerSocket probe = new ServerSocket()) {
            probe.setReuseAddress(true);
            probe.bind(new InetSocketAddress(InetAddress.getLoopbackAddress(), port));
        } catch (IOException taken) {
            throw new StartRefused(
                    "Port " + port + " on this machine is taken by another program.",
                    "Stop that program, or choose another port: --port " + (port + 1) + ".");
        }
    }
}
