package app.impendium.server;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/** A wire between the application and its database that can be cut, and mended at the same address. */
final class Wire {
    private final int targetPort;
    private final int port;
    private final Set<Socket> ends = ConcurrentHashMap.newKeySet();
    private ServerSocket entrance;

    Wire(int targetPort) {
        this.targetPort = targetPort;
        this.entrance = open(0);
        this.port = entrance.getLocalPort();
    }

    int port() {
        return port;
    }

    void cut() {
        close(entrance);
        ends.forEach(Wire::close);
        ends.clear();
    }

    void mend() {
        entrance = open(port);
    }

    private ServerSocket open(int wanted) {
        try {
            ServerSocket socket = new ServerSocket();
            socket.setReuseAddress(true);
            socket.bind(new InetSocketAddress(InetAddress.getLoopbackAddress(), wanted));
            background(() -> letIn(socket));
            return socket;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void letIn(ServerSocket socket) {
        try {
            while (!socket.isClosed()) {
                Socket near = socket.accept();
                Socket far = new Socket(InetAddress.getLoopbackAddress(), targetPort);
                ends.add(near);
                ends.add(far);
                background(() -> carry(near, far));
                background(() -> carry(far, near));
            }
        } catch (IOException cut) {
            // The wire is cut: nobody comes in any more.
        }
    }

    private static void carry(Socket from, Socket to) {
        try (InputStream in = from.getInputStream();
                OutputStream out = to.getOutputStream()) {
            in.transferTo(out);
        } catch (IOException cut) {
            // The wire is cut: nothing more goes through.
        }
    }

    private static void background(Runnable work) {
        Thread thread = new Thread(work, "wire");
        thread.setDaemon(true);
        thread.start();
    }

    private static void close(AutoCloseable end) {
        try {
            end.close();
        } catch (Exception gone) {
            // It is closed either way.
        }
    }
}
