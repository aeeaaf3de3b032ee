package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import java.net.http.HttpRequest.BodyPublishers;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.simple.JdbcClient;

class SignInTest {

    @Test
    void tellsWhoIsSignedIn() {
        Answer session = Client.signedIn(Client.BEA).get("/api/session");

        assertThat(session.body().get("name").asString()).isEqualTo("Bea Ostrander");
        assertThat(session.body().get("practice").asString()).isEqualTo("Ostrander & Pell, Marrowby");
    }

    @ParameterizedTest
    @ValueSource(strings = {"wrong", "", "\u0000", "🗝️"})
    void refusesAWrongPassword(String password) {
        Client client = new Client();
        client.get("/api/session");

        Answer answer = client.signIn(Client.BEA, password);

        assertThat(answer.status()).isEqualTo(401);
        assertThat(answer.body().get("detail").asString()).isEqualTo("This email and password do not go together.");
    }

    @Test
    void refusesAnythingThatIsNoEmail() {
        Client client = new Client();
        client.get("/api/session");

        assertThat(client.signIn("\u0000", Client.PASSWORD).status()).isEqualTo(401);
        assertThat(client.signIn("a".repeat(3_000), Client.PASSWORD).status()).isEqualTo(401);
        assertThat(client.signIn(Client.BEA, "x".repeat(3_000)).status()).isEqualTo(401);
    }

    @Test
    void asksForASessionEverywhereElse() {
        Client stranger = new Client();

        assertThat(stranger.get("/api/cases").status()).isEqualTo(401);
        assertThat(stranger.get("/api/cases").header("Content-Type")).startsWith("application/problem+json");
        assertThat(stranger.post("/api/evaluations", Documents.purchase("x").toString())
                        .status())
                .isEqualTo(401);
    }

    @Test
    void theDescriptionOfTheInterfaceIsForThoseWhoAreSignedIn() {
        assertThat(new Client().get("/api/openapi").status()).isEqualTo(401);
    }

    @ParameterizedTest
    @ValueSource(strings = {"AAAA", "anything", "=", "%00"})
    void aCookieThatIsNoSessionCountsAsNone(String cookie) {
        Answer answer = new Client()
                .send(new Client()
                        .request("/api/session")
                        .header("Cookie", "impendium-session=" + cookie)
                        .GET());

        assertThat(answer.status()).isEqualTo(401);
    }

    @Test
    void takesNoPasswordFromTheAddress() {
        Client client = new Client();
        client.get("/api/session");

        Answer answer = client.send(
                client.request("/api/session?email=bea%40ostrander-pell.example&password=" + Client.PASSWORD)
                        .POST(BodyPublishers.noBody()));

        assertThat(answer.status()).isEqualTo(400);
        assertThat(client.get("/api/session").status()).isEqualTo(401);
    }

    @Test
    void endsASessionAfterADayHoweverMuchItIsUsed() {
        Client client = justSignedIn();
        JdbcClient database = RunningServer.bean(JdbcClient.class);
        String id = client.sessionId();
        assertThat(database.sql(
                                "update spring_session set creation_time = creation_time - 86400000 where session_id = ?")
                        .param(id)
                        .update())
                .isOne();

        assertThat(client.get("/api/session").status()).isEqualTo(401);
        assertThat(database.sql("select count(*) from spring_session where session_id = ?")
                        .param(id)
                        .query(Integer.class)
                        .single())
                .isZero();
    }

    @Test
    void tellsTheBrowserWhatItMayDo() {
        Answer answer = new Client().get("/api/session");

        assertThat(answer.header("Referrer-Policy")).isEqualTo("no-referrer");
        assertThat(answer.header("Permissions-Policy")).contains("camera=()", "geolocation=()");
        assertThat(answer.header("Cross-Origin-Opener-Policy")).isEqualTo("same-origin");
        assertThat(answer.header("Cross-Origin-Resource-Policy")).isEqualTo("same-origin");
        assertThat(answer.header("X-Permitted-Cross-Domain-Policies")).isEqualTo("none");
        assertThat(answer.header("X-Content-Type-Options")).isEqualTo("nosniff");
        assertThat(answer.header("Cache-Control")).contains("no-store");
        assertThat(answer.response().headers().allValues("Set-Cookie"))
                .anyMatch(cookie -> cookie.startsWith("XSRF-TOKEN=") && cookie.contains("SameSite=Lax"));
    }

    @Test
    void aSessionThatCannotBeReadCountsAsNone() {
        Client client = justSignedIn();
        String session = client.sessionId();
        JdbcClient database = RunningServer.bean(JdbcClient.class);
        database.sql("""
                        update spring_session_attributes set attribute_bytes = '\\xaced00057372'
                        where session_primary_id = (select primary_id from spring_session where session_id = ?)
                        """).param(session).update();
        Answer locked = client.get("/api/session");

        assertThat(locked.status()).isEqualTo(401);
        assertThat(locked.response().headers().allValues("Set-Cookie"))
                .anySatisfy(cookie ->
                        assertThat(cookie).contains("impendium-session=;").contains("Max-Age=0"));
        assertThat(database.sql("select count(*) from spring_session where session_id = ?")
                        .param(session)
                        .query(Integer.class)
                        .single())
                .isZero();
        assertThat(client.signIn(Client.TOBIAS, Client.PASSWORD).status()).isEqualTo(204);
        assertThat(client.get("/api/session").status()).isEqualTo(200);
    }

    /** Objects of libraries could not be read any more after an upgrade of these. */
    @Test
    void aSessionKeepsNothingButTexts() {
        Client.signedIn(Client.BEA);

        List<byte[]> kept = RunningServer.bean(JdbcClient.class)
                .sql("select attribute_bytes from spring_session_attributes")
                .query(byte[].class)
                .list();

        // A serialized text: the stream's head, then the mark of a string.
        assertThat(kept).isNotEmpty().allSatisfy(bytes -> assertThat(bytes).startsWith(0xac, 0xed, 0x00, 0x05, 0x74));
    }

    @Test
    void anAdvisorWhoIsGoneIsSignedInNoMore() {
        Client own = Client.ofOwnPractice("Jon Dahl", "jon@dahl.example");
        assertThat(own.get("/api/session").status()).isEqualTo(200);

        RunningServer.bean(JdbcClient.class)
                .sql("update advisor set left_at = now() where email = 'jon@dahl.example'")
                .update();

        assertThat(isSignedOutWithinFiveSeconds(own)).isTrue();
    }

    /** Each instance remembers for some seconds who is signed in. */
    @Test
    void aSessionThatAnotherInstanceEndedEndsWithinFiveSeconds() {
        Client client = Client.signedIn(Client.TOBIAS);
        assertThat(client.get("/api/session").status()).isEqualTo(200);

        RunningServer.bean(JdbcClient.class)
                .sql("delete from spring_session where session_id = ?")
                .param(client.sessionId())
                .update();

        assertThat(isSignedOutWithinFiveSeconds(client)).isTrue();
    }

    @Test
    void refusesABodyThatNoSignInHas() {
        Client client = new Client();
        client.get("/api/session");

        assertThat(client.signIn(Client.BEA, "x".repeat(5_000)).status()).isEqualTo(413);
    }

    @Test
    void refusesAChangeThatDoesNotCarryTheToken() {
        Client client = Client.signedIn(Client.BEA);

        Answer answer = client.send(java.net.http.HttpRequest.newBuilder(
                        java.net.URI.create(RunningServer.url() + "/api/cases"))
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofString(Documents.purchase("forged").toString())));

        assertThat(answer.status()).isEqualTo(403);
        assertThat(answer.body().get("title").asString()).isEqualTo("Not allowed");
    }

    @Test
    void endsTheSessionAtSignOut() {
        Client client = Client.signedIn(Client.BEA);

        assertThat(client.delete("/api/session").status()).isEqualTo(204);
        assertThat(client.get("/api/cases").status()).isEqualTo(401);
    }

    @Test
    void changesTheSessionAtSignIn() {
        Client client = Client.signedIn(Client.BEA);
        String first = client.cookie("impendium-session").orElseThrow();
        client.signIn(Client.TOBIAS, Client.PASSWORD);

        assertThat(client.cookie("impendium-session")).isPresent().get().isNotEqualTo(first);
    }

    @Test
    void keepsSessionsInTheDatabaseAndPasswordsOnlyHashed() {
        Client.signedIn(Client.BEA);
        JdbcClient database = RunningServer.bean(JdbcClient.class);

        assertThat(database.sql("select count(*) from spring_session where principal_name = ?")
                        .param(Client.BEA)
                        .query(Long.class)
                        .single())
                .isPositive();
        assertThat(database.sql("select password_hash from advisor where password_hash is not null")
                        .query(String.class)
                        .list())
                .hasSizeGreaterThanOrEqualTo(2)
                .allMatch(hash -> hash.startsWith("{bcrypt}"));
    }

    /** Somebody whose session has not been asked for yet, and so is not remembered. */
    private static Client justSignedIn() {
        Client client = new Client();
        client.get("/api/session");
        assertThat(client.signIn(Client.TOBIAS, Client.PASSWORD).status()).isEqualTo(204);
        return client;
    }

    private static boolean isSignedOutWithinFiveSeconds(Client client) {
        Instant end = Instant.now().plusSeconds(5);
        boolean isSignedOut = false;
        while (!isSignedOut && Instant.now().isBefore(end)) {
            isSignedOut = client.get("/api/session").status() == 401;
        }
        return isSignedOut;
    }
}
