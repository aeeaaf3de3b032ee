package app.impendium.server;

import app.impendium.server.account.Advisors.NewAdvisor;
import app.impendium.server.document.Market;
import app.impendium.server.practice.PracticeSetup;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.time.ZoneId;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A browser's side of the conversation: cookies, the token, JSON. */
final class Client {
    static final String BEA = "bea@ostrander-pell.example";
    static final String TOBIAS = "tobias@ostrander-pell.example";
    static final String PASSWORD = "lantern-harbour-42";

    private static final JsonMapper JSON = new JsonMapper();

    private final String url;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();

    /** An answer: its status and its body as JSON, missing where there is none. */
    record Answer(HttpResponse<String> response) {
        int status() {
            return response.statusCode();
        }

        JsonNode body() {
            return JSON.readTree(response.body());
        }

        String header(String name) {
            return response.headers().firstValue(name).orElse("");
        }

        /** What is said of the field at a pointer. */
        String messageAt(String pointer) {
            return messageOf("pointer", pointer);
        }

        /** What is said of a parameter of the address. */
        String messageOfParameter(String name) {
            return messageOf("parameter", name);
        }

        private String messageOf(String member, String value) {
            for (JsonNode field : body().path("fields")) {
                if (field.path(member).asString("").equals(value)) {
                    return field.get("message").asString();
                }
            }
            return "nothing at " + value + " in " + response.body();
        }
    }

    Client() {
        this(RunningServer.url());
    }

    /** One that speaks to another server than the tests' usual one. */
    Client(String url) {
        this.url = url;
    }

    static Client signedIn(String email) {
        return signedIn(new Client(), email);
    }

    /** Someone of a practice of their own, for tests that change what a practice has chosen. */
    static Client ofOwnPractice(String name, String email) {
        RunningServer.bean(PracticeSetup.class)
                .create(
                        "Practice of " + name,
                        Market.US,
                        ZoneId.of("UTC"),
                        List.of(new NewAdvisor(name, email, PASSWORD)));
        return signedIn(email);
    }

    static Client signedIn(Client client, String email) {
        client.get("/api/session");
        Answer answer = client.signIn(email, PASSWORD);
        if (answer.status() != 204) {
            throw new IllegalStateException("sign-in answered " + answer.status());
        }
        client.get("/api/session");
        return client;
    }

    Answer signIn(String email, String password) {
        return signInWith("email=" + encoded(email) + "&password=" + encoded(password));
    }

    /** @param code of an app; null for none */
    Answer signIn(String email, String password, String code) {
        return code == null
                ? signIn(email, password)
                : signInWith("email=" + encoded(email) + "&password=" + encoded(password) + "&code=" + encoded(code));
    }

    private Answer signInWith(String form) {
        return send(request("/api/session")
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(BodyPublishers.ofString(form)));
    }

    Answer get(String path) {
        return send(request(path).GET());
    }

    Answer delete(String path) {
        return send(request(path).DELETE());
    }

    Answer post(String path, String json) {
        return send(withJson(path).POST(body(json)));
    }

    Answer put(String path, String eTag, String json) {
        return send(withJson(path).header("If-Match", eTag).PUT(body(json)));
    }

    Answer putUnconditionally(String path, String json) {
        return send(withJson(path).PUT(body(json)));
    }

    Answer send(HttpRequest.Builder request) {
        try {
            return new Answer(http.send(request.build(), BodyHandlers.ofString()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** An answer that comes bit by bit, as long as it is read. */
    InputStream stream(String path) {
        try {
            return http.send(request(path).GET().build(), BodyHandlers.ofInputStream())
                    .body();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** A file as it was sent. */
    byte[] file(String path) {
        return file(request(path).GET());
    }

    /** A file that is made of something. */
    byte[] fileOf(String path, String json) {
        return file(withJson(path).POST(body(json)));
    }

    private byte[] file(HttpRequest.Builder request) {
        try {
            return http.send(request.build(), BodyHandlers.ofByteArray()).body();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    HttpRequest.Builder request(String path) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(url + path));
        cookie("XSRF-TOKEN").ifPresent(token -> request.header("X-XSRF-TOKEN", token));
        return request;
    }

    /** The key that its session is stored by. */
    String sessionId() {
        return new String(
                Base64.getDecoder().decode(cookie("impendium-session").orElseThrow()), StandardCharsets.UTF_8);
    }

    Optional<String> cookie(String name) {
        return cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals(name))
                .map(HttpCookie::getValue)
                .findFirst();
    }

    private HttpRequest.Builder withJson(String path) {
        return request(path).header("Content-Type", "application/json");
    }

    private static BodyPublisher body(String json) {
        return BodyPublishers.ofByteArray(json.getBytes(StandardCharsets.UTF_8));
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }
}
