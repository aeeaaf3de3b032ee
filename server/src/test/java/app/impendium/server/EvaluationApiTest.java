package app.impendium.server;

import static app.impendium.core.GoldenCases.cents;
import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.GoldenCases;
import app.impendium.core.GoldenCases.GoldenCase;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.server.Client.Answer;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

class EvaluationApiTest {
    private static final Client BEA = Client.signedIn(Client.BEA);

    @ParameterizedTest
    @MethodSource("plainPayments")
    void givesTheGoldenFigures(GoldenCase golden) {
        Answer answer = BEA.post("/api/evaluations", loanAlone(golden.input()).toString());

        assertThat(answer.status()).isEqualTo(200);
        JsonNode figures = answer.body().get("options").get(0);
        JsonNode expect = golden.expect();
        assertThat(figures.get("paymentCents").asLong()).isEqualTo(cents(expect.get("payment")));
        assertDigits(figures.get("periodicRatePercent"), expect.get("periodicRatePercent"));
        assertDigits(figures.get("effectiveRatePercent"), expect.get("effectiveAnnualRatePercent"));
    }

    @Test
    void givesWhatAHouseCostsByParts() {
        ObjectNode document = Documents.purchase("Parts");
        ((ObjectNode) Documents.option(document).get("housing"))
                .put("propertyTaxPercent", new BigDecimal("1.2"))
                .put("homeInsuranceCents", 1_111_11)
                .put("mortgageInsurancePercent", new BigDecimal("0.5"))
                .put("duesCents", 45_00)
                .put("otherCents", 1);

        JsonNode figures =
                BEA.post("/api/evaluations", document.toString()).body().at("/options/0");
        JsonNode cost = figures.get("housingCost");

        assertThat(figures.get("loanCents").asLong()).isEqualTo(265_795_00);
        assertThat(figures.get("downCents").asLong()).isEqualTo(46_905_00);
        assertThat(figures.get("loanToValuePercent").decimalValue()).isEqualByComparingTo("85");
        assertThat(cost.get("propertyTaxCents").asLong()).isEqualTo(312_70);
        assertThat(cost.get("homeInsuranceCents").asLong()).isEqualTo(92_59);
        assertThat(cost.get("mortgageInsuranceCents").asLong()).isEqualTo(110_75);
        assertThat(cost.get("totalCents").asLong())
                .isEqualTo(figures.get("paymentCents").asLong() + 312_70 + 92_59 + 110_75 + 45_00 + 1);
        assertThat(figures.get("insuranceEndsFrom").asString())
                .isGreaterThan(figures.get("insuranceOnRequestFrom").asString());
    }

    @Test
    void addsUpEachYearToTheWhole() {
        JsonNode figures = BEA.post(
                        "/api/evaluations", Documents.purchase("Years").toString())
                .body()
                .at("/options/0");
        long interest = 0;
        long principal = 0;
        for (JsonNode year : figures.get("years")) {
            interest += year.get("interestCents").asLong();
            principal += year.get("principalCents").asLong();
        }

        assertThat(interest).isEqualTo(figures.get("totalInterestCents").asLong());
        assertThat(principal).isEqualTo(figures.get("loanCents").asLong());
        assertThat(figures.at("/years/25/balanceCents").asLong()).isZero();
    }

    private static ObjectNode loanAlone(JsonNode input) {
        ObjectNode document = Documents.purchase("Golden");
        PaymentFrequency frequency =
                PaymentFrequency.valueOf(input.get("frequency").asString());
        Documents.option(document)
                .put("loanCents", cents(input.get("amount")))
                .put("ratePercent", input.get("ratePercent").decimalValue())
                .put("compounding", input.get("compounding").asString())
                .put("frequency", frequency.name())
                .put("rounding", input.get("rounding").asString())
                .put("termMonths", input.get("payments").asInt() * 12 / frequency.perYear())
                .remove(java.util.List.of("priceCents", "downPercent"));
        return document;
    }

    private static void assertDigits(JsonNode figure, JsonNode expected) {
        BigDecimal digits = new BigDecimal(expected.asString());
        assertThat(figure.decimalValue().setScale(digits.scale(), RoundingMode.HALF_UP))
                .isEqualByComparingTo(digits);
    }

    static Stream<GoldenCase> plainPayments() {
        return GoldenCases.of("payment")
                .filter(golden -> golden.input().get("interestOnlyPayments").asInt() == 0
                        && cents(golden.input().get("residualBalance")) == 0);
    }
}
