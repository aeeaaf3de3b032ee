package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntSupplier;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Bodies that trickle in, and never end: they keep who sends them waiting, and nobody else. */
class RequestsUnderWayTest {
    private static final int MOST_OF_SESSION = 24;
    private static final int MOST_OF_ADDRESS = 100;
    private static final int TRIES = 500;

    private final List<Socket> trickling = new ArrayList<>();

    @AfterEach
    void close() throws IOException {
        for (Socket socket : trickling) {
            socket.close();
        }
    }

    @Test
    void aSessionHasSoManyUnderWayAndOthersGoOn() throws IOException {
        Client greedy = Client.signedIn(Client.BEA);
        Client other = Client.signedIn(Client.TOBIAS);
        String cookies =
                "impendium-session=" + greedy.cookie("impendium-session").orElseThrow() + "; XSRF-TOKEN="
                        + greedy.cookie("XSRF-TOKEN").orElseThrow();
        String headers = "Cookie: " + cookies + "\r\nX-XSRF-TOKEN: "
                + greedy.cookie("XSRF-TOKEN").orElseThrow() + "\r\n";
        for (int i = 0; i < MOST_OF_SESSION; i++) {
            trickle(headers);
        }

        // One more each time: a question from here may just have taken the place of one.
        assertThat(until(429, () -> {
                    trickle(headers);
                    return greedy.get("/api/cases").status();
                }))
                .isEqualTo(429);
        assertThat(other.get("/api/cases").status()).isEqualTo(200);

        close();
        assertThat(until(200, () -> greedy.get("/api/cases").status())).isEqualTo(200);
    }

    @Test
    void anAddressHasHalfOfAllThatIsWorkedOn() {
        for (int i = 0; i < 2 * MOST_OF_ADDRESS + 20; i++) {
            trickle("X-Forwarded-For: 203.0.113.7\r\n");
        }
        Client there = new Client();
        Client elsewhere = new Client();

        assertThat(until(429, () -> health(there, "203.0.113.7"))).isEqualTo(429);
        assertThat(health(elsewhere, "203.0.113.8")).isEqualTo(200);
    }

    @Test
    void bodiesThatTrickleKeepNoWorkerWaiting() {
        for (int address = 0; address < 8; address++) {
            for (int i = 0; i < 70; i++) {
                trickle("X-Forwarded-For: 203.0.113." + (20 + address) + "\r\n");
            }
        }
        Client elsewhere = new Client();

        for (int i = 0; i < 20; i++) {
            assertThat(health(elsewhere, "203.0.113.9")).isEqualTo(200);
        }
    }

    @Test
    void whoIsRefusedAtABoundIsAnsweredOnceTheirBodyHasCome() throws IOException {
        for (int i = 0; i < 2 * MOST_OF_ADDRESS + 20; i++) {
            trickle("X-Forwarded-For: 203.0.113.40\r\n");
        }
        Client there = new Client();
        assertThat(until(429, () -> health(there, "203.0.113.40"))).isEqualTo(429);

        String body = "x".repeat(8_000_000);
        Answer answer = there.send(there.request("/api/loan-lists")
                .header("X-Forwarded-For", "203.0.113.40")
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString(body)));

        assertThat(answer.status()).isEqualTo(429);
        assertThat(answer.header("Retry-After")).isEqualTo("1");
    }

    private static int health(Client client, String address) {
        return client.send(client.request("/actuator/health")
                        .header("X-Forwarded-For", address)
                        .GET())
                .status();
    }

    /** What is answered in the end, asked until it is what is waited for: what was sent before has to arrive. */
    private static int until(int wanted, IntSupplier ask) {
        int status = ask.getAsInt();
        for (int i = 0; i < TRIES && status != wanted; i++) {
            status = ask.getAsInt();
        }
        return status;
    }

    private void trickle(String headers) {
        try {
            send(headers);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void send(String headers) throws IOException {
        URI server = URI.create(RunningServer.url());
        Socket socket = new Socket(server.getHost(), server.getPort());
        trickling.add(socket);
        socket.getOutputStream()
                .write(("POST /api/client-page HTTP/1.1\r\nHost: " + server.getAuthority()
                                + "\r\nContent-Type: application/json\r\nContent-Length: 900\r\n" + headers
                                + "\r\n{\"key\": \"")
                        .getBytes(StandardCharsets.US_ASCII));
        socket.getOutputStream().flush();
    }
}
