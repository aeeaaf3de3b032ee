package app.impendium.server;

import static app.impendium.server.People.GOOD_PASSWORD;
import static app.impendium.server.People.choose;
import static app.impendium.server.People.idOf;
import static app.impendium.server.People.invite;
import static app.impendium.server.People.keyOf;
import static app.impendium.server.People.signIn;
import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** Who works in a practice: invited, changed, gone, and back. */
class PeopleApiTest {

    @Test
    void somebodyInvitedChoosesTheirPasswordByALinkThatIsGoodOnce() {
        Client owner = Client.ofOwnPractice("Hedda Lorne", "hedda@lorne.example");
        Answer invited = invite(owner, " Jory Vane ", "Jory@Vane.example", "ADVISOR");

        assertThat(invited.status()).isEqualTo(201);
        assertThat(invited.body().at("/person/state").asString()).isEqualTo("INVITED");
        assertThat(invited.body().at("/person/email").asString()).isEqualTo("jory@vane.example");
        assertThat(signIn("jory@vane.example", GOOD_PASSWORD)).isEqualTo(401);

        String key = keyOf(invited);
        Answer read = reading(key);
        assertThat(read.body().at("/name").asString()).isEqualTo("Jory Vane");
        assertThat(read.body().at("/practice").asString()).isEqualTo("Practice of Hedda Lorne");
        assertThat(choose(key, "too short").messageAt("/password")).startsWith("Use at least 12 characters");
        assertThat(choose(key, GOOD_PASSWORD).status()).isEqualTo(204);

        assertThat(signIn("jory@vane.example", GOOD_PASSWORD)).isEqualTo(204);
        assertThat(choose(key, "another-good-one-55").status()).isEqualTo(410);
        assertThat(reading(key).status()).isEqualTo(410);
        assertThat(stateOf(owner, "Jory Vane")).isEqualTo("WORKING");
    }

    @Test
    void ofSeveralWhoUseALinkAtOnceOneChoosesThePassword() throws Exception {
        Client owner = Client.ofOwnPractice("Runa Holt", "runa@holt.example");
        String key = keyOf(invite(owner, "Ivo Race", "ivo@holt.example", "ADVISOR"));
        List<String> passwords = IntStream.range(0, 8)
                .mapToObj(i -> "quiet otters mend " + i + " lanterns")
                .toList();
        ExecutorService many = Executors.newFixedThreadPool(passwords.size());
        try {
            List<Future<Integer>> answers = passwords.stream()
                    .map(password -> many.submit(() -> choose(key, password).status()))
                    .toList();
            List<String> chosen = new ArrayList<>();
            for (int i = 0; i < answers.size(); i++) {
                int status = answers.get(i).get();
                assertThat(status).isIn(204, 410);
                if (status == 204) {
                    chosen.add(passwords.get(i));
                }
            }
            assertThat(chosen).hasSize(1);
            assertThat(signIn("ivo@holt.example", chosen.get(0))).isEqualTo(204);
        } finally {
            many.shutdownNow();
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"\u200b", "\u00ad", "\u3164", "\u2800", "\u00a0", "\u0007"})
    void whatNobodySeesIsNoPassword(String sign) {
        Client owner = Client.ofOwnPractice("Unseen", "unseen" + (int) sign.charAt(0) + "@holt.example");
        String key = keyOf(invite(owner, "Ada Clear", "ada" + (int) sign.charAt(0) + "@holt.example", "ADVISOR"));

        assertThat(choose(key, ("\\u%04x".formatted((int) sign.charAt(0))).repeat(14) + "q7")
                        .messageAt("/password"))
                .startsWith("Use at least 12 characters");
    }

    @Test
    void theLinkStandsInASimulatedMailAndNowhereElse() {
        Client owner = Client.ofOwnPractice("Petra Soame", "petra@soame.example");
        String key = keyOf(invite(owner, "Wim Tarn", "wim@tarn.example", "OWNER"));

        JsonNode mail = owner.get("/api/sent-mail").body().get(0);
        assertThat(mail.get("to").asString()).isEqualTo("wim@tarn.example");
        assertThat(mail.get("subject").asString()).isEqualTo("Join Practice of Petra Soame in Impendium");
        assertThat(mail.get("words").asString()).contains("http://localhost:8480/password#" + key);
        assertThat(RunningServer.bean(JdbcClient.class)
                        .sql("select encode(key_hash, 'escape') from password_link")
                        .query(String.class)
                        .list())
                .isNotEmpty()
                .doesNotContain(key);
    }

    @Test
    void aNewLinkEndsTheOneBeforeAndChangesNothingUntilItIsUsed() {
        Client owner = Client.ofOwnPractice("Runa Fold", "runa@fold.example");
        Client advisor = People.advisorOf(owner, "Elis Moor", "elis@moor.example");
        String address = "/api/people/" + idOf(owner, "Elis Moor") + "/password-link";
        String first = keyOf(owner.post(address, "{}"));
        String second = keyOf(owner.post(address, "{}"));

        assertThat(reading(first).status()).isEqualTo(410);
        assertThat(advisor.get("/api/session").status()).isEqualTo(200);
        assertThat(choose(second, "barge-pepper-violin-9").status()).isEqualTo(204);
        assertThat(advisor.get("/api/session").status()).isEqualTo(401);
        assertThat(signIn("elis@moor.example", GOOD_PASSWORD)).isEqualTo(401);
        assertThat(signIn("elis@moor.example", "barge-pepper-violin-9")).isEqualTo(204);
    }

    @Test
    void aLinkEndsAfterThreeDays() {
        Client owner = Client.ofOwnPractice("Odile Crane", "odile@crane.example");
        String key = keyOf(invite(owner, "Late Comer", "late@crane.example", "ADVISOR"));
        RunningServer.bean(JdbcClient.class)
                .sql("update password_link set ends_at = ends_at - interval '73 hours'"
                        + " where advisor_id = (select id from advisor where email = 'late@crane.example')")
                .update();

        assertThat(choose(key, GOOD_PASSWORD).status()).isEqualTo(410);
    }

    @Test
    void whoIsSignedOutEverywhereSignsInAgainAndGoesOnWorking() {
        Client owner = Client.ofOwnPractice("Maud Tilling", "maud@signed-out.example");
        Client advisor = People.advisorOf(owner, "Ossian Reed", "ossian@signed-out.example");
        String id = idOf(owner, "Ossian Reed");

        assertThat(owner.delete("/api/people/" + id + "/sessions").status()).isEqualTo(204);

        assertThat(advisor.get("/api/cases").status()).isEqualTo(401);
        assertThat(owner.get("/api/cases").status()).isEqualTo(200);
        assertThat(signIn("ossian@signed-out.example", GOOD_PASSWORD)).isEqualTo(204);
        Client other = Client.ofOwnPractice("Io Brandt", "io@signed-out.example");
        assertThat(other.delete("/api/people/" + id + "/sessions").status()).isEqualTo(404);
    }

    @Test
    void whoLeavesIsSignedOutAtOnceAndComesBackWhenBroughtBack() {
        Client owner = Client.ofOwnPractice("Maud Tilling", "maud@tilling.example");
        Client advisor = People.advisorOf(owner, "Ossian Reed", "ossian@reed.example");
        String id = idOf(owner, "Ossian Reed");
        String caseAddress = advisor.post(
                        "/api/cases", Documents.purchase("Left behind").toString())
                .header("Location");
        String link = keyOf(owner.post("/api/people/" + id + "/password-link", "{}"));

        assertThat(owner.delete("/api/people/" + id).body().get("state").asString())
                .isEqualTo("LEFT");

        assertThat(advisor.get(caseAddress).status()).isEqualTo(401);
        assertThat(advisor.put(caseAddress, "\"0\"", Documents.purchase("Taken").toString())
                        .status())
                .isEqualTo(401);
        assertThat(signIn("ossian@reed.example", GOOD_PASSWORD)).isEqualTo(401);
        assertThat(choose(link, GOOD_PASSWORD).status()).isEqualTo(410);
        assertThat(owner.get(caseAddress).body().get("savedBy").asString()).isEqualTo("Ossian Reed");
        assertThat(owner.post("/api/people/" + id + "/password-link", "{}").status())
                .isEqualTo(409);

        assertThat(owner.post("/api/people/" + id + "/return", "{}").status()).isEqualTo(200);
        assertThat(signIn("ossian@reed.example", GOOD_PASSWORD)).isEqualTo(204);
    }

    @Test
    void anOwnerIsAlwaysLeft() throws Exception {
        Client owner = Client.ofOwnPractice("Ilse Wend", "ilse@wend.example");
        String ilse = idOf(owner, "Ilse Wend");
        assertThat(owner.delete("/api/people/" + ilse).status()).isEqualTo(409);
        assertThat(change(owner, ilse, "Ilse Wend", "ADVISOR").status()).isEqualTo(409);
        assertThat(change(owner, ilse, "Ilse Wend-Hart", "OWNER").status()).isEqualTo(200);
        assertThat(owner.get("/api/session").body().get("name").asString()).isEqualTo("Ilse Wend-Hart");

        // One who has not chosen a password yet could not bring anybody back.
        keyOf(invite(owner, "Not Yet", "not-yet@wend.example", "OWNER"));
        assertThat(owner.delete("/api/people/" + ilse).status()).isEqualTo(409);

        Client second = People.advisorOf(owner, "Thilo Wend", "thilo@wend.example");
        String thilo = idOf(owner, "Thilo Wend");
        change(owner, thilo, "Thilo Wend", "OWNER");
        List<Callable<Integer>> both = List.of(
                () -> change(owner, thilo, "Thilo Wend", "ADVISOR").status(),
                () -> change(second, ilse, "Ilse Wend", "ADVISOR").status());
        ExecutorService atOnce = Executors.newFixedThreadPool(2);
        try {
            int done = 0;
            for (Future<Integer> each : atOnce.invokeAll(both)) {
                done += each.get() == 200 ? 1 : 0;
            }
            assertThat(done).as("owners who made the other none").isEqualTo(1);
        } finally {
            atOnce.shutdownNow();
        }
    }

    @Test
    void whatIsTypedOfSomebodyIsReadOrRefusedAtItsField() {
        Client owner = Client.ofOwnPractice("Greta Holm", "greta@holm.example");

        assertThat(invite(owner, " ", "a@b.example", "ADVISOR").messageAt("/name"))
                .isEqualTo("Type the name.");
        assertThat(invite(owner, "A", "a at b", "ADVISOR").messageAt("/email")).contains("such as ada@example.org");
        assertThat(invite(owner, "A", "GRETA@holm.example", "ADVISOR").messageAt("/email"))
                .isEqualTo("Somebody signs in with this email already.");
        assertThat(owner.post("/api/people", "{\"name\": \"A\", \"email\": \"a@b.example\"}")
                        .messageAt("/role"))
                .isEqualTo("Choose what they may do.");
        assertThat(invite(owner, "x".repeat(101), "a@b.example", "ADVISOR").messageAt("/name"))
                .contains("at most 100 characters");
        assertThat(owner.get("/api/people").body()).hasSize(1);
    }

    private static Answer change(Client owner, String id, String name, String role) {
        return owner.putUnconditionally(
                "/api/people/" + id, "{\"name\": \"%s\", \"role\": \"%s\"}".formatted(name, role));
    }

    private static Answer reading(String key) {
        Client nobody = new Client();
        nobody.get("/api/session");
        return nobody.post("/api/password-links/reading", "{\"key\": \"" + key + "\"}");
    }

    private static String stateOf(Client owner, String name) {
        for (JsonNode person : owner.get("/api/people").body()) {
            if (person.get("name").asString().equals(name)) {
                return person.get("state").asString();
            }
        }
        return "nobody";
    }
}
