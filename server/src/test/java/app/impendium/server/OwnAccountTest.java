package app.impendium.server;

import static app.impendium.server.People.GOOD_PASSWORD;
import static app.impendium.server.People.signIn;
import static app.impendium.server.People.signedIn;
import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.net.http.HttpRequest;
import java.security.InvalidKeyException;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;

/** What somebody does about their own signing in. */
class OwnAccountTest {
    private static final TimeBasedOneTimePasswordGenerator APP = new TimeBasedOneTimePasswordGenerator();
    private static final String OTHER_PASSWORD = "barge-pepper-violin-9";

    @Test
    void aPasswordIsChangedByWhoKnowsTheOldOneAndEndsTheOtherSessions() {
        Client here = someone("changes");
        Client elsewhere = signedIn("changes@own.example", Client.PASSWORD);

        assertThat(changePassword(here, "not it", OTHER_PASSWORD).messageAt("/current"))
                .isEqualTo("This is not your password.");
        assertThat(changePassword(here, Client.PASSWORD, "changes@own.example").messageAt("/password"))
                .startsWith("This password is easy to guess");
        assertThat(changePassword(here, Client.PASSWORD, Client.PASSWORD).messageAt("/password"))
                .isEqualTo("This is your current password. Choose another.");
        assertThat(changePassword(here, Client.PASSWORD, OTHER_PASSWORD).status())
                .isEqualTo(204);

        assertThat(here.get("/api/session").status()).isEqualTo(200);
        assertThat(elsewhere.get("/api/session").status()).isEqualTo(401);
        assertThat(signIn("changes@own.example", Client.PASSWORD)).isEqualTo(401);
        assertThat(signIn("changes@own.example", OTHER_PASSWORD)).isEqualTo(204);
        assertThat(here.get("/api/sent-mail").body().at("/0/subject").asString())
                .isEqualTo("Your password was changed");
    }

    @Test
    void aSessionThatSomebodyFoundOpenTellsNoPasswordByTrying() {
        Client found = someone("found-open");

        assertThat(IntStream.range(0, 10)
                        .map(i -> changePassword(found, "guess-" + i, OTHER_PASSWORD)
                                .status()))
                .containsOnly(422);
        assertThat(changePassword(found, Client.PASSWORD, OTHER_PASSWORD).status())
                .isEqualTo(429);
    }

    @Test
    void sessionsAreListedAndEndedFromElsewhere() {
        Client here = someone("sessions");
        Client elsewhere = signedIn("sessions@own.example", Client.PASSWORD);
        Client third = signedIn("sessions@own.example", Client.PASSWORD);
        JsonNode sessions = here.get("/api/account").body().get("sessions");

        assertThat(sessions).hasSize(3);
        assertThat(sessions.at("/0/isThis").asBoolean()).isTrue();
        assertThat(sessions.at("/1/isThis").asBoolean()).isFalse();
        assertThat(sessions.at("/1/address").asString()).isEqualTo("127.0.0.1");
        assertThat(sessions.at("/1/browser").asString()).startsWith("Java-http-client");
        assertThat(sessions.toString())
                .doesNotContain(here.cookie("impendium-session").orElseThrow());

        here.delete("/api/account/sessions/" + sessions.at("/1/id").asString());
        assertThat(IntStream.of(
                        elsewhere.get("/api/session").status(),
                        third.get("/api/session").status()))
                .containsExactlyInAnyOrder(200, 401);
        here.delete("/api/account/sessions");
        assertThat(here.get("/api/account").body().get("sessions")).hasSize(1);
    }

    @Test
    void aCodeIsAskedForOnceItsAppHasShownOne() {
        Client here = someone("code");
        assertThat(here.post("/api/account/second-factor", "{\"password\": \"wrong\"}")
                        .messageAt("/password"))
                .isEqualTo("This is not your password.");
        String secret = propose(here);
        assertThat(signIn("code@own.example", Client.PASSWORD)).isEqualTo(204);
        assertThat(confirm(here, "000000").status()).isIn(200, 422);

        Answer confirmed = confirm(here, code(secret, 0));
        JsonNode recovery = confirmed.body().get("codes");
        assertThat(recovery).hasSize(8);
        assertThat(here.get("/api/account").body().get("hasSecondFactor").asBoolean())
                .isTrue();

        Answer without = sign("code@own.example", null);
        assertThat(without.status()).isEqualTo(403);
        assertThat(without.body().get("title").asString()).isEqualTo("A code is needed");
        assertThat(sign("code@own.example", code(secret, 0))
                        .body()
                        .get("detail")
                        .asString())
                .isEqualTo("This code was used already. Wait for the next one.");
        assertThat(sign("code@own.example", code(secret, 1)).status()).isEqualTo(204);

        String once = recovery.get(0).asString().toLowerCase(Locale.ROOT);
        assertThat(sign("code@own.example", once).status()).isEqualTo(204);
        assertThat(sign("code@own.example", once).status()).isEqualTo(403);
        assertThat(here.get("/api/account").body().get("recoveryCodesLeft").asInt())
                .isEqualTo(7);
    }

    @Test
    void ofSeveralWhoUseACodeAtOnceOneIsLetIn() throws Exception {
        Client here = someone("raced-code");
        String secret = propose(here);
        String recovery = confirm(here, code(secret, 0)).body().at("/codes/0").asString();

        for (String code : List.of(code(secret, 1), recovery)) {
            assertThat(RacesTest.statuses(RacesTest.atOnce(i -> sign("raced-code@own.example", code))))
                    .containsExactlyInAnyOrderElementsOf(RacesTest.oneAnd(204, 403));
        }
    }

    @Test
    void codesAreNotTriedFromManyAddresses() {
        Client here = someone("many-codes");
        String secret = propose(here);
        confirm(here, code(secret, 0));
        for (int i = 0; i < 10; i++) {
            assertThat(signFrom("many-codes@own.example", "000000", "192.0.2." + i))
                    .contains("not the code");
        }

        assertThat(signFrom("many-codes@own.example", code(secret, 1), "192.0.2.99"))
                .startsWith("Too many wrong codes");
        assertThat(signFrom("many-codes@own.example", "", "192.0.2.99")).startsWith("Type the code");
    }

    private static String signFrom(String email, String code, String address) {
        Client client = new Client();
        client.get("/api/session");
        String form = "email=" + email + "&password=" + Client.PASSWORD + "&code=" + code;
        return client.send(client.request("/api/session")
                        .header("X-Forwarded-For", address)
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .POST(HttpRequest.BodyPublishers.ofString(form)))
                .body()
                .get("detail")
                .asString();
    }

    @Test
    void whoLostTheirAppIsLetInByAnOwner() {
        Client owner = Client.ofOwnPractice("Code Owner", "code-owner@own.example");
        Client advisor = People.advisorOf(owner, "Lost App", "lost-app@own.example");
        String secret = propose(advisor, GOOD_PASSWORD);
        confirm(advisor, code(secret, 0));
        assertThat(signIn("lost-app@own.example", GOOD_PASSWORD)).isEqualTo(403);

        owner.delete("/api/people/" + People.idOf(owner, "Lost App") + "/second-factor");

        assertThat(signIn("lost-app@own.example", GOOD_PASSWORD)).isEqualTo(204);
    }

    @Test
    void aWrongPasswordHearsNothingOfACode() {
        Client here = someone("quiet");
        confirm(here, code(propose(here), 0));

        assertThat(signIn("quiet@own.example", "wrong")).isEqualTo(401);
    }

    @Test
    void thePasswordOfTheDemoOpensNothingWhereTheDemoWasNotAskedFor() {
        someone("demo-password");
        try (ConfigurableApplicationContext real =
                RunningServer.start(RunningServer.databaseUrl(), "--IMPENDIUM_DEMO=false")) {
            Client client = new Client(RunningServer.urlOf(real));
            client.get("/api/session");
            assertThat(client.signIn("demo-password@own.example", Client.PASSWORD)
                            .status())
                    .isEqualTo(401);
        }
    }

    private static Client someone(String name) {
        return Client.ofOwnPractice("Own " + name, name + "@own.example");
    }

    private static Answer changePassword(Client client, String current, String password) {
        return client.putUnconditionally(
                "/api/account/password", "{\"current\": \"%s\", \"password\": \"%s\"}".formatted(current, password));
    }

    private static String propose(Client client) {
        return propose(client, Client.PASSWORD);
    }

    private static String propose(Client client, String password) {
        JsonNode proposed = client.post("/api/account/second-factor", "{\"password\": \"" + password + "\"}")
                .body();
        String secret = proposed.get("secret").asString();
        assertThat(proposed.get("address").asString()).contains("secret=" + secret);
        return secret;
    }

    private static Answer confirm(Client client, String code) {
        return client.putUnconditionally("/api/account/second-factor", "{\"code\": \"" + code + "\"}");
    }

    /** What the app shows so many steps of time from now. */
    private static String code(String secret, int stepsAhead) {
        try {
            Instant moment = Instant.now(RunningServer.bean(Clock.class))
                    .plus(APP.getTimeStep().multipliedBy(stepsAhead));
            return APP.generateOneTimePasswordString(
                    new SecretKeySpec(new Base32().decode(secret), APP.getAlgorithm()), moment);
        } catch (InvalidKeyException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Answer sign(String email, String code) {
        Client client = new Client();
        client.get("/api/session");
        return client.signIn(email, Client.PASSWORD, code);
    }
}
