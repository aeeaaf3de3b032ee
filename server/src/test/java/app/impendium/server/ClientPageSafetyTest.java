package app.impendium.server;

import static app.impendium.server.ClientPages.CLIENT;
import static app.impendium.server.ClientPages.DATABASE;
import static app.impendium.server.ClientPages.address;
import static app.impendium.server.ClientPages.ago;
import static app.impendium.server.ClientPages.document;
import static app.impendium.server.ClientPages.idIn;
import static app.impendium.server.ClientPages.keyOf;
import static app.impendium.server.ClientPages.link;
import static app.impendium.server.ClientPages.made;
import static app.impendium.server.ClientPages.page;
import static app.impendium.server.ClientPages.unseen;
import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.node.ObjectNode;

/** A client's page as someone would try it who has no right to it, or to more than it. */
class ClientPageSafetyTest {
    private static final Client BEA = Client.signedIn(Client.BEA);

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
                            .map(ClientPageSafetyTest::result)
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
        assertThat(other.put(link + "/shown", "\"0\"", "{}").status()).isEqualTo(404);
        assertThat(other.get("/api/client-notes/unseen").body()).isEmpty();
        other.putUnconditionally(address + "/client-notes/seen", "");

        assertThat(unseen(BEA, address)).isOne();
        assertThat(page(key, null).status()).isEqualTo(200);
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

    private static int result(java.util.concurrent.Future<Integer> answer) {
        try {
            return answer.get();
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }
}
