package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import java.net.http.HttpRequest.BodyPublishers;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The practice's log: who read, changed and exported what, and who signed in. */
class AuditApiTest {

    @Test
    void tellsWhoDidWhatOnceForWhatIsDoneAgainAndAgain() {
        Client owner = Client.ofOwnPractice("Ida Brandt", "ida@log-what.example");
        Client bo = People.advisorOf(owner, "Bo Winter", "bo@log-what.example");
        String address = bo.post("/api/cases", Documents.purchase("Fern Rise").toString())
                .header("Location");
        for (int i = 0; i < 3; i++) {
            bo.put(
                    address,
                    "\"" + i + "\"",
                    Documents.purchase("Fern Rise " + i).toString());
        }
        String eTag = owner.get(address).header("ETag");
        owner.send(owner.request(address).header("If-None-Match", eTag).GET());
        bo.get("/api/cases/00000000-0000-4000-8000-000000000000");
        owner.fileOf("/api/open-data/case", Documents.purchase("Somewhere").toString());

        List<String> told = told(owner.get("/api/log?kind=CASE"));

        assertThat(told)
                .containsExactly(
                        "Ida Brandt EXPORTED null 1",
                        "Ida Brandt READ Fern Rise 2 1",
                        "Bo Winter CHANGED Fern Rise 2 3",
                        "Bo Winter CREATED Fern Rise 2 1");
        assertThat(bo.get("/api/log").status()).isEqualTo(403);
        assertThat(told(Client.ofOwnPractice("Io Brandt", "io@log-what.example").get("/api/log?kind=CASE")))
                .isEmpty();
    }

    @Test
    void namesWhatIsGoneWhoWasGivenACaseAndWhichRoleChanged() {
        Client owner = Client.ofOwnPractice("Ida Brandt", "ida@log-names.example");
        People.advisorOf(owner, "Bo Winter", "bo@log-names.example");
        String bo = People.idOf(owner, "Bo Winter");
        String set = owner.post(
                        "/api/limit-sets", LimitSetDocuments.set("House limits").toString())
                .header("Location");
        owner.delete(set);
        String address = owner.post(
                        "/api/cases", Documents.purchase("Fern Rise").toString())
                .header("Location");
        owner.post("/api/cases/changes", """
                {"cases": ["%s"], "change": "HAND_OVER", "advisor": "%s"}""".formatted(address.substring(address.lastIndexOf('/') + 1), bo));
        owner.putUnconditionally("/api/people/" + bo, "{\"name\": \"Bo Winter\", \"role\": \"OWNER\"}");

        assertThat(noteOf(owner, "kind=RULE&action=DELETED")).isEqualTo("House limits");
        assertThat(noteOf(owner, "action=HANDED_OVER")).isEqualTo("to Bo Winter");
        assertThat(noteOf(owner, "kind=PERSON&action=CHANGED")).isEqualTo("from advisor to owner");
    }

    private static String noteOf(Client owner, String filter) {
        return owner.get("/api/log?" + filter).body().at("/entries/0/note").asString();
    }

    @Test
    void aPageThatStaysOpenIsOneReading() {
        Client owner = Client.ofOwnPractice("Ida Brandt", "ida@log-idle.example");
        String address = owner.post(
                        "/api/cases", Documents.purchase("Fern Rise").toString())
                .header("Location");
        for (int again = 0; again < 5; again++) {
            owner.get(address);
        }

        assertThat(told(owner.get("/api/log?action=READ&kind=CASE"))).containsExactly("Ida Brandt READ Fern Rise 1");
    }

    @Test
    void tellsWhichCaseIsOpenWhereARequestSendsTheCaseItself() {
        Client owner = Client.ofOwnPractice("Ida Brandt", "ida@log-open.example");
        String document = Documents.purchase("Fern Rise").toString();
        String address = owner.post("/api/cases", document).header("Location");

        owner.send(owner.request("/api/open-data/case")
                .header("Content-Type", "application/json")
                .header("Impendium-Case", address.substring(address.lastIndexOf('/') + 1))
                .POST(BodyPublishers.ofString(document)));

        assertThat(told(owner.get("/api/log?action=EXPORTED"))).containsExactly("Ida Brandt EXPORTED Fern Rise 1");
    }

    @Test
    void tellsWhoSignedInAndWhoWasRefused() {
        Client owner = Client.ofOwnPractice("Ida Brandt", "ida@log-in.example");
        assertThat(People.signIn("ida@log-in.example", "not this one")).isEqualTo(401);
        People.signIn("nobody@log-in.example", "not this one");

        // Written beside the answer, not before it.
        Instant limit = Instant.now().plusSeconds(30);
        while (told(owner.get("/api/log?kind=PERSON")).size() < 2) {
            assertThat(Instant.now()).isBefore(limit);
            Thread.onSpinWait();
        }
        assertThat(told(owner.get("/api/log?kind=PERSON")))
                .containsExactlyInAnyOrder(
                        "Ida Brandt SIGN_IN_REFUSED Ida Brandt 1", "Ida Brandt SIGNED_IN Ida Brandt 1");
        assertThat(owner.get("/api/log?action=SIGN_IN_REFUSED")
                        .body()
                        .at("/entries/0/note")
                        .asString())
                .isEqualTo("127.0.0.1");
    }

    @Test
    void isFilteredAndSaved() {
        Client owner = Client.ofOwnPractice("Ida Brandt", "ida@log-saved.example");
        Client bo = People.advisorOf(owner, "Bo Winter", "bo@log-saved.example");
        owner.post("/api/cases", Documents.purchase("=2+2").toString());
        bo.post("/api/clients", "{\"name\": \"Odile Brandt\"}");
        LocalDate today = LocalDate.now(ZoneOffset.UTC);

        assertThat(told(owner.get("/api/log?kind=CLIENT&advisor=" + People.idOf(owner, "Bo Winter"))))
                .containsExactly("Bo Winter CREATED Odile Brandt 1");
        assertThat(told(owner.get("/api/log?action=CREATED&kind=CASE&until=" + today.minusDays(1))))
                .isEmpty();
        assertThat(told(owner.get("/api/log?action=CREATED&kind=CASE&since=" + today)))
                .hasSize(1);
        Answer saved = owner.get("/api/log/csv?kind=CASE");
        assertThat(saved.header("Content-Disposition")).contains("log.csv");
        assertThat(saved.response().body().lines().toList())
                .first()
                .isEqualTo("\ufefffirst,last,times,who,what they did,to,called,id,note");
        assertThat(saved.response().body()).contains(",1,Ida Brandt,CREATED,CASE,'=2+2,");
        assertThat(told(owner.get("/api/log?action=EXPORTED&kind=LOG"))).hasSize(1);
        assertThat(owner.get("/api/log?since=+9999999-01-01").status()).isEqualTo(400);
        assertThat(owner.get("/api/log?since=1066-10-14").status()).isEqualTo(400);
    }

    static List<String> told(Answer log) {
        return log.body().get("entries").valueStream().map(AuditApiTest::told).toList();
    }

    private static String told(JsonNode entry) {
        JsonNode subject = entry.get("subject");
        return entry.get("who").asString()
                + " " + entry.get("action").asString()
                + " " + (subject.isNull() ? null : subject.asString())
                + " " + entry.get("times").asInt();
    }
}
