package app.impendium.server;

import static app.impendium.core.GoldenCases.cents;
import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.GoldenCases;
import app.impendium.core.GoldenCases.GoldenCase;
import app.impendium.server.Client.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The options of a case beside one another, through the front door. */
class ComparisonApiTest {
    private static final Client BEA = Client.signedIn(Client.BEA);

    @ParameterizedTest
    @MethodSource("options")
    void costsWhatTheGoldenOptionsCost(GoldenCase golden) {
        JsonNode comparison = compared(GoldenDocuments.ofOptions(golden.input()));

        JsonNode expected = golden.expect();
        assertThat(comparison.get("horizonMonths")).isEqualTo(expected.get("horizonMonths"));
        assertThat(comparison.get("homeCostsCount")).isEqualTo(expected.get("carryingCounts"));
        expected.get("costs").forEach(costs -> checkCosts(comparison, costs));
        assertThat(comparison.get("cheapest")).isEqualTo(expected.get("cheapest"));
        JsonNode stays = expected.get("staysAtOrUnderBaselineFromMonth");
        for (int i = 0; i < stays.size(); i++) {
            assertThat(comparison.at("/options/" + (i + 1) + "/kept/staysFromMonth"))
                    .isEqualTo(stays.get(i));
        }
    }

    @ParameterizedTest
    @MethodSource("worth")
    void isWorthTodayWhatTheGoldenOptionsAre(GoldenCase golden) {
        JsonNode comparison = compared(GoldenDocuments.ofOptions(golden.input()));

        golden.expect().get("worth").forEach(costs -> checkCosts(comparison, costs));
    }

    private static void checkCosts(JsonNode comparison, JsonNode expected) {
        int months = expected.get("months").asInt();
        for (int i = 0; i < expected.get("byOption").size(); i++) {
            assertThat(costAfter(comparison, i, months))
                    .as("option %s after %s months", i, months)
                    .isEqualTo(cents(expected.get("byOption").get(i)));
        }
    }

    @ParameterizedTest
    @MethodSource("refinancings")
    void comparesRefinancingWithStaying(GoldenCase golden) {
        JsonNode comparison = compared(GoldenDocuments.ofRefinancing(golden.input()));

        JsonNode expected = golden.expect();
        JsonNode refinanced = comparison.at("/options/1");
        assertThat(refinanced.at("/figures/loanCents").asLong()).isEqualTo(cents(expected.get("newAmount")));
        assertThat(refinanced.at("/kept/monthCents").asLong()).isEqualTo(cents(expected.get("newPayment")));
        assertThat(comparison.at("/options/0/kept/monthCents").asLong())
                .isEqualTo(cents(expected.get("monthlyBefore")));
        assertThat(refinanced.at("/kept/payback/monthlySavingCents").asLong())
                .isEqualTo(cents(expected.get("monthlySaving")));
        assertThat(refinanced.at("/kept/payback/months")).isEqualTo(expected.get("simplePaybackMonths"));
        assertThat(refinanced.at("/kept/staysFromMonth")).isEqualTo(expected.get("refinancingAtOrUnderFromMonth"));
        expected.get("costs").forEach(costs -> {
            int months = costs.get("months").asInt();
            assertThat(costAfter(comparison, 0, months)).isEqualTo(cents(costs.get("staying")));
            assertThat(costAfter(comparison, 1, months)).isEqualTo(cents(costs.get("refinancing")));
        });
        List<String> runs = new ArrayList<>();
        expected.get("cheapest")
                .forEach(run -> runs.add(run.get("fromMonth") + "-" + run.get("toMonth") + " "
                        + (run.get("option").asString().equals("staying") ? 0 : 1)));
        assertThat(comparison
                        .get("cheapest")
                        .valueStream()
                        .map(run -> run.get("fromMonth") + "-" + run.get("toMonth") + " " + run.get("option")))
                .containsExactlyElementsOf(runs);
    }

    @ParameterizedTest
    @MethodSource("alternatives")
    void comparesAPurchaseWithAnAlternative(GoldenCase golden) {
        JsonNode comparison = compared(GoldenDocuments.ofAlternative(golden.input()));

        JsonNode expected = golden.expect();
        for (int i = 0; i < 2; i++) {
            JsonNode figures = expected.get(i == 0 ? "baseline" : "alternative");
            JsonNode option = comparison.at("/options/" + i + "/figures");
            assertThat(option.get("paymentCents").asLong()).isEqualTo(cents(figures.get("payment")));
            assertThat(option.get("totalInterestCents").asLong()).isEqualTo(cents(figures.get("totalInterest")));
        }
        expected.get("allInCostByYear").forEach(costs -> {
            int months = 12 * costs.get("year").asInt();
            assertThat(costAfter(comparison, 0, months)).isEqualTo(cents(costs.get("baseline")));
            assertThat(costAfter(comparison, 1, months)).isEqualTo(cents(costs.get("alternative")));
        });
        assertThat(comparison.at("/options/1/kept/staysFromMonth")).isEqualTo(expected.get("breakEvenPayment"));
    }

    @ParameterizedTest
    @MethodSource("renewals")
    void tellsHowMuchMoreARenewalTakesThanWhatIsPaidToday(GoldenCase golden) {
        JsonNode expected = golden.expect();
        JsonNode comparison = compared(GoldenDocuments.ofRenewal(golden.input(), expected));

        JsonNode rates = golden.input().get("renewalRatesPercent");
        for (int i = 0; i < rates.size(); i++) {
            JsonNode option = comparison.at("/options/" + i);
            assertThat(option.at("/figures/paymentCents").asLong())
                    .isEqualTo(cents(expected.get("paymentsAfter").get(i)));
            assertThat(option.at("/kept/changeFromTodayCents").asLong())
                    .isEqualTo(cents(expected.get("changes").get(i)));
        }
    }

    static Stream<GoldenCase> renewals() {
        return GoldenCases.of("renewal");
    }

    @Test
    void laysOutRatesAcrossTermsAndSharesDown() {
        String document = Documents.purchase("Grid").toString();

        JsonNode byTerm = BEA.post("/api/grids/0?across=TERM", document).body();
        JsonNode byDown = BEA.post("/api/grids/0?across=DOWN_PAYMENT", document).body();
        JsonNode figures = BEA.post("/api/evaluations", document).body().at("/options/0");

        assertThat(byTerm.at("/3/3/paymentCents")).isEqualTo(figures.get("paymentCents"));
        assertThat(byTerm.at("/3/3/across").asInt()).isEqualTo(300);
        assertThat(byDown.at("/3/2/totalInterestCents")).isEqualTo(figures.get("totalInterestCents"));
        assertThat(byDown.at("/0/0/ratePercent").asString()).isEqualTo("4.75");
    }

    @Test
    void explainsTheFiguresOfAnOptionAsLongAsItIsKept() {
        ObjectNode document = Documents.purchaseWith("name", "\"Kept\"");
        document.putObject("assumptions").put("keptMonths", 30);

        JsonNode kept = compared(document).at("/options/0/kept");
        JsonNode workings =
                BEA.post("/api/workings/0/kept", document.toString()).body();

        assertThat(workings.valueStream().map(working -> working.get("figure").asString()))
                .containsExactly("KEPT_COST", "KEPT_BALANCE", "KEPT_INTEREST", "STAYS_FROM", "KEPT_MONTH");
        assertThat(cents(workings.at("/0/result/value")))
                .isEqualTo(kept.get("costCents").asLong());
        assertThat(cents(workings.at("/1/result/value")))
                .isEqualTo(kept.get("balanceCents").asLong());
    }

    @Test
    void anOptionWithoutFiguresTellsWhyAndLeavesTheOthersTheirs() {
        ObjectNode document = Documents.purchase("One of them cannot be");
        ObjectNode impossible = Documents.option(document).deepCopy().put("id", "impossible");
        impossible.withObject("/financing/down").removeAll().put("cents", 90000000);
        document.withArray("options").insert(0, impossible);
        ObjectNode worse = impossible.deepCopy().put("id", "worse");
        worse.withObject("/terms").put("amortizationMonths", 0);
        document.withArray("options").add(worse);

        JsonNode comparison = compared(document);

        assertThat(comparison.get("baseline").asInt()).isEqualTo(1);
        assertThat(comparison.at("/options/0/figures").isNull()).isTrue();
        assertThat(comparison.at("/options/0/because/0/pointer").asString()).isEqualTo("/options/0/financing/down");
        assertThat(comparison.at("/options/0/because/0/message").asString())
                .isEqualTo("A down payment of 900,000.00 leaves nothing to borrow on a price of 312,700.00.");
        assertThat(comparison.at("/options/2/because")).hasSize(2);
        assertThat(comparison.at("/cheapestThen").toString()).isEqualTo("[1]");
        assertThat(comparison.at("/cheapest/0/option").asInt()).isEqualTo(1);
        assertThat(BEA.post("/api/workings/0/kept", document.toString()).status())
                .isEqualTo(404);
    }

    @Test
    void aCaseWithoutAnyFiguresIsRefusedWithEverythingThatIsWrong() {
        ObjectNode document = Documents.purchaseWith("terms.ratePercent", "31");
        document.putArray("debts")
                .addObject()
                .put("id", "d 1")
                .put("name", "Boat")
                .put("balanceCents", 1)
                .put("paymentCents", 1)
                .put("paymentsLeft", 0);

        Answer beside = BEA.post("/api/comparisons", document.toString());
        document.remove("debts");
        Answer option = BEA.post("/api/comparisons", document.toString());

        assertThat(beside.status()).isEqualTo(422);
        assertThat(beside.messageAt("/debts/0/id")).contains("letters, digits and hyphens");
        assertThat(beside.messageAt("/debts/0/paymentsLeft")).contains("1 to 600");
        assertThat(option.messageAt("/options/0/terms/ratePercent")).contains("0 % to 30 %");
    }

    @Test
    void aDebtThatIsPaidOffMustBeOneOfTheCaseThatCanRun() {
        ObjectNode document = Documents.purchase("Debts");
        document.putArray("debts")
                .addObject()
                .put("id", "card")
                .put("name", "Card")
                .put("balanceCents", 900000)
                .put("paymentCents", 5000)
                .put("ratePercent", 7);
        ObjectNode financing = Documents.option(document)
                .putObject("financing")
                .put("kind", "REFINANCING")
                .put("balanceCents", 10000000);
        financing.putArray("debtsPaidOff").add("boat");

        assertThat(BEA.post("/api/comparisons", document.toString()).messageAt("/options/0/financing/debtsPaidOff/0"))
                .isEqualTo("There is no debt with the id boat.");
        financing.putArray("debtsPaidOff").add("card");
        assertThat(BEA.post("/api/comparisons", document.toString()).messageAt("/debts/0/paymentCents"))
                .startsWith("The payment of 50.00 does not cover the interest of 52.50 due with payment 1.");
    }

    private static long costAfter(JsonNode comparison, int option, int months) {
        return comparison
                .at("/options/" + option + "/kept/costsByMonthCents/" + months)
                .asLong();
    }

    private static JsonNode compared(ObjectNode document) {
        Answer answer = BEA.post("/api/comparisons", document.toString());
        assertThat(answer.status()).as(answer.response().body()).isEqualTo(200);
        return answer.body();
    }

    static Stream<GoldenCase> options() {
        return GoldenCases.of("options");
    }

    static Stream<GoldenCase> worth() {
        return GoldenCases.of("worth");
    }

    static Stream<GoldenCase> refinancings() {
        return GoldenCases.of("refinance");
    }

    static Stream<GoldenCase> alternatives() {
        return GoldenCases.of("compare");
    }
}
