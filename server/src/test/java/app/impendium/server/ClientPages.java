package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import java.net.http.HttpRequest.BodyPublishers;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Pages of cases that clients open by a link, made and asked for. */
final class ClientPages {
    private static final JsonMapper JSON = new JsonMapper();
    static final JdbcTemplate DATABASE = RunningServer.bean(JdbcTemplate.class);
    static final String SAYS = """
            {"preparedFor": "Ida", "sections": ["LOAN", "MONTHLY_COST", "OPTIONS", "LIFELINE", "SCHEDULE"],
             "detail": "FULL", "scheduleBy": "YEAR", "without": [%s], "greeting": "Welcome.", "closing": null}""";

    /** Someone who is not signed in and holds a key. */
    static final Client CLIENT = new Client();

    private ClientPages() {}

    static ObjectNode document(String title) {
        return document(title, "");
    }

    static ObjectNode document(String title, String without) {
        ObjectNode document = Documents.purchase(title).put("recommended", "first");
        document.set("handout", Documents.json(SAYS.formatted(without)));
        Documents.set(
                document,
                "housing",
                "{\"propertyTax\": {\"percent\": 1.25}, \"homeInsuranceCents\": 144000, \"mortgageInsurancePercent\": 0.6}");
        ObjectNode shorter = Documents.option(document).deepCopy().put("id", "second");
        shorter.withObject("terms").put("amortizationMonths", 180);
        document.withArray("options").add(shorter);
        return document;
    }

    static String address(Client client, ObjectNode document) {
        return client.post("/api/cases", document.toString()).header("Location");
    }

    static Answer made(Client client, String address, String word) {
        return made(client, address, word, inDays(30));
    }

    static Answer made(Client client, String address, String word, String endsOn) {
        ObjectNode question = JSON.createObjectNode().put("word", word).put("endsOn", endsOn);
        question.putArray("titles");
        return client.send(client.request(address + "/client-links")
                .header("Content-Type", "application/json")
                .header("If-Match", "\"0\"")
                .POST(BodyPublishers.ofString(question.toString())));
    }

    static String keyOf(Answer made) {
        assertThat(made.status()).as(made.response().body()).isEqualTo(201);
        return made.body().at("/key").asString();
    }

    static JsonNode link(Client client, String address) {
        return client.get(address + "/client-links").body().get(0);
    }

    static Answer page(String key, String word) {
        return page(key, word, "null");
    }

    static Answer page(String key, String word, String changes) {
        return CLIENT.post("/api/client-page", """
                {"key": "%s", "word": %s, "changes": %s, "chartWidth": 680}""".formatted(key, word == null ? "null" : "\"" + word + "\"", changes));
    }

    static int send(String key, String words) {
        return CLIENT.post("/api/client-page/notes", "{\"key\": \"" + key + "\", \"words\": \"" + words + "\"}")
                .status();
    }

    static int unseen(Client client, String address) {
        return client.get("/api/client-notes/unseen")
                .body()
                .valueStream()
                .filter(notes -> address.endsWith(notes.at("/caseId").asString()))
                .mapToInt(notes -> notes.at("/notes").asInt())
                .sum();
    }

    /** Puts a moment of a case's links back by so much. */
    static void ago(String column, String interval, String address) {
        DATABASE.update(
                "update client_link set " + column + " = " + column + " - cast(? as interval) where case_id = ?",
                interval,
                idIn(address));
    }

    static UUID idIn(String address) {
        return UUID.fromString(address.substring(address.lastIndexOf('/') + 1));
    }

    static String inDays(int days) {
        return LocalDate.now(ZoneOffset.UTC).plusDays(days).toString();
    }
}
