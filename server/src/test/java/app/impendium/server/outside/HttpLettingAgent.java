package app.impendium.server.outside;

import app.impendium.server.document.Convention.LettingBasis;
import app.impendium.server.outside.Estimate.Source;
import java.io.IOException;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * An example of a real adapter: a letting agent that answers over HTTP. It waits only so long, reads only so much, and believes
 * nothing that is no estimate.
 */
final class HttpLettingAgent implements LettingAgent {
    private static final int MOST_CHARACTERS = 20_000;
    private static final int OK = 200;

    private static final Source SOURCE = new Source("Agents of the county", false);

    private final URI address;
    private final Duration patience;
    private final HttpClient http;
    private final JsonMapper json = new JsonMapper();

    /**
     * @param address where it answers
     * @param patience how long it may take to connect, and then to answer
     */
    HttpLettingAgent(URI address, Duration patience) {
        this.address = address;
        this.patience = patience;
        this.http = HttpClient.newBuilder().connectTimeout(patience).build();
    }

    @Override
    public Estimate monthlyRent(AskedHome home, LettingBasis basis) {
        String query = "?area=" + URLEncoder.encode(home.area(), StandardCharsets.UTF_8) + "&bedrooms="
                + home.bedrooms() + "&basis=" + basis;
        HttpRequest request = HttpRequest.newBuilder(URI.create(address + query))
                .timeout(patience)
                .build();
        return read(send(request));
    }

    private HttpResponse<String> send(HttpRequest request) {
        try {
            return http.send(request, HttpResponse.BodyHandlers.ofString(StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new OutsideException("no answer in " + patience.toMillis() + " ms", e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new OutsideException("a wait that was cut short", e);
        }
    }

    private Estimate read(HttpResponse<String> answer) {
        if (answer.statusCode() != OK || answer.body().length() > MOST_CHARACTERS) {
            throw new OutsideException(
                    "status " + answer.statusCode() + " with " + answer.body().length() + " characters");
        }
        try {
            JsonNode rent = json.readTree(answer.body());
            return new Estimate(
                    SOURCE,
                    cents(rent, "likely"),
                    cents(rent, "low"),
                    cents(rent, "high"),
                    rent.path("found").asInt() + " lettings within "
                            + rent.path("km").asInt() + " km");
        } catch (JacksonException | ArithmeticException e) {
            throw new OutsideException("an answer that cannot be read", e);
        }
    }

    private static long cents(JsonNode rent, String member) {
        return rent.path(member).decimalValue().movePointRight(2).longValueExact();
    }
}
