package app.impendium.e2e;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** An advisor's program rather than their browser: signs in, asks, and tells what was answered. */
final class SoakClient {
    static final JsonMapper JSON = new JsonMapper();

    private static final Duration PATIENCE = Duration.ofSeconds(40);

    private final String url;
    private final String from;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder()
            .cookieHandler(cookies)
            .connectTimeout(PATIENCE)
            .build();

    private SoakClient(String url, String from) {
        this.url = url;
        this.from = from;
    }

    /** One of the demo practice. */
    static SoakClient signedIn(String url) throws IOException, InterruptedException {
        return signedIn(url, "203.0.113.1");
    }

    /**
     * The same from elsewhere: what one address may take is bounded.
     *
     * @param from the address that a proxy tells of
     */
    static SoakClient signedIn(String url, String from) throws IOException, InterruptedException {
        SoakClient client = new SoakClient(url, from);
        client.send("GET", "/api/session", null, null);
        String form =
                "email=" + URLEncoder.encode(Advisor.EMAIL, StandardCharsets.UTF_8) + "&password=" + Advisor.PASSWORD;
        HttpRequest.Builder signIn = client.request("/api/session")
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(BodyPublishers.ofString(form));
        int status = client.http.send(signIn.build(), BodyHandlers.discarding()).statusCode();
        if (status != 204) {
            throw new IllegalStateException("sign-in answered " + status);
        }
        client.send("GET", "/api/session", null, null);
        return client;
    }

    /**
     * Asks once.
     *
     * @param revision what the change was made to, sent as If-Match; null for none
     * @param body JSON; null for none
     */
    HttpResponse<String> send(String method, String path, Integer revision, String body)
            throws IOException, InterruptedException {
        HttpRequest.Builder request =
                request(path).method(method, body == null ? BodyPublishers.noBody() : BodyPublishers.ofString(body));
        if (body != null) {
            request.header("Content-Type", "application/json");
        }
        if (revision != null) {
            request.header("If-Match", "\"" + revision + "\"");
        }
        return http.send(request.build(), BodyHandlers.ofString());
    }

    JsonNode get(String path) throws IOException, InterruptedException {
        HttpResponse<String> answer = send("GET", path, null, null);
        if (answer.statusCode() != 200) {
            throw new IOException(path + " answered " + answer.statusCode());
        }
        return JSON.readTree(answer.body());
    }

    /** Begins a case, and tells its id. */
    String begin(String title) throws IOException, InterruptedException {
        HttpResponse<String> created = send("POST", "/api/cases", null, document(title));
        if (created.statusCode() != 201) {
            throw new IOException("a new case was answered " + created.statusCode());
        }
        return JSON.readTree(created.body()).get("id").asString();
    }

    static String document(String title) {
        return """
                {"format": 2, "title": %s, "clients": "", "currency": "USD", "options": [{"id": "first",
                 "financing": {"kind": "PURCHASE", "priceCents": 31270000, "down": {"percent": 15}},
                 "terms": {"ratePercent": 5.5, "compounding": "MONTHLY", "frequency": "MONTHLY",
                  "rounding": "NEAREST_CENT", "amortizationMonths": 300, "firstPayment": "2027-03-01"}}]}""".formatted(JSON.valueToTree(title));
    }

    private HttpRequest.Builder request(String path) {
        HttpRequest.Builder request =
                HttpRequest.newBuilder(URI.create(url + path)).timeout(PATIENCE).header("X-Forwarded-For", from);
        cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .ifPresent(token -> request.header("X-XSRF-TOKEN", token));
        return request;
    }
}
