package app.impendium.server;

import static app.impendium.core.GoldenCases.cents;
import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.GoldenCases;
import app.impendium.core.GoldenCases.GoldenCase;
import app.impendium.server.Client.Answer;
import java.math.RoundingMode;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Streams of any kind: the regulation's own examples, and what has no meaning. */
class StreamApiTest {
    private static final String ADDRESS = "/api/annual-percentage-rates";
    private static final Client BEA = Client.signedIn(Client.BEA);

    @ParameterizedTest
    @MethodSource("publishedExamples")
    void givesWhatTheRegulationPrints(GoldenCase published) {
        Answer answer = BEA.post(ADDRESS, stream(published.input()).toString());

        assertThat(answer.status()).as(answer.response().body()).isEqualTo(200);
        assertThat(answer.body().get("annualPercentageRate").decimalValue().setScale(2, RoundingMode.HALF_UP))
                .isEqualByComparingTo(published.expect().get("aprPercent").asString());
    }

    @Test
    void namesAllThatHasNoMeaning() {
        Answer answer = BEA.post(
                ADDRESS,
                "{\"unitPeriodsPerYear\":0,\"advances\":[],\"payments\":[{\"cents\":0,\"wholePeriods\":1},"
                        + "{\"cents\":1,\"wholePeriods\":-1},{\"cents\":1,\"wholePeriods\":1,\"fraction\":1},null]}");

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body().get("fields").findValuesAsString("pointer"))
                .containsExactly(
                        "/unitPeriodsPerYear",
                        "/advances",
                        "/payments/0/cents",
                        "/payments/1/wholePeriods",
                        "/payments/2/fraction",
                        "/payments/3");
    }

    @Test
    void knowsNoFractionThatIsNoNumber() {
        Answer answer = BEA.post(
                ADDRESS,
                "{\"unitPeriodsPerYear\":12,\"advances\":[{\"cents\":100000,\"wholePeriods\":0}],"
                        + "\"payments\":[{\"cents\":100001,\"wholePeriods\":1,\"fraction\":\"NaN\"}]}");

        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.messageAt("/payments/0/fraction"))
                .isEqualTo("this value is not allowed here, only a number of at most 40 digits.");
    }

    @Test
    void saysWhereNoRateExplainsThePayments() {
        Answer answer = BEA.post(
                ADDRESS,
                "{\"unitPeriodsPerYear\":12,\"advances\":[{\"cents\":100000,\"wholePeriods\":0}],"
                        + "\"payments\":[{\"cents\":99999,\"wholePeriods\":1}]}");

        assertThat(answer.messageAt("/payments"))
                .isEqualTo("There is no rate: the payments of 999.99 do not repay the 1,000.00 advanced.");
    }

    private static ObjectNode stream(JsonNode input) {
        String[] fraction = input.get("fraction").asString().split("/");
        ObjectNode document = (ObjectNode) Documents.json("{}");
        document.put("unitPeriodsPerYear", input.get("unitPeriodsPerYear").asInt());
        document.putArray("advances")
                .addObject()
                .put("cents", cents(input.get("amountAdvanced")))
                .put("wholePeriods", 0);
        ArrayNode payments = document.putArray("payments");
        for (int payment = 0; payment < input.get("payments").asInt(); payment++) {
            ObjectNode flow = payments.addObject()
                    .put("cents", cents(input.get("payment")))
                    .put("wholePeriods", input.get("wholeUnitPeriodsToFirst").asInt() + payment);
            if (fraction.length == 2) {
                flow.put("fraction", Double.parseDouble(fraction[0]) / Double.parseDouble(fraction[1]));
            }
        }
        return document;
    }

    static Stream<GoldenCase> publishedExamples() {
        return GoldenCases.of("published").filter(golden -> golden.expect().has("aprPercent"));
    }
}
