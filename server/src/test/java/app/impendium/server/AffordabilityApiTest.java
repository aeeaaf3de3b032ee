package app.impendium.server;

import static app.impendium.core.GoldenCases.cents;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import app.impendium.core.GoldenCases;
import app.impendium.core.GoldenCases.GoldenCase;
import app.impendium.server.Client.Answer;
import java.math.BigDecimal;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** What people can afford, through the front door. */
class AffordabilityApiTest {
    private static final String ADDRESS = "/api/affordability/0";
    private static final Client BEA = Client.signedIn(Client.BEA);

    static Stream<GoldenCase> households() {
        return GoldenCases.of("household");
    }

    static Stream<GoldenCase> levers() {
        return GoldenCases.of("levers");
    }

    static Stream<GoldenCase> largestPrices() {
        return GoldenCases.of("affordability");
    }

    @ParameterizedTest
    @MethodSource("households")
    void countsIncomesAndDebts(GoldenCase golden) {
        JsonNode input = golden.input();
        JsonNode expect = golden.expect();
        ObjectNode document = GoldenHouseholds.withHousing(input);
        ObjectNode set = LimitSetDocuments.empty();
        set.set("leftOutAtMostPayments", input.get("leaveOutAtMostPaymentsLeft"));
        set.set("balanceSharePercent", input.get("percentOfBalanceWithoutPayment"));
        LimitSetDocuments.add(set, "BACK_END", number("40"));

        JsonNode answer = afford(document, set);

        assertThat(answer.at("/household/incomesCents").valueStream().map(JsonNode::asLong))
                .containsExactlyElementsOf(centsOf(expect.get("incomesPerMonth")));
        JsonNode counted = answer.at("/sets/0");
        assertThat(counted.get("monthlyIncomeCents").asLong()).isEqualTo(cents(expect.get("incomePerMonth")));
        assertThat(counted.get("debts")
                        .valueStream()
                        .map(debt -> debt.get("cents").asLong()))
                .containsExactlyElementsOf(centsOf(expect.get("debtsCounted")));
        assertThat(counted.get("monthlyDebtsCents").asLong()).isEqualTo(cents(expect.get("debtsPerMonth")));
    }

    @ParameterizedTest
    @MethodSource("levers")
    void solvesEachLever(GoldenCase golden) {
        JsonNode input = golden.input();
        JsonNode expect = golden.expect();
        ObjectNode set = LimitSetDocuments.empty();
        LimitSetDocuments.add(set, "FRONT_END", input.get("frontEndLimitPercent"));
        LimitSetDocuments.add(set, "BACK_END", input.get("backEndLimitPercent"));
        if (input.get("reservesMonths").asInt() > 0) {
            LimitSetDocuments.add(set, "RESERVES", input.get("reservesMonths"));
        }

        JsonNode found = afford(GoldenHouseholds.purchase(input, input.get("price"), "moneyDown"), set)
                .at("/sets/0");

        assertThat(found.at("/housing/totalCents").asLong()).isEqualTo(cents(expect.get("housingPerMonth")));
        JsonNode fit = found.get("fit");
        assertThat(lever(fit, "RATE")).isEqualTo(expected(expect.get("highestRatePercent")));
        assertThat(lever(fit, "LOAN")).isEqualTo(expected(expect.get("largestLoan")));
        assertThat(lever(fit, "PRICE_KEEPING_AMOUNT")).isEqualTo(expected(expect.get("largestPriceKeepingMoneyDown")));
        assertThat(lever(fit, "PRICE_KEEPING_SHARE")).isEqualTo(expected(expect.get("largestPriceKeepingPercentDown")));
        assertThat(lever(fit, "TERM")).isEqualTo(expected(expect.get("leastTermYears")));
        assertThat(fit.get("missingIncomeCents").asLong()).isEqualTo(cents(expect.get("missingIncomePerMonth")));
        assertThat(fit.get("missingReservesCents").asLong()).isEqualTo(cents(expect.get("missingReserves")));
        assertThat(debts(fit.get("fewestDebts"))).isEqualTo(expect.get("debtsFewest"));
        assertThat(debts(fit.get("cheapestDebts"))).isEqualTo(expect.get("debtsLeastCash"));
    }

    @ParameterizedTest
    @MethodSource("largestPrices")
    void findsTheLargestPrice(GoldenCase golden) {
        JsonNode input = golden.input();
        ObjectNode set = LimitSetDocuments.empty();
        LimitSetDocuments.add(set, "FRONT_END", input.get("frontEndLimitPercent"));
        LimitSetDocuments.add(set, "BACK_END", input.get("backEndLimitPercent"));
        JsonNode price = number(
                input.get("downPayment").decimalValue().multiply(BigDecimal.TEN).toPlainString());

        JsonNode fit = afford(GoldenHouseholds.purchase(input, price, "downPayment"), set)
                .at("/sets/0/fit");

        assertThat(lever(fit, "PRICE_KEEPING_AMOUNT"))
                .isEqualTo(expected(golden.expect().get("maxPrice")));
        assertThat(fit.at("/levers/2/housingCents").asLong())
                .isEqualTo(cents(golden.expect().at("/atMaxPrice/total")));
    }

    @Test
    void saysWhatRatesOnOfferAllow() {
        ObjectNode question = question(GoldenHouseholds.earning("6200.00"), LimitSetDocuments.set("Ours"));
        question.set("table", Documents.json("""
                {"name": "Thirty", "termMonths": 360, "day": "2026-11-24", "simulated": false,
                 "offers": [{"id": "a", "ratePercent": 5.25, "pointsPercent": 1.5},
                            {"id": "b", "ratePercent": 29, "pointsPercent": 0}], "addOns": []}"""));

        JsonNode pairs = BEA.post(ADDRESS, question.toString()).body().at("/sets/0/fit/loansByRate");

        assertThat(pairs.at("/0/pointsPercent").asString()).isEqualTo("1.5");
        assertThat(pairs.at("/0/loanCents").asLong())
                .isGreaterThan(pairs.at("/1/loanCents").asLong());
    }

    /** What another option says can be read, and yet it has no figures: its rate is agreed for longer than it runs. */
    @Test
    void answersForAnOptionBesideOneWithoutFigures() {
        ObjectNode document = GoldenHouseholds.earning("6200.00");
        ArrayNode options = document.withArray("options");
        ObjectNode overlong = options.get(0).deepCopy().asObject().put("id", "overlong");
        overlong.withObject("/terms").put("rateTermMonths", 600);
        options.add(overlong);

        assertThat(afford(document, LimitSetDocuments.set("Ours"))
                        .at("/sets/0/isMet")
                        .asBoolean())
                .isTrue();
        assertThat(BEA.post(
                                "/api/affordability/1",
                                question(document, LimitSetDocuments.set("Ours"))
                                        .toString())
                        .status())
                .isEqualTo(422);
    }

    @Test
    void saysWhatIsWrongAtItsField() {
        ObjectNode document = GoldenHouseholds.earning("-1.00");
        document.withArray("/household/incomes")
                .addObject()
                .put("id", "b")
                .put("name", "wage")
                .put("person", "nobody")
                .put("cents", 3150)
                .put("per", "WEEKLY")
                .put("hoursPerWeek", 200);
        document.withArray("debts")
                .addObject()
                .put("id", "d")
                .put("name", "card")
                .put("paymentCents", 0);
        Answer refused = BEA.post("/api/evaluations", document.toString());
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body()
                        .get("fields")
                        .valueStream()
                        .map(field -> field.get("pointer").asString()))
                .containsExactly(
                        "/household/incomes/0/cents",
                        "/household/incomes/1/person",
                        "/household/incomes/1/hoursPerWeek",
                        "/debts/0/paymentCents");
        assertThat(refused.body().toString()).doesNotContain("3150");

        ObjectNode many = GoldenHouseholds.earning("5000.00");
        for (int i = 0; i < 300; i++) {
            many.withArray("debts")
                    .addObject()
                    .put("id", "d" + i)
                    .put("name", "card")
                    .put("paymentCents", 100);
        }
        assertThat(BEA.post("/api/evaluations", many.toString())
                        .body()
                        .at("/fields/0/message")
                        .asString())
                .contains("300", "60");
    }

    @Test
    void answersForALoanThatStaysAtItsPayment() {
        ObjectNode document = Documents.set(GoldenHouseholds.earning("6200.00"), "features.paymentCents", "180000");
        JsonNode fit = afford(document, LimitSetDocuments.set("Ours")).at("/sets/0/fit");
        assertThat(fit.get("levers")).isNotEmpty();
    }

    @Test
    void namesEachOfTwoTestsThatAreAlike() {
        ObjectNode set = LimitSetDocuments.set("Twice");
        ArrayNode tests = set.withArray("tests");
        tests.removeAll();
        tests.addObject().put("id", "a").put("measure", "BACK_END").put("limit", 43);
        tests.addObject().put("id", "b").put("measure", "BACK_END").put("limit", 43);

        assertThat(afford(GoldenHouseholds.earning("6200.00"), set)
                        .at("/sets/0/readings")
                        .valueStream()
                        .map(reading -> reading.get("test").asInt()))
                .containsExactly(0, 1);
    }

    @Test
    void hasNoRatioWithoutIncome() {
        JsonNode reading = afford(GoldenHouseholds.earning("0.00"), LimitSetDocuments.set("Ours"))
                .at("/sets/0/readings/0");
        assertThat(reading.get("unknown").asString()).isEqualTo("NO_INCOME");
        assertThat(reading.get("isMet").asBoolean()).isFalse();
        assertThat(BEA.post(
                                "/api/affordability/7",
                                question(GoldenHouseholds.earning("1.00"), LimitSetDocuments.set("x"))
                                        .toString())
                        .status())
                .isEqualTo(404);
    }

    /** A debt that was begun and left: of what nothing is known, nothing counts, and the others stand where they stood. */
    @Test
    void countsEachDebtAtItsPlace() {
        ObjectNode document = GoldenHouseholds.earning("6200.00");
        ArrayNode debts = document.withArray("debts");
        debts.removeAll();
        debts.addObject().put("id", "begun").put("name", "card").put("kind", "CARD");
        debts.addObject()
                .put("id", "car")
                .put("name", "car")
                .put("kind", "LOAN")
                .put("paymentCents", 438_50);
        ObjectNode set = LimitSetDocuments.set("Ours");

        assertThat(afford(document, set).at("/sets/0/debts").valueStream())
                .extracting(
                        each -> each.get("cents").asLong(),
                        each -> each.get("why").asString())
                .containsExactly(tuple(0L, "NOTHING_KNOWN"), tuple(438_50L, "PAYMENT"));
        ObjectNode workbook = JsonNodeFactory.instance.objectNode();
        workbook.set("document", document);
        workbook.putArray("titles").add("As asked");
        assertThat(BEA.post("/api/workbooks", workbook.toString()).status()).isEqualTo(200);
    }

    private static JsonNode afford(ObjectNode document, ObjectNode set) {
        Answer answer = BEA.post(ADDRESS, question(document, set).toString());
        assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
        return answer.body();
    }

    private static ObjectNode question(ObjectNode document, ObjectNode set) {
        ObjectNode question = JsonNodeFactory.instance.objectNode();
        question.set("document", document);
        question.putArray("sets").add(set);
        return question;
    }

    private static String lever(JsonNode fit, String lever) {
        return fit.get("levers")
                .valueStream()
                .filter(each -> each.get("lever").asString().equals(lever))
                .map(each -> expected(each.get("value")))
                .findFirst()
                .orElseThrow();
    }

    private static String expected(JsonNode number) {
        return number.isNull()
                ? "none"
                : number.decimalValue().stripTrailingZeros().toPlainString();
    }

    private static JsonNode debts(JsonNode answer) {
        if (answer.isNull()) {
            return answer;
        }
        ArrayNode places = JsonNodeFactory.instance.arrayNode();
        answer.get("debts").forEach(id -> places.add(Integer.parseInt(id.asString())));
        return places;
    }

    private static java.util.List<Long> centsOf(JsonNode amounts) {
        return amounts.valueStream().map(GoldenCases::cents).toList();
    }

    private static JsonNode number(String number) {
        return JsonNodeFactory.instance.numberNode(new BigDecimal(number));
    }
}
