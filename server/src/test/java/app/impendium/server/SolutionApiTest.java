package app.impendium.server;

import static app.impendium.core.GoldenCases.cents;
import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.GoldenCases;
import app.impendium.core.GoldenCases.GoldenCase;
import app.impendium.server.Client.Answer;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Any one figure of a loan alone from the others. */
class SolutionApiTest {
    private static final Client BEA = Client.signedIn(Client.BEA);

    @ParameterizedTest
    @MethodSource("schedules")
    void givesTheGoldenPayments(GoldenCase golden) {
        JsonNode input = golden.input();
        ObjectNode loan = loan(cents(input.get("amount")), input.get("payments").asInt());
        loan.set("ratePercent", input.get("ratePercent"));
        loan.put("compounding", input.path("compounding").asString("MONTHLY"))
                .put("frequency", input.path("frequency").asString("MONTHLY"))
                .put("balloonCents", input.has("residualBalance") ? cents(input.get("residualBalance")) : 0)
                .put("rounding", input.path("rounding").asString("NEAREST_CENT"));

        assertThat(solve("PAYMENT", loan).get("cents").asLong())
                .isEqualTo(cents(golden.expect().get("payment")));
    }

    @Test
    void findsEachFromTheOthers() {
        ObjectNode loan = loan(20_000_000, 300).put("ratePercent", 5.25).put("paymentCents", 119_850);

        long largest = solve("LOAN", loan).get("cents").asLong();
        assertThat(solve("PAYMENT", loan(largest, 300).put("ratePercent", 5.25))
                        .get("cents")
                        .asLong())
                .isLessThanOrEqualTo(119_850);
        assertThat(solve("PAYMENT", loan(largest + 1, 300).put("ratePercent", 5.25))
                        .get("cents")
                        .asLong())
                .isGreaterThan(119_850);
        JsonNode rate = solve("RATE", loan).get("ratePercent");
        assertThat(rate.decimalValue().scale()).isGreaterThan(3);
        loan.set("ratePercent", rate);
        assertThat(solve("PAYMENTS", loan).get("payments").asInt()).isEqualTo(300);
        assertThat(solve("BALLOON", loan).get("cents").asLong()).isZero();
    }

    @Test
    void tellsTheBalanceThatAChosenPaymentLeaves() {
        ObjectNode loan = loan(20_000_000, 300).put("ratePercent", 5.25).put("paymentCents", 150_000);
        ObjectNode document = Documents.purchaseWith("financing", "{\"kind\":\"LOAN_ONLY\",\"loanCents\":20000000}");
        Documents.set(document, "terms.ratePercent", "5.25");
        Documents.set(document, "features.paymentCents", "150000");
        JsonNode balances =
                BEA.post("/api/schedules/0", document.toString()).body().get("balanceCents");

        assertThat(solve("BALANCE", loan.put("afterPayments", 60)).get("cents").asLong())
                .isEqualTo(balances.get(60).asLong());
        assertThat(solve("BALANCE", loan.put("afterPayments", 299)).get("cents").asLong())
                .isZero();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "PAYMENT  | /payments      | \"payments\":null        | A value is missing here.",
                "PAYMENT  | /payments      | \"payments\":601         | 601 is not allowed here, only 1 to 600.",
                "PAYMENT  | /ratePercent   | \"ratePercent\":31       | 31 % is not allowed here, only 0 % to 30 %.",
                "RATE     | /paymentCents  | \"paymentCents\":0       | 0.00 is not allowed here, only 0.01 to 999,999,999.99.",
                "BALANCE  | /afterPayments | \"afterPayments\":-1     | -1 is not allowed here, only 0 to 600."
            })
    void namesWhatIsWrong(String unknown, String pointer, String member, String message) {
        ObjectNode loan = loan(20_000_000, 300).put("ratePercent", 5.25).put("paymentCents", 150_000);
        JsonNode wrong = Documents.json("{" + member + "}");
        loan.setAll((ObjectNode) wrong);

        Answer answer = BEA.post("/api/solutions/" + unknown, loan.toString());

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.messageAt(pointer)).isEqualTo(message);
    }

    private static ObjectNode loan(long cents, int payments) {
        return ((ObjectNode) Documents.json(
                        "{\"compounding\":\"MONTHLY\",\"frequency\":\"MONTHLY\",\"rounding\":\"NEAREST_CENT\"}"))
                .put("loanCents", cents)
                .put("payments", payments);
    }

    private static JsonNode solve(String unknown, ObjectNode loan) {
        Answer answer = BEA.post("/api/solutions/" + unknown, loan.toString());
        assertThat(answer.status()).as(answer.response().body()).isEqualTo(200);
        return answer.body();
    }

    static Stream<GoldenCase> schedules() {
        return GoldenCases.of("payment")
                .filter(golden -> golden.input().path("interestOnlyPayments").asInt(0) == 0);
    }
}
