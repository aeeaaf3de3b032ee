package app.impendium.server;

import static app.impendium.core.GoldenCases.cents;
import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.GoldenCases;
import app.impendium.core.GoldenCases.GoldenCase;
import app.impendium.server.Client.Answer;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What stands around a loan, through the front door: the same exact cases as in the computation's own tests. */
class LoanCostsApiTest {
    private static final Client BEA = Client.signedIn(Client.BEA);

    @ParameterizedTest
    @MethodSource("buydowns")
    void givesTheGoldenBuydowns(GoldenCase golden) {
        ObjectNode document = monthlyLoan(golden.input(), golden.input().get("termMonths"));
        Documents.set(document, "features.buydown.paidBy", "\"BUYER\"");
        Documents.set(
                document,
                "features.buydown.reductionsPercent",
                golden.input().get("reductionsPercent").toString());

        JsonNode figures = figures(document);

        ArrayNode expected = (ArrayNode) golden.expect().get("paymentByYear");
        for (int year = 0; year < expected.size(); year++) {
            assertThat(figures.at("/buydown/paymentCentsByYear/" + year).asLong())
                    .isEqualTo(cents(expected.get(year)));
        }
        assertThat(figures.at("/cashToClose/buydownSubsidyCents").asLong())
                .isEqualTo(cents(golden.expect().get("subsidy")))
                .isEqualTo(figures.at("/buydown/subsidyCents").asLong());
        assertThat(figures.get("housingPeriods")).hasSizeGreaterThanOrEqualTo(expected.size());
    }

    @ParameterizedTest
    @MethodSource("annualPercentageRates")
    void givesTheGoldenAnnualPercentageRates(GoldenCase golden) {
        ObjectNode document = monthlyLoan(golden.input(), golden.input().get("payments"));
        addItem(document, "LOAN_FEE", cents(golden.input().get("prepaidFinanceCharge")));

        assertThat(decimal(figures(document).get("annualPercentageRate"), 6))
                .isEqualByComparingTo(golden.expect().get("aprPercent").asString());
    }

    @ParameterizedTest
    @MethodSource("insurances")
    void givesTheGoldenInsurances(GoldenCase golden) {
        JsonNode input = golden.input();
        ObjectNode document = monthlyLoan(input, input.get("payments"));
        long down = cents(input.get("value")) - cents(input.get("amount"));
        Documents.set(
                document,
                "financing",
                "{\"kind\":\"PURCHASE\",\"priceCents\":" + cents(input.get("value")) + ",\"down\":{\"cents\":" + down
                        + "}}");
        Documents.set(
                document,
                "housing.mortgageInsurancePercent",
                input.get("premiumPercentPerYear").toString());

        JsonNode insurance = figures(document).get("insurance");

        JsonNode expect = golden.expect();
        assertThat(insurance.get("monthlyCents").asLong()).isEqualTo(cents(expect.get("monthlyPremium")));
        assertThat(insurance.get("onRequestFromPayment").asInt())
                .isEqualTo(expect.get("firstPaymentWithoutOnRequest80").asInt());
        assertThat(insurance.get("endsFromPayment").asInt())
                .isEqualTo(expect.get("firstPaymentWithoutAutomatic78").asInt());
        assertThat(insurance.get("premiumsCents").asLong()).isEqualTo(cents(expect.get("premiumsPaidToAutomatic")));
    }

    /** Adds an item at closing. */
    private static void addItem(ObjectNode document, String kind, long cents) {
        ArrayNode items = Documents.option(document).withObject("/closing").withArray("items");
        items.addObject()
                .put("id", "item-" + items.size())
                .put("kind", kind)
                .putObject("amount")
                .put("cents", cents);
    }

    @Test
    void statesTheWholeCostAsTheMarketsLawAsks() {
        ObjectNode document = Documents.purchase("Four laws");
        addItem(document, "LOAN_FEE", 300_000);
        Map<String, String> rates = new TreeMap<>();
        Map<String, String> sources = new TreeMap<>();
        for (String market : List.of("US", "CA", "GB", "AU")) {
            document.put("market", market);
            rates.put(
                    market,
                    decimal(figures(document).get("annualPercentageRate"), 3).toPlainString());
            for (JsonNode working :
                    BEA.post("/api/workings/0", document.toString()).body()) {
                if (working.get("figure").asString().equals("ANNUAL_PERCENTAGE_RATE")) {
                    sources.put(market, working.get("source").asString());
                }
            }
        }

        assertThat(rates)
                .containsEntry("US", rates.get("AU"))
                .allSatisfy((market, rate) ->
                        assertThat(new BigDecimal(rate)).isBetween(new BigDecimal("5.5"), new BigDecimal("6")));
        assertThat(new BigDecimal(rates.get("GB"))).isGreaterThan(new BigDecimal(rates.get("US")));
        assertThat(rates.get("CA")).isNotEqualTo(rates.get("US"));
        assertThat(sources.get("US")).contains("12 CFR 1026");
        assertThat(sources.get("CA")).contains("Cost of Borrowing (Banks) Regulations");
        assertThat(sources.get("GB")).contains("Directive 2014/17/EU", "MCOB 10A");
        assertThat(sources.get("AU")).contains("National Credit Code");
    }

    @Test
    void givesThePublishedTotalInterestPercentage() {
        JsonNode sample = GoldenCases.of("published")
                .filter(golden -> golden.name().equals("official-sample-disclosure"))
                .map(golden -> {
                    ObjectNode document = Documents.loanAlone(((ObjectNode) golden.input()).put("payments", 360));
                    addItem(document, "PREPAID_INTEREST", cents(golden.input().get("prepaidInterest")));
                    return Documents.json("[" + figures(document) + "," + golden.expect() + "]");
                })
                .findFirst()
                .orElseThrow();

        JsonNode figures = sample.get(0);
        JsonNode expect = sample.get(1);
        assertThat(decimal(figures.get("totalInterestPercentage"), 2))
                .isEqualByComparingTo(
                        expect.get("totalInterestPercentageWithPrepaidInterest").asString());
        assertThat(BigDecimal.valueOf(figures.at("/fiveYears/principalCents").asLong(), 2)
                        .setScale(0, RoundingMode.HALF_UP))
                .isEqualByComparingTo(
                        expect.get("principalPaidInFiveYearsRounded").asString());
    }

    @Test
    void tellsWhatBeginsAndEndsByDay() {
        ObjectNode document = Documents.purchase("By day");
        Documents.set(document, "terms.firstPayment", "null");
        Documents.set(document, "closing.day", "\"2027-01-20\"");
        Documents.set(
                document,
                "features.extras",
                "[{\"id\":\"a\",\"how\":\"EACH_PAYMENT\",\"cents\":10000,"
                        + "\"firstDay\":\"2028-01-02\",\"lastDay\":\"2028-12-31\"}]");
        Documents.set(
                document, "features.rateChanges", "[{\"id\":\"a\",\"fromDay\":\"2030-03-01\",\"ratePercent\":6}]");

        JsonNode schedule = BEA.post("/api/schedules/0", document.toString()).body();

        assertThat(schedule.at("/dates/0").asString()).isEqualTo("2027-03-01");
        assertThat(schedule.at("/dates/11").asString()).isEqualTo("2028-02-01");
        assertThat(schedule.at("/extraCents/11").asLong()).isZero();
        assertThat(schedule.at("/extraCents/12").asLong()).isEqualTo(10_000);
        assertThat(schedule.at("/extraCents/22").asLong()).isEqualTo(10_000);
        assertThat(schedule.at("/extraCents/23").asLong()).isZero();
        assertThat(schedule.get("milestones").toString())
                .contains("{\"payment\":37,\"kind\":\"RATE_CHANGES\"}", "{\"payment\":12,\"kind\":\"EXTRAS_BEGIN\"}");
        assertThat(schedule.at("/valueCents/0").asLong()).isEqualTo(312_700_00);
        assertThat(schedule.at("/reconciliation/closingBalanceCents").asLong()).isZero();
    }

    @Test
    void refusesTimesThatDoNotFit() {
        ObjectNode document = Documents.purchase("Times");
        Documents.set(document, "closing.day", "\"2027-02-10\"");
        Documents.set(
                document,
                "features.extras",
                "[{\"id\":\"a\",\"how\":\"ONCE\",\"cents\":1,\"firstDay\":\"2027-02-09\"},"
                        + "{\"id\":\"b\",\"how\":\"ONCE\",\"cents\":1,\"firstDay\":\"2028-02-09\",\"firstPayment\":3},"
                        + "{\"id\":\"c\",\"how\":\"ONCE\",\"cents\":1}]");

        Answer answer = BEA.post("/api/evaluations", document.toString());

        assertThat(answer.messageAt("/options/0/features/extras/0/firstDay"))
                .isEqualTo("The 2027-02-09 comes before the closing on 2027-02-10.");
        assertThat(answer.messageAt("/options/0/features/extras/1/firstDay")).contains("not both");
        assertThat(answer.messageAt("/options/0/features/extras/2/firstPayment"))
                .isEqualTo("A value is missing here.");
        Documents.set(document, "features.extras", "[]");
        Documents.set(document, "terms.firstPayment", "\"2027-02-01\"");
        assertThat(BEA.post("/api/evaluations", document.toString()).messageAt("/options/0/terms/firstPayment"))
                .contains("comes before the closing");
    }

    @Test
    void refusesAnExtraPaymentYearsBeforeTheLoan() {
        ObjectNode document = Documents.purchase("Early");
        Documents.set(document, "terms.firstPayment", "\"2027-03-01\"");
        Documents.set(
                document,
                "features.extras",
                "[{\"id\":\"a\",\"how\":\"ONCE\",\"cents\":500000,\"firstDay\":\"2020-03-01\"}]");

        assertThat(BEA.post("/api/evaluations", document.toString()).messageAt("/options/0/features/extras/0/firstDay"))
                .isEqualTo("The 2020-03-01 comes before the loan, which begins on 2027-01-01 at the earliest by its"
                        + " first payment.");
    }

    @Test
    void namesWhatIsWrongWithClosingAndBuydown() {
        ObjectNode document = Documents.purchase("Closing");
        Documents.set(
                document,
                "closing",
                "{\"upfrontPremium\":{\"percent\":12,\"financed\":false},\"items\":["
                        + "{\"id\":\"a\",\"kind\":\"POINTS\",\"amount\":{\"percent\":11}},"
                        + "{\"id\":\"b\",\"kind\":\"LOAN_FEE\",\"amount\":{\"cents\":-1}},"
                        + "{\"id\":\"b\",\"kind\":\"LOAN_FEE\",\"amount\":{\"cents\":1,\"percent\":1}},"
                        + "{\"id\":\"no id\",\"kind\":\"SELLER_CREDIT\",\"amount\":{},\"paidBy\":\"SELLER\"},"
                        + "{\"kind\":\"SELLER_CREDIT\",\"amount\":{\"cents\":1},\"paidBy\":\"SELLER\"}]}");
        Documents.set(document, "features.buydown", "{\"paidBy\":\"SELLER\",\"reductionsPercent\":[1,null,200]}");

        Answer answer = BEA.post("/api/evaluations", document.toString());

        assertThat(answer.status()).isEqualTo(422);
        String items = "/options/0/closing/items/";
        assertThat(answer.body().get("fields").findValuesAsString("pointer"))
                .containsExactlyInAnyOrder(
                        items + "0/amount",
                        items + "1/amount",
                        items + "2/id",
                        items + "2/amount",
                        items + "3/id",
                        items + "3/amount",
                        items + "4/id",
                        items + "4/paidBy",
                        "/options/0/closing/upfrontPremium/percent",
                        "/options/0/features/buydown/reductionsPercent/1",
                        "/options/0/features/buydown/reductionsPercent/2");
        assertThat(answer.body().at("/fields/0").toString())
                .startsWith(
                        "{\"pointer\":\"/options/0/closing/items/2/id\",\"parameter\":null,\"code\":\"DUPLICATE_ID\","
                                + "\"values\":[{\"unit\":\"TEXT\",\"value\":\"b\"}]");
        Documents.set(document, "closing", "null");
        Documents.set(document, "features.buydown.reductionsPercent", "[7]");
        assertThat(BEA.post("/api/evaluations", document.toString())
                        .messageAt("/options/0/features/buydown/reductionsPercent/0"))
                .isEqualTo("7 % is not allowed here, only up to the rate of 5.5 %.");
    }

    private static ObjectNode monthlyLoan(JsonNode input, JsonNode payments) {
        return Documents.loanAlone(((ObjectNode) input.deepCopy()).put("payments", payments.asInt()));
    }

    private static JsonNode figures(ObjectNode document) {
        Answer answer = BEA.post("/api/evaluations", document.toString());
        assertThat(answer.status()).as(answer.response().body()).isEqualTo(200);
        return answer.body().at("/options/0");
    }

    private static BigDecimal decimal(JsonNode figure, int decimals) {
        return figure.decimalValue().setScale(decimals, RoundingMode.HALF_UP);
    }

    static Stream<GoldenCase> buydowns() {
        return GoldenCases.of("buydown");
    }

    static Stream<GoldenCase> annualPercentageRates() {
        return GoldenCases.of("apr");
    }

    static Stream<GoldenCase> insurances() {
        return GoldenCases.of("mortgage_insurance");
    }
}
