package app.impendium.server;

import static app.impendium.server.ClientPages.CLIENT;
import static app.impendium.server.ClientPages.address;
import static app.impendium.server.ClientPages.ago;
import static app.impendium.server.ClientPages.document;
import static app.impendium.server.ClientPages.inDays;
import static app.impendium.server.ClientPages.keyOf;
import static app.impendium.server.ClientPages.link;
import static app.impendium.server.ClientPages.made;
import static app.impendium.server.ClientPages.page;
import static app.impendium.server.ClientPages.send;
import static app.impendium.server.ClientPages.unseen;
import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The page that a client opens by a link: what it shows, what follows their changes, and what comes back from it. */
class ClientPageApiTest {
    private static final Client BEA = Client.signedIn(Client.BEA);

    @Test
    void showsTheChosenSectionsWithTheFiguresOfTheHandout() {
        ObjectNode document = document("Lot 3, Fern Rise");
        String key = keyOf(made(BEA, address(BEA, document), null));

        JsonNode page = page(key, null).body();

        JsonNode handout = BEA.post("/api/hand-outs/content", "{\"document\": " + document + "}")
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
                        "{\"document\": " + changed + ", \"titles\": [\"Baseline, changed\"]}")
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

        assertThat(BEA.put(shown, "\"0\"", "{\"titles\": []}").status()).isEqualTo(409);
        assertThat(BEA.put(shown, "\"1\"", "{\"titles\": []}").status()).isEqualTo(204);

        assertThat(page(key, null).body().at("/advised/ratePercent").decimalValue())
                .isEqualByComparingTo("7.125");
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
}
