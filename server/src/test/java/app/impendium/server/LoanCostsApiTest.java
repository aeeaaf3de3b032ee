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
import java.util.stream.Collectors;
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
        ObjectNode buydown = Documents.option(document).putObject("buydown").put("payer", "BUYER");
        buydown.set("reductionsPercent", golden.input().get("reductionsPercent"));

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
        Documents.option(document)
                .putObject("closing")
                .put("loanFeesCents", cents(golden.input().get("prepaidFinanceCharge")));

        assertThat(decimal(figures(document).get("annualPercentageRate"), 6))
                .isEqualByComparingTo(golden.expect().get("aprPercent").asString());
    }

    @ParameterizedTest
    @MethodSource("insurances")
    void givesTheGoldenInsurances(GoldenCase golden) {
        JsonNode input = golden.input();
        ObjectNode document = monthlyLoan(input, input.get("payments"));
        ObjectNode option = Documents.option(document);
        option.remove("loanCents");
        option.put("priceCents", cents(input.get("value")))
                .put("downCents", cents(input.get("value")) - cents(input.get("amount")));
        option.putObject("housing").set("mortgageInsurancePercent", input.get("premiumPercentPerYear"));

        JsonNode insurance = figures(document).get("insurance");

        JsonNode expect = golden.expect();
        assertThat(insurance.get("monthlyCents").asLong()).isEqualTo(cents(expect.get("monthlyPremium")));
        assertThat(insurance.get("onRequestFromPayment").asInt())
                .isEqualTo(expect.get("firstPaymentWithoutOnRequest80").asInt());
        assertThat(insurance.get("endsFromPayment").asInt())
                .isEqualTo(expect.get("firstPaymentWithoutAutomatic78").asInt());
        assertThat(insurance.get("premiumsCents").asLong()).isEqualTo(cents(expect.get("premiumsPaidToAutomatic")));
    }

    @ParameterizedTest
    @MethodSource("wholeOptions")
    void givesEveryFigureOfTheGoldenOptions(GoldenCase golden) {
        ObjectNode document = Documents.purchase("Whole");
        ((ArrayNode) document.get("options")).set(0, golden.input());

        JsonNode figures = figures(document);

        golden.expect()
                .properties()
                .forEach(expected -> assertThat(settled(figures.get(expected.getKey())))
                        .as(expected.getKey())
                        .isEqualTo(settled(expected.getValue())));
    }

    /** Numbers to nine decimals, members in one order. */
    private static String settled(JsonNode node) {
        if (node.isNumber()) {
            BigDecimal nine = node.decimalValue().setScale(9, RoundingMode.HALF_UP);
            return nine.signum() == 0 ? "0" : nine.stripTrailingZeros().toPlainString();
        }
        if (node.isArray()) {
            return node.valueStream().map(LoanCostsApiTest::settled).toList().toString();
        }
        return node.isObject()
                ? new TreeMap<>(node.propertyStream()
                                .collect(Collectors.toMap(Map.Entry::getKey, member -> settled(member.getValue()))))
                        .toString()
                : node.asString("");
    }

    @Test
    void statesTheWholeCostAsTheMarketsLawAsks() {
        ObjectNode document = Documents.purchase("Four laws");
        Documents.option(document).putObject("closing").put("loanFeesCents", 300_000);
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
                    Documents.option(document)
                            .putObject("closing")
                            .put("prepaidInterestCents", cents(golden.input().get("prepaidInterest")));
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
        ObjectNode option = Documents.option(document);
        option.remove("firstPayment");
        option.putObject("closing").put("day", "2027-01-20");
        option.set(
                "extras",
                Documents.json("[{\"how\":\"EACH_PAYMENT\",\"cents\":10000,"
                        + "\"firstDay\":\"2028-01-02\",\"lastDay\":\"2028-12-31\"}]"));
        option.set("rateChanges", Documents.json("[{\"fromDay\":\"2030-03-01\",\"ratePercent\":6}]"));

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
        assertThat(schedule.at("/proof/closingBalanceCents").asLong()).isZero();
    }

    @Test
    void refusesTimesThatDoNotFit() {
        ObjectNode document = Documents.purchase("Times");
        Documents.option(document).putObject("closing").put("day", "2027-02-10");
        Documents.option(document)
                .set(
                        "extras",
                        Documents.json("[{\"how\":\"ONCE\",\"cents\":1,\"firstDay\":\"2027-02-09\"},"
                                + "{\"how\":\"ONCE\",\"cents\":1,\"firstDay\":\"2028-02-09\",\"firstPayment\":3},"
                                + "{\"how\":\"ONCE\",\"cents\":1}]"));

        Answer answer = BEA.post("/api/evaluations", document.toString());

        assertThat(answer.messageAt("/options/0/extras/0/firstDay"))
                .isEqualTo("The 2027-02-09 comes before the closing on 2027-02-10.");
        assertThat(answer.messageAt("/options/0/extras/1/firstDay")).contains("not both");
        assertThat(answer.messageAt("/options/0/extras/2/firstPayment")).isEqualTo("A value is missing here.");
        Documents.option(document).remove("extras");
        Documents.option(document).put("firstPayment", "2027-02-01");
        assertThat(BEA.post("/api/evaluations", document.toString()).messageAt("/options/0/firstPayment"))
                .contains("would come before the closing");
    }

    @Test
    void namesWhatIsWrongWithClosingAndBuydown() {
        ObjectNode document = Documents.purchase("Closing");
        Documents.option(document)
                .putObject("closing")
                .put("pointsPercent", 11)
                .put("loanFeesCents", -1)
                .put("upfrontPremiumPercent", 12);
        Documents.option(document)
                .putObject("buydown")
                .put("payer", "SELLER")
                .set("reductionsPercent", Documents.json("[1,null,200]"));

        Answer answer = BEA.post("/api/evaluations", document.toString());

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body().get("fields").findValuesAsString("pointer"))
                .containsExactlyInAnyOrder(
                        "/options/0/closing/pointsPercent",
                        "/options/0/closing/loanFeesCents",
                        "/options/0/closing/upfrontPremiumPercent",
                        "/options/0/buydown/reductionsPercent/1",
                        "/options/0/buydown/reductionsPercent/2");
        Documents.option(document).remove("closing");
        Documents.option(document)
                .putObject("buydown")
                .put("payer", "SELLER")
                .set("reductionsPercent", Documents.json("[7]"));
        assertThat(BEA.post("/api/evaluations", document.toString())
                        .messageAt("/options/0/buydown/reductionsPercent/0"))
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

    static Stream<GoldenCase> wholeOptions() {
        return GoldenCases.of("whole_option");
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
