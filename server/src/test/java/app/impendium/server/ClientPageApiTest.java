package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import java.net.http.HttpRequest.BodyPublishers;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The page that a client opens by a link: what it shows, what comes back from it, and that nothing else can be reached by it. */
class ClientPageApiTest {
    private static final JsonMapper JSON = new JsonMapper();
    private static final Client BEA = Client.signedIn(Client.BEA);
    private static final JdbcTemplate DATABASE = RunningServer.bean(JdbcTemplate.class);
    private static final String SAYS = """
            {"preparedFor": "Ida", "sections": ["LOAN", "MONTHLY_COST", "OPTIONS", "LIFELINE", "SCHEDULE"],
             "detail": "FULL", "scheduleBy": "YEAR", "without": [%s], "greeting": "Welcome.", "closing": null}""";

    /** Someone who is not signed in and holds a key. */
    private static final Client CLIENT = new Client();

    @Test
    void showsTheChosenSectionsWithTheFiguresOfTheHandout() {
        ObjectNode document = document("Lot 3, Fern Rise");
        String key = keyOf(made(BEA, address(BEA, document), null));

        JsonNode page = page(key, null).body();

        JsonNode handout = BEA.post("/api/hand-outs/content", "{\"document\": " + document + ", \"option\": 0}")
                .body();
        assertThat(page.at("/content")).isEqualTo(handout);
        assertThat(page.at("/advised/ratePercent").decimalValue()).isEqualByComparingTo("5.5");
        assertThat(page.at("/advised/extraCents").asInt()).isZero();
        assertThat(page.at("/endsOn").asString()).isEqualTo(inDays(30));
    }

    @Test
    void itsFiguresFollowWhatTheClientChangesAsTheCaseWould() {
        ObjectNode document = document("Lot 4, Fern Rise");
        String key = keyOf(made(BEA, address(BEA, document), null));

        JsonNode page = page(key, null, "{\"keptMonths\": 60, \"ratePercent\": 5.25, \"extraCents\": 25000}")
                .body();

        ObjectNode changed = document.deepCopy();
        Documents.option(changed).withObject("terms").put("ratePercent", 5.25);
        Documents.option(changed).withObject("features").set("extras", Documents.json("""
                [{"id": "more", "how": "EACH_PAYMENT", "cents": 25000, "firstPayment": 1}]"""));
        changed.withObject("assumptions").put("keptMonths", 60);
        JsonNode asCase = BEA.post(
                        "/api/hand-outs/content",
                        "{\"document\": " + changed + ", \"option\": 0, \"titles\": [\"Baseline, changed\"]}")
                .body();
        assertThat(page.at("/content")).isEqualTo(asCase);
        assertThat(page.at("/advised/ratePercent").decimalValue()).isEqualByComparingTo("5.5");
        assertThat(page(key, null).body().at("/content").toString()).contains("5.5");
    }

    @Test
    void chartsAreAsWideAsThePageThatShowsThem() {
        String key = keyOf(made(BEA, address(BEA, document("Lot 5, Fern Rise")), null));

        JsonNode narrow = CLIENT.post("/api/client-page", "{\"key\": \"" + key + "\", \"chartWidth\": 340}")
                .body();

        List<JsonNode> charts = narrow.findParents("marks");
        assertThat(charts).hasSize(4).allSatisfy(chart -> {
            int width = chart.at("/width").asInt();
            assertThat(width).isEqualTo(340);
            assertThat(chart.at("/marks").valueStream())
                    .allSatisfy(mark -> assertThat(mark.at("/x").asDouble(0)
                                    + mark.at("/width").asDouble(0))
                            .isBetween(0.0, width + 0.01));
        });
    }

    @ParameterizedTest
    @CsvSource({
        "'{\"ratePercent\": 31}', /changes/ratePercent",
        "'{\"ratePercent\": -1}', /changes/ratePercent",
        "'{\"keptMonths\": 0}', /changes/keptMonths",
        "'{\"keptMonths\": 601}', /changes/keptMonths",
        "'{\"extraCents\": -1}', /changes/extraCents",
        "'{\"extraCents\": 9223372036854775807}', /changes/extraCents"
    })
    void changesOutOfTheirRangeAreToldAtTheirField(String changes, String pointer) {
        String key = keyOf(made(BEA, address(BEA, document("Lot 6, Fern Rise")), null));

        Answer refused = page(key, null, changes);

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().at("/fields/0/pointer").asString()).isEqualTo(pointer);
    }

    @Test
    void thePracticeSeesVisitsAndNotes() {
        String address = address(BEA, document("Lot 7, Fern Rise"));
        Answer made = made(BEA, address, null);
        String key = keyOf(made);
        assertThat(link(BEA, address).at("/visits").asInt()).isZero();

        page(key, null);
        page(key, null, "{\"ratePercent\": 6}");
        Answer sent = CLIENT.post("/api/client-page/notes", """
                {"key": "%s", "words": "  Could we do <b>this</b>?\\nIda ", "changes": {"ratePercent": 6}}""".formatted(key));

        assertThat(sent.status()).isEqualTo(204);
        JsonNode link = link(BEA, address);
        assertThat(link.at("/visits").asInt()).isOne();
        assertThat(link.at("/lastOpenedAt").isNull()).isFalse();
        assertThat(link.at("/notes/0/words").asString()).isEqualTo("Could we do <b>this</b>?\nIda");
        assertThat(link.at("/notes/0/changes/ratePercent").asInt()).isEqualTo(6);
        assertThat(unseen(BEA, address)).isOne();
        assertThat(BEA.putUnconditionally(address + "/client-notes/seen", "").status())
                .isEqualTo(204);
        assertThat(unseen(BEA, address)).isZero();
    }

    @Test
    void aLaterVisitIsAnother() {
        String address = address(BEA, document("Lot 8, Fern Rise"));
        String key = keyOf(made(BEA, address, null));
        page(key, null);

        ago("last_opened_at", "31 minutes", address);
        page(key, null);

        assertThat(link(BEA, address).at("/visits").asInt()).isEqualTo(2);
    }

    @Test
    void showsTheCaseAsItWasSavedUntilItIsToldToShowItAgain() {
        ObjectNode document = document("Lot 9, Fern Rise");
        String address = address(BEA, document);
        String key = keyOf(made(BEA, address, null));
        Documents.option(document).withObject("terms").put("ratePercent", 7.125);
        BEA.put(address, "\"0\"", document.toString());
        assertThat(page(key, null).body().at("/advised/ratePercent").decimalValue())
                .isEqualByComparingTo("5.5");
        String shown = "/api/client-links/" + link(BEA, address).at("/id").asString() + "/shown";

        assertThat(BEA.put(shown, "\"0\"", "{\"option\": 0, \"titles\": []}").status())
                .isEqualTo(409);
        assertThat(BEA.put(shown, "\"1\"", "{\"option\": 0, \"titles\": []}").status())
                .isEqualTo(204);

        assertThat(page(key, null).body().at("/advised/ratePercent").decimalValue())
                .isEqualByComparingTo("7.125");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA", "", "a", "' or 1=1 --", "../../cases", "\\u0000"})
    void noOtherTextOpensAnything(String key) {
        Answer refused = page(key, null);

        assertThat(refused.status()).isEqualTo(404);
        assertThat(refused.body().at("/title").asString()).isEqualTo("No such page");
    }

    @Test
    void aKeyOpensItsPageAndNoAddressBesides() {
        String address = address(BEA, document("Lot 10, Fern Rise"));
        String key = keyOf(made(BEA, address, null));
        String link = "/api/client-links/" + link(BEA, address).at("/id").asString();
        Client holder = new Client();
        page(key, null);

        for (String other : List.of(
                address,
                address + "/client-links",
                address + "/hand-outs",
                "/api/cases",
                "/api/client-notes/unseen",
                "/api/letterhead",
                "/api/practice",
                "/api/session")) {
            for (String way : List.of("Authorization", "Cookie", "X-Key")) {
                String said = way.equals("Cookie") ? "impendium-session=" + key : key;
                assertThat(holder.send(holder.request(other).header(way, said).GET())
                                .status())
                        .as(other + " by " + way)
                        .isEqualTo(401);
            }
        }
        assertThat(holder.delete(link).status()).isIn(401, 403);
        assertThat(holder.get("/api/client-page?key=" + key).status()).isIn(400, 405);
        assertThat(CLIENT.post("/api/client-page", """
                {"key": "%s", "chartWidth": 400, "document": {}}""".formatted(key)).status()).isEqualTo(400);
        assertThat(CLIENT.post(
                                "/api/client-page",
                                "{\"key\": \"" + key + "\", \"word\": \"" + "x".repeat(20_000) + "\"}")
                        .status())
                .isEqualTo(413);
    }

    @Test
    void whatItShowsNamesNoIdNoOtherClientAndNothingLeftOut() {
        ObjectNode document = document("Lot 11, Fern Rise", "\"NAMES\", \"INCOMES\", \"DEBTS\"");
        document.put("clients", "Ida and Otto Wren");
        document.withObject("household").set("people", Documents.json("[{\"id\": \"p1\", \"name\": \"Otto\"}]"));
        document.withObject("household").set("incomes", Documents.json("""
                [{"id": "i1", "person": "p1", "name": "salary at Quill Works", "cents": 7654321, "per": "YEARLY"}]"""));
        document.set("debts", Documents.json("""
                [{"id": "d1", "name": "Heron card", "balanceCents": 123456, "paymentCents": 7890}]"""));
        Answer saved = BEA.post("/api/cases", document.toString());
        assertThat(saved.status()).as(saved.response().body()).isEqualTo(201);

        String page = page(keyOf(made(BEA, saved.header("Location"), null)), null)
                .response()
                .body();

        assertThat(page)
                .doesNotContainPattern("[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}")
                .doesNotContain("Wren", "Otto", "Quill", "Heron", "76,543", "78.90", "@", "client-extra");
    }

    @Test
    void isGoneOnceItsLinkOrItsCaseIs() {
        String address = address(BEA, document("Lot 12, Fern Rise"));
        String key = keyOf(made(BEA, address, null));
        BEA.delete(address);
        assertThat(page(key, null).status()).isEqualTo(410);
        BEA.post(address + "/restoration", "");
        assertThat(page(key, null).status()).isEqualTo(200);

        DATABASE.update(
                "update client_link set ends_on = ? where case_id = ?",
                LocalDate.now(ZoneOffset.UTC).minusDays(2),
                idIn(address));
        assertThat(page(key, null).status()).isEqualTo(410);
        assertThat(CLIENT.post("/api/client-page/notes", "{\"key\": \"" + key + "\", \"words\": \"Hello\"}")
                        .status())
                .isEqualTo(410);
        assertThat(link(BEA, address).at("/isOpen").asBoolean()).isFalse();

        String other = keyOf(made(BEA, address, null));
        BEA.delete("/api/client-links/" + link(BEA, address).at("/id").asString());
        assertThat(page(other, null).status()).isEqualTo(410);
    }

    @Test
    void asksForItsWordBeforeItSaysAnything() {
        String address = address(BEA, document("Lot 13, Fern Rise"));
        String key = keyOf(made(BEA, address, "Blue Heron"));

        Answer asked = page(key, null);

        assertThat(asked.status()).isEqualTo(401);
        assertThat(asked.response().body()).doesNotContain("Fern", "Ostrander", "Ida");
        assertThat(CLIENT.post("/api/client-page/notes", "{\"key\": \"" + key + "\", \"words\": \"Hello\"}")
                        .status())
                .isEqualTo(401);
        assertThat(page(key, "  blue HERON ").status()).isEqualTo(200);
        assertThat(link(BEA, address).at("/visits").asInt()).isOne();
    }

    @Test
    void wordsCannotBeTriedOneAfterAnotherNorAllAtOnce() {
        String address = address(BEA, document("Lot 14, Fern Rise"));
        String key = keyOf(made(BEA, address, "heron"));
        ExecutorService many = Executors.newFixedThreadPool(20);
        List<Integer> answers;
        try {
            answers =
                    IntStream.range(0, 40)
                            .mapToObj(
                                    i -> many.submit(() -> page(key, "try " + i).status()))
                            .toList()
                            .stream()
                            .map(ClientPageApiTest::result)
                            .toList();
        } finally {
            many.shutdownNow();
        }

        assertThat(answers).filteredOn(status -> status == 401).hasSize(10);
        assertThat(answers).filteredOn(status -> status == 429).hasSize(30);
        assertThat(page(key, "heron").status()).isEqualTo(429);

        ago("wrong_since", "61 minutes", address);
        assertThat(page(key, "heron").status()).isEqualTo(200);
    }

    @Test
    void whatIsStoredOpensNothing() {
        String address = address(BEA, document("Lot 15, Fern Rise"));
        String key = keyOf(made(BEA, address, "heron"));

        String row = DATABASE.queryForObject(
                "select row_to_json(l)::text from client_link l where case_id = ?", String.class, idIn(address));

        assertThat(row).isNotBlank().doesNotContain(key, "heron");
        assertThat(link(BEA, address).toString()).doesNotContain(key);
    }

    @Test
    void anotherPracticeNeitherSeesNorChangesIt() {
        String address = address(BEA, document("Lot 16, Fern Rise"));
        String key = keyOf(made(BEA, address, null));
        String link = "/api/client-links/" + link(BEA, address).at("/id").asString();
        CLIENT.post("/api/client-page/notes", "{\"key\": \"" + key + "\", \"words\": \"Hello\"}");
        Client other = Client.ofOwnPractice("Jan Roos", "jan@roos-pages.example");

        assertThat(other.get(address + "/client-links").status()).isEqualTo(404);
        assertThat(made(other, address, null).status()).isEqualTo(404);
        assertThat(other.delete(link).status()).isEqualTo(404);
        assertThat(other.put(link + "/shown", "\"0\"", "{\"option\": 0}").status())
                .isEqualTo(404);
        assertThat(other.get("/api/client-notes/unseen").body()).isEmpty();
        other.putUnconditionally(address + "/client-notes/seen", "");

        assertThat(unseen(BEA, address)).isOne();
        assertThat(page(key, null).status()).isEqualTo(200);
    }

    @Test
    void notesAreFewAndShort() {
        String address = address(BEA, document("Lot 17, Fern Rise"));
        String key = keyOf(made(BEA, address, null));

        assertThat(send(key, " ")).isEqualTo(422);
        assertThat(send(key, "x".repeat(2001))).isEqualTo(422);
        assertThat(send(key, "\\u0007")).isEqualTo(422);
        assertThat(IntStream.range(0, 50).map(i -> send(key, "Note " + i))).containsOnly(204);

        assertThat(send(key, "One more")).isEqualTo(409);
        assertThat(link(BEA, address).at("/notes")).hasSize(50);
    }

    @ParameterizedTest
    @CsvSource({"-2, null, /endsOn", "367, null, /endsOn", "30, abc, /word"})
    void whatIsNoLinkIsToldAtItsField(int days, String word, String pointer) {
        String address = address(BEA, document("Lot 18, Fern Rise"));

        Answer refused = made(BEA, address, word.equals("null") ? null : word, inDays(days));

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().at("/fields/0/pointer").asString()).isEqualTo(pointer);
    }

    @Test
    void thePageIsNeitherKeptNorFramedNorToldToOthers() {
        Answer page = CLIENT.get("/client-page");

        assertThat(page.status()).isEqualTo(200);
        assertThat(page.header("Referrer-Policy")).isEqualTo("no-referrer");
        assertThat(page.header("Content-Security-Policy")).contains("frame-ancestors 'none'", "default-src 'self'");
        String key = keyOf(made(BEA, address(BEA, document("Lot 19, Fern Rise")), null));
        assertThat(page(key, null).header("Cache-Control")).contains("no-store");
    }

    private static ObjectNode document(String title) {
        return document(title, "");
    }

    private static ObjectNode document(String title, String without) {
        ObjectNode document = Documents.purchase(title);
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

    private static String address(Client client, ObjectNode document) {
        return client.post("/api/cases", document.toString()).header("Location");
    }

    private static Answer made(Client client, String address, String word) {
        return made(client, address, word, inDays(30));
    }

    private static Answer made(Client client, String address, String word, String endsOn) {
        ObjectNode question =
                JSON.createObjectNode().put("option", 0).put("word", word).put("endsOn", endsOn);
        question.putArray("titles");
        return client.send(client.request(address + "/client-links")
                .header("Content-Type", "application/json")
                .header("If-Match", "\"0\"")
                .POST(BodyPublishers.ofString(question.toString())));
    }

    private static String keyOf(Answer made) {
        assertThat(made.status()).as(made.response().body()).isEqualTo(201);
        return made.body().at("/key").asString();
    }

    private static JsonNode link(Client client, String address) {
        return client.get(address + "/client-links").body().get(0);
    }

    private static Answer page(String key, String word) {
        return page(key, word, "null");
    }

    private static Answer page(String key, String word, String changes) {
        return CLIENT.post("/api/client-page", """
                {"key": "%s", "word": %s, "changes": %s, "chartWidth": 680}""".formatted(key, word == null ? "null" : "\"" + word + "\"", changes));
    }

    private static int send(String key, String words) {
        return CLIENT.post("/api/client-page/notes", "{\"key\": \"" + key + "\", \"words\": \"" + words + "\"}")
                .status();
    }

    private static int unseen(Client client, String address) {
        return client.get("/api/client-notes/unseen")
                .body()
                .valueStream()
                .filter(notes -> address.endsWith(notes.at("/caseId").asString()))
                .mapToInt(notes -> notes.at("/notes").asInt())
                .sum();
    }

    /** Puts a moment of a case's links back by so much. */
    private static void ago(String column, String interval, String address) {
        DATABASE.update(
                "update client_link set " + column + " = " + column + " - cast(? as interval) where case_id = ?",
                interval,
                idIn(address));
    }

    private static UUID idIn(String address) {
        return UUID.fromString(address.substring(address.lastIndexOf('/') + 1));
    }

    private static String inDays(int days) {
        return LocalDate.now(ZoneOffset.UTC).plusDays(days).toString();
    }

    private static int result(java.util.concurrent.Future<Integer> answer) {
        try {
            return answer.get();
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }
}
