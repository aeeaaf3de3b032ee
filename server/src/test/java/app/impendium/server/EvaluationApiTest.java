package app.impendium.server;

import static app.impendium.core.GoldenCases.cents;
import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.GoldenCases;
import app.impendium.core.GoldenCases.GoldenCase;
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
    @MethodSource("payments")
    void givesTheGoldenFigures(GoldenCase golden) {
        Answer answer =
                BEA.post("/api/evaluations", Documents.loanAlone(golden.input()).toString());

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
        Documents.set(document, "housing.propertyTax", "{\"percent\":1.2}");
        ((ObjectNode) Documents.option(document).get("housing"))
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
        assertThat(figures.at("/insurance/endsFrom").asString())
                .isGreaterThan(figures.at("/insurance/onRequestFrom").asString());
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
        Answer answer =
                BEA.post("/api/schedules/0", Documents.loanAlone(golden.input()).toString());

        assertThat(answer.status()).as(answer.response().body()).isEqualTo(200);
        JsonNode schedule = answer.body();
        JsonNode expect = golden.expect();
        int last = schedule.get("balanceCents").size() - 1;
        assertThat(at(schedule, "balanceCents", 0))
                .isEqualTo(cents(golden.input().get("amount")));
        assertThat(at(schedule, "paymentCents", last)).isEqualTo(cents(expect.get("finalPayment")));
        assertThat(schedule.get("interestCents")
                        .valueStream()
                        .mapToLong(JsonNode::asLong)
                        .sum())
                .isEqualTo(cents(expect.get("totalInterest")));
        assertThat(at(schedule, "balanceCents", last)).isZero();
        assertThat(schedule.get("dates")).hasSize(last);
        for (JsonNode row : expect.path("rows")) {
            int number = row.get("number").asInt();
            assertThat(at(schedule, "interestCents", number)).isEqualTo(cents(row.get("interest")));
            assertThat(at(schedule, "principalCents", number)).isEqualTo(cents(row.get("principal")));
            assertThat(at(schedule, "extraCents", number)).isEqualTo(cents(row.get("extra")));
            assertThat(at(schedule, "balanceCents", number)).isEqualTo(cents(row.get("balance")));
        }
    }

    @Test
    void refusesFeaturesThatMakeNoSense() {
        ObjectNode document = Documents.purchase("Clauses");
        Documents.set(document, "features.interestOnlyPayments", "301");
        Documents.set(document, "features.balloonCents", "-1");
        Documents.set(
                document,
                "features.extras",
                "[{\"id\":\"a\",\"how\":\"ONCE\",\"cents\":0,\"firstPayment\":5},"
                        + "{\"id\":\"b\",\"how\":\"EACH_PAYMENT\",\"cents\":100,\"firstPayment\":9,\"lastPayment\":8}]");

        Answer answer = BEA.post("/api/evaluations", document.toString());

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.messageAt("/options/0/features/extras/0/cents"))
                .isEqualTo("0.00 is not allowed here, only 0.01 to 999,999,999.99.");
        assertThat(answer.messageAt("/options/0/features/extras/1/lastPayment"))
                .isEqualTo("An extra payment from payment 9 cannot end with payment 8.");
        Documents.set(document, "features.extras", "[]");
        Answer ranges = BEA.post("/api/evaluations", document.toString());
        assertThat(ranges.messageAt("/options/0/features/interestOnlyPayments"))
                .isEqualTo("301 is not allowed here, only 0 to 300.");
        assertThat(ranges.messageAt("/options/0/features/balloonCents")).startsWith("-0.01 is not allowed here");
    }

    @Test
    void tellsTheLeastPaymentThatRepaysTheLoan() {
        ObjectNode document = Documents.purchaseWith("features.paymentCents", "100000");

        assertThat(BEA.post("/api/evaluations", document.toString()).messageAt("/options/0/features/paymentCents"))
                .isEqualTo("The payment of 1,000.00 does not cover the interest of 1,218.23 due with payment 1."
                        + " The least that repays the loan in its term is 1,632.22.");
    }

    @Test
    void knowsNoOptionThatIsNotThere() {
        assertThat(BEA.post("/api/schedules/1", Documents.purchase("One").toString())
                        .status())
                .isEqualTo(404);
    }

    private static long at(JsonNode schedule, String column, int line) {
        return schedule.get(column).get(line).asLong();
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
