package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import java.math.BigDecimal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Figures of a home from outside. */
class EstimateApiTest {
    private static final Client BEA = Client.signedIn(Client.BEA);
    private static final String HOME = """
            {"market": "US", "home": {"area": "%s", "dwelling": "ATTACHED", "bedrooms": 3, "baths": 2},
             "valueCents": 26840000}
            """;

    @ParameterizedTest
    @ValueSource(strings = {"property-tax", "home-value"})
    void areMarkedAsSimulatedAndTheSameForTheSameQuestion(String figure) {
        JsonNode first = ask(figure, "48217");
        assertThat(first).isEqualTo(ask(figure, "48217"));
        assertThat(first).isNotEqualTo(ask(figure, "48260"));
        JsonNode origin = first.get("origin");
        assertThat(origin.get("simulated").asBoolean()).isTrue();
        assertThat(origin.get("source").asString()).startsWith("Simulated ");
        assertThat(first.get("cents").asLong())
                .isBetween(
                        origin.get("lowCents").asLong(), origin.get("highCents").asLong());
    }

    @Test
    void aHigherDeductibleLowersThePremium() {
        JsonNode quotes = ask("home-insurance", "48217");
        assertThat(quotes.valueStream()
                        .map(quote -> quote.get("deductibleCents").asLong()))
                .isSorted()
                .hasSizeGreaterThan(2);
        assertThat(quotes.valueStream().map(quote -> -quote.get("cents").asLong()))
                .isSorted();
    }

    @Test
    void aRentTellsRadiusAndLettingsAndFollowsTheBasis() {
        JsonNode byYear = rent("LONG");
        assertThat(byYear.at("/origin/about").asString()).matches("\\d+ lettings within \\d+ km, 3 bedrooms");
        assertThat(rent("SHORT").get("cents").asLong())
                .isGreaterThan(byYear.get("cents").asLong());
    }

    @Test
    void oneWhoDoesNotAnswerIsToldInWords() {
        Answer failed = BEA.post("/api/estimates/property-tax", HOME.formatted("down"));
        assertThat(failed.status()).isEqualTo(502);
        assertThat(failed.body().get("detail").asString())
                .isEqualTo("The tax office does not answer. Type the figure, or ask again later.");
    }

    @Test
    void whatIsMissingOrHasNoMeaningIsToldAtItsField() {
        Answer refused = BEA.post(
                "/api/estimates/property-tax", "{\"market\": \"US\", \"home\": {\"bedrooms\": 40, \"baths\": 1.25}}");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body()
                        .at("/fields")
                        .valueStream()
                        .map(field -> field.get("pointer").asString()))
                .containsExactly("/home/area", "/home/dwelling", "/home/bedrooms", "/home/baths");
    }

    private static JsonNode rent(String basis) {
        ObjectNode question = Documents.json(HOME.formatted("48217")).asObject().put("basis", basis);
        question.remove("valueCents");
        question.withObject("/home").put("baths", new BigDecimal("1.5"));
        return BEA.post("/api/estimates/rent", question.toString()).body();
    }

    private static JsonNode ask(String figure, String area) {
        Answer answer = BEA.post("/api/estimates/" + figure, HOME.formatted(area));
        assertThat(answer.status()).isEqualTo(200);
        return answer.body();
    }
}
