package app.impendium.server;

import static app.impendium.core.GoldenCases.cents;
import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.GoldenCases;
import app.impendium.core.GoldenCases.GoldenCase;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.server.Client.Answer;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

class EvaluationApiTest {
    private static final Client BEA = Client.signedIn(Client.BEA);

    @ParameterizedTest
    @MethodSource("payments")
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

    @ParameterizedTest
    @MethodSource("schedules")
    void givesTheGoldenSchedules(GoldenCase golden) {
        Answer answer = BEA.post("/api/schedules/0", loanAlone(golden.input()).toString());

        assertThat(answer.status()).as(answer.response().body()).isEqualTo(200);
        JsonNode lines = answer.body().get("lines");
        JsonNode last = lines.get(lines.size() - 1);
        JsonNode expect = golden.expect();
        assertThat(lines.get(0).get("balanceCents").asLong())
                .isEqualTo(cents(golden.input().get("amount")));
        assertThat(last.get("paymentCents").asLong()).isEqualTo(cents(expect.get("finalPayment")));
        assertThat(last.get("interestSoFarCents").asLong()).isEqualTo(cents(expect.get("totalInterest")));
        assertThat(last.get("balanceCents").asLong()).isZero();
        for (JsonNode row : expect.path("rows")) {
            JsonNode line = lines.get(row.get("number").asInt());
            assertThat(line.get("interestCents").asLong()).isEqualTo(cents(row.get("interest")));
            assertThat(line.get("principalCents").asLong()).isEqualTo(cents(row.get("principal")));
            assertThat(line.get("extraCents").asLong()).isEqualTo(cents(row.get("extra")));
            assertThat(line.get("balanceCents").asLong()).isEqualTo(cents(row.get("balance")));
        }
    }

    @Test
    void refusesClausesThatMakeNoSense() {
        ObjectNode document = Documents.purchase("Clauses");
        Documents.option(document)
                .put("interestOnlyPayments", 300)
                .put("residualCents", -1)
                .set(
                        "extras",
                        Documents.json("[{\"how\":\"ONCE\",\"cents\":0,\"firstPayment\":5},"
                                + "{\"how\":\"EACH_PAYMENT\",\"cents\":100,\"firstPayment\":9,\"lastPayment\":8}]"));

        Answer answer = BEA.post("/api/evaluations", document.toString());

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.messageAt("/options/0/extras/0"))
                .isEqualTo("0.00 is not allowed here, only 0.01 to 999,999,999.99.");
        assertThat(answer.messageAt("/options/0/extras/1"))
                .isEqualTo("An extra payment from payment 9 cannot end with payment 8.");
        Documents.option(document).remove("extras");
        Answer ranges = BEA.post("/api/evaluations", document.toString());
        assertThat(ranges.messageAt("/options/0/interestOnlyPayments"))
                .isEqualTo("300 is not allowed here, only 0 to 299.");
        assertThat(ranges.messageAt("/options/0/residualCents")).startsWith("-0.01 is not allowed here");
    }

    @Test
    void tellsTheLeastPaymentThatRepaysTheLoan() {
        ObjectNode document = Documents.purchaseWith("chosenPaymentCents", "100000");

        assertThat(BEA.post("/api/evaluations", document.toString()).messageAt("/options/0/chosenPaymentCents"))
                .isEqualTo("The payment of 1,000.00 does not cover the interest of 1,218.23 due with payment 1."
                        + " The least that repays the loan in its term is 1,632.22.");
    }

    @Test
    void knowsNoOptionThatIsNotThere() {
        assertThat(BEA.post("/api/schedules/1", Documents.purchase("One").toString())
                        .status())
                .isEqualTo(404);
    }

    private static ObjectNode loanAlone(JsonNode input) {
        ObjectNode document = Documents.purchase("Golden");
        boolean accelerated = input.path("accelerated").asBoolean(false);
        String named = input.path("frequency").asString("MONTHLY");
        PaymentFrequency frequency = PaymentFrequency.valueOf(accelerated ? "ACCELERATED_" + named : named);
        ObjectNode option = Documents.option(document);
        option.put("loanCents", cents(input.get("amount")))
                .put("ratePercent", input.get("ratePercent").decimalValue())
                .put("compounding", input.path("compounding").asString("MONTHLY"))
                .put("frequency", frequency.name())
                .put("rounding", input.path("rounding").asString("NEAREST_CENT"))
                .put("termMonths", input.get("payments").asInt() * 12 / frequency.perYear())
                .put("interestOnlyPayments", input.path("interestOnlyPayments").asInt(0))
                .put("extraEffect", input.path("recast").asBoolean(false) ? "RECAST" : "END_EARLY")
                .remove(List.of("priceCents", "downPercent"));
        if (input.has("residualBalance")) {
            option.put("residualCents", cents(input.get("residualBalance")));
        }
        if (input.has("chosenPayment")) {
            option.put("chosenPaymentCents", cents(input.get("chosenPayment")));
        }
        addExtras(option.putArray("extras"), input);
        ArrayNode changes = option.putArray("rateChanges");
        input.path("rateChanges").forEach(changes::add);
        return document;
    }

    private static void addExtras(ArrayNode extras, JsonNode input) {
        if (input.has("extraEveryPayment")) {
            extras.addObject()
                    .put("how", "EACH_PAYMENT")
                    .put("cents", cents(input.get("extraEveryPayment")))
                    .put("firstPayment", 1);
        }
        input.path("extraPayments")
                .forEach(extra -> extras.addObject()
                        .put("how", "ONCE")
                        .put("cents", cents(extra.get("amount")))
                        .put("firstPayment", extra.get("number").asInt()));
    }

    private static void assertDigits(JsonNode figure, JsonNode expected) {
        BigDecimal digits = new BigDecimal(expected.asString());
        assertThat(figure.decimalValue().setScale(digits.scale(), RoundingMode.HALF_UP))
                .isEqualByComparingTo(digits);
    }

    static Stream<GoldenCase> payments() {
        return GoldenCases.of("payment");
    }

    static Stream<GoldenCase> schedules() {
        return Stream.of("schedule", "ties", "accelerated").flatMap(GoldenCases::of);
    }
}
