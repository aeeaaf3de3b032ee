package app.impendium.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;

/** Requests that no client would send, as they go over the wire. */
final class RawRequest {
    private RawRequest() {}

    /** The whole answer to an address that need not be one, asked by whoever has signed in. */
    static String get(String address, Client asks) {
        URI server = URI.create(RunningServer.url());
        try (Socket socket = new Socket(server.getHost(), server.getPort())) {
            String request = "GET " + address + " HTTP/1.1\r\nHost: " + server.getAuthority()
                    + "\r\nCookie: impendium-session="
                    + asks.cookie("impendium-session").orElseThrow() + "\r\nConnection: close\r\n\r\n";
            socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
