package app.impendium.server.outside;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.server.document.Convention.Dwelling;
import app.impendium.server.document.Convention.LettingBasis;
import app.impendium.server.document.Market;
import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.math.BigDecimal;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.OptionalLong;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What an adapter over HTTP makes of what may come: answers, errors, rubbish and nothing. */
class HttpLettingAgentTest {
    private static final AskedHome HOME =
            new AskedHome(Market.US, "48 217", Dwelling.APARTMENT, 2, BigDecimal.ONE, OptionalLong.empty());

    private final CountDownLatch done = new CountDownLatch(1);
    private HttpServer server;
    private HttpLettingAgent agent;

    @BeforeEach
    void start() throws IOException {
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        server.start();
        URI address = URI.create("http://127.0.0.1:" + server.getAddress().getPort() + "/rents");
        agent = new HttpLettingAgent(address, Duration.ofMillis(400));
    }

    @AfterEach
    void stop() {
        done.countDown();
        server.stop(0);
    }

    @Test
    void readsAnEstimate() {
        server.createContext("/rents", exchange -> {
            boolean isAsked = exchange.getRequestURI().getRawQuery().equals("area=48+217&bedrooms=2&basis=SHORT");
            answer(
                    exchange,
                    isAsked ? 200 : 400,
                    "{\"likely\": 1640.50, \"low\": 1500, \"high\": 1810, \"found\": 23, \"km\": 3}");
        });

        assertThat(agent.monthlyRent(HOME, LettingBasis.SHORT))
                .isEqualTo(new Estimate(
                        new Estimate.Source("Agents of the county", false),
                        164050,
                        150000,
                        181000,
                        "23 lettings within 3 km"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "500; broken",
                "200; <html>no rents here</html>",
                "200; {}",
                "200; {\"likely\": \"many\", \"low\": 1, \"high\": 2}",
                "200; {\"likely\": 900, \"low\": 1000, \"high\": 1100}",
                "200; {\"likely\": 1640.505, \"low\": 1500, \"high\": 1810}",
                "200; {\"likely\": 1e40, \"low\": 1, \"high\": 1e41}"
            })
    void believesNothingThatIsNoEstimate(int status, String body) {
        server.createContext("/rents", exchange -> answer(exchange, status, body));
        assertRefused();
    }

    @Test
    void readsOnlySoMuch() {
        server.createContext("/rents", exchange -> answer(exchange, 200, " ".repeat(30_000)));
        assertRefused();
    }

    @Test
    void waitsOnlySoLong() {
        server.createContext("/rents", exchange -> {
            try {
                done.await();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        });
        assertRefused();
    }

    @Test
    void isToldWhenNobodyIsThere() {
        server.stop(0);
        assertRefused();
    }

    private void assertRefused() {
        assertThatThrownBy(() -> agent.monthlyRent(HOME, LettingBasis.LONG)).isInstanceOf(OutsideException.class);
    }

    private static void answer(HttpExchange exchange, int status, String body) throws IOException {
        byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
        exchange.sendResponseHeaders(status, bytes.length);
        exchange.getResponseBody().write(bytes);
        exchange.close();
    }
}
