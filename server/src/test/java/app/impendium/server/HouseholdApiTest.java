package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Bringing in what people earn and owe, and what follows from it beside the limits, through the front door. */
class HouseholdApiTest {
    private static final Client BEA = Client.signedIn(Client.BEA);
    private static final String INCOMES = "/api/household/incomes/csv";
    private static final String DEBTS = "/api/household/debts/csv";

    @Test
    void readsIncomesAndDebtsWithAnySeparator() {
        JsonNode incomes = list(INCOMES, """
                Income,Amount,Per,Hours,Counted
                salary,"64,800.00",year,,
                wage,31.50,hour,26,
                overtime,$96,week,,50 %
                """).body();
        assertThat(incomes.at("/0/income/cents").asLong()).isEqualTo(6_480_000);
        assertThat(incomes.at("/1/income/hoursPerWeek").asInt()).isEqualTo(26);
        assertThat(incomes.at("/1/income/per").isNull()).isTrue();
        assertThat(incomes.at("/2/income/countedPercent").asInt()).isEqualTo(50);

        JsonNode debts = list(
                        DEBTS,
                        "\ufeffdebt;kind;payment;balance;months left;rate\n"
                                + "car;loan;412,50;11.900,00;31;6,9\nstudent loan;student loan;;19.410;;\n")
                .body();
        assertThat(debts.at("/0/paymentCents").asLong()).isEqualTo(41_250);
        assertThat(debts.at("/0/balanceCents").asLong()).isEqualTo(1_190_000);
        assertThat(debts.at("/0/ratePercent").asString()).isEqualTo("6.9");
        assertThat(debts.at("/1/paymentCents").isNull()).isTrue();
        assertThat(list(DEBTS, "debt\tpayment\tbalance\ncard\t95\t2840\n")
                        .body()
                        .at("/0/balanceCents")
                        .asLong())
                .isEqualTo(284_000);
    }

    @Test
    void tellsWhatIsWrongByLineAndReadsNothingThen() {
        Answer refused = list(DEBTS, """
                debt,payment,balance
                car,412,11900
                card,,
                boat,twelve,100
                loan,1.234,100
                """);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(pointers(refused))
                .containsExactly("/lines/3/paymentCents", "/lines/4/paymentCents", "/lines/5/paymentCents");
        assertThat(pointers(list(INCOMES, "income,amount,per\nsalary,-1,year\nwage,10,hour\nother,5,fortnight")))
                .containsExactly("/lines/2/cents", "/lines/3/hoursPerWeek", "/lines/4/per");

        Answer others = list(DEBTS, "creditor,owed\nbank,100\n");
        assertThat(others.body().at("/fields/0/message").asString()).contains("creditor, owed");
        Answer many = list(DEBTS, "debt,payment,balance\n" + "card,10,100\n".repeat(15_000));
        assertThat(many.status()).isEqualTo(422);
        assertThat(many.body().at("/fields/0/message").asString()).contains("15000 lines", "1 to 60");
    }

    @Test
    void theCreditReportIsTheSameForTheSamePeopleAndSaysThatItIsMadeUp() {
        String names = "{\"names\": [\"Ina Veld\", \"Tomas Veld\"]}";
        JsonNode report = BEA.post("/api/household/credit-report", names).body();

        assertThat(report.get("simulated").asBoolean()).isTrue();
        assertThat(report.get("debts").size()).isBetween(4, 6);
        assertThat(report.get("debts").valueStream())
                .allMatch(debt -> debt.get("simulated").asBoolean());
        assertThat(BEA.post("/api/household/credit-report", names).body()).isEqualTo(report);
        Answer refused = BEA.post("/api/household/credit-report", "{\"names\": [\" \"]}");
        assertThat(pointers(refused)).containsExactly("/names/0");
        // What it names can be taken into a case as it is.
        ObjectNode document = GoldenHouseholds.earning("6200.00");
        document.set("debts", report.get("debts"));
        assertThat(BEA.post("/api/evaluations", document.toString()).status()).isEqualTo(200);
    }

    @Test
    void explainsWhatCountsOfAnIncome() {
        String document = GoldenHouseholds.earning("6200.00").toString();
        JsonNode working =
                BEA.post("/api/workings/0/incomes/0", document).body().get(0);
        assertThat(working.get("figure").asString()).isEqualTo("COUNTED_INCOME");
        assertThat(working.at("/result/value").asString()).isEqualTo("6200.00");
        assertThat(BEA.post("/api/workings/0/incomes/1", document).status()).isEqualTo(404);
    }

    @Test
    void debtsPaidOffInCashNoLongerCountAndAreBroughtToClosing() {
        ObjectNode document = owing(GoldenHouseholds.earning("6200.00"));
        ObjectNode set = LimitSetDocuments.set("Ours");
        JsonNode before = held(document, set);
        long cash = cashToClose(document);

        option(document).withObject("closing").withArray("debtsPaidOff").add("card");
        JsonNode after = held(document, set);

        assertThat(before.get("monthlyDebtsCents").asLong()
                        - after.get("monthlyDebtsCents").asLong())
                .isEqualTo(9_500);
        assertThat(after.at("/debts/1/why").asString()).isEqualTo("PAID_OFF");
        assertThat(cashToClose(document) - cash).isEqualTo(284_000);
        assertThat(before.get("moneyLeftCents").asLong()
                        - after.get("moneyLeftCents").asLong())
                .isEqualTo(284_000);

        option(document)
                .withObject("closing")
                .withArray("debtsPaidOff")
                .add("card")
                .add("boat");
        assertThat(pointers(BEA.post("/api/evaluations", document.toString())))
                .containsExactly("/options/0/closing/debtsPaidOff/1", "/options/0/closing/debtsPaidOff/2");
    }

    @Test
    void tellsWhereTheyStandTodayAndAfterClosing() {
        ObjectNode document = owing(GoldenHouseholds.earning("6000.00"));
        ObjectNode set = LimitSetDocuments.set("Ours");
        assertThat(held(document, set).get("now").isNull()).isTrue();

        document.withObject("household").put("housingTodayCents", 150_000);
        option(document).withObject("closing").withArray("debtsPaidOff").add("card");
        JsonNode held = held(document, set);

        assertThat(held.at("/now/housingPercent").decimalValue()).isEqualByComparingTo("25");
        assertThat(held.at("/now/debtsCents").asLong()
                        - held.at("/after/debtsCents").asLong())
                .isEqualTo(9_500);
        assertThat(held.at("/now/owedCents").asLong()).isEqualTo(1_474_000);
        assertThat(held.at("/after/housingCents").asLong())
                .isEqualTo(held.at("/housing/totalCents").asLong());
    }

    @Test
    void tellsWhatTheyCanBorrowWithoutAHomeInMind() {
        ObjectNode document = GoldenHouseholds.earning("6200.00");
        document.withObject("household").put("atHandCents", 5_000_000);
        ObjectNode question = JsonNodeFactory.instance.objectNode();
        question.set("document", document);
        question.putArray("sets").add(LimitSetDocuments.set("Ours"));
        question.put("chosen", 0);

        JsonNode answer = BEA.post("/api/borrowing/0", question.toString()).body();

        JsonNode most = answer.at("/sets/0");
        assertThat(most.get("downCents").asLong() + most.get("loanCents").asLong())
                .isEqualTo(most.get("priceCents").asLong());
        assertThat(most.get("cashToCloseCents").asLong()).isBetween(4_990_000L, 5_000_000L);
        // Today's own point lies on both lines.
        assertThat(answer.at("/byRate/6/priceCents")).isEqualTo(most.get("priceCents"));
        assertThat(answer.at("/byDown/12/priceCents")).isEqualTo(most.get("priceCents"));
        assertThat(answer.at("/byDown/24/priceCents").asLong())
                .isGreaterThan(most.get("priceCents").asLong());
        question.put("chosen", 1);
        assertThat(pointers(BEA.post("/api/borrowing/0", question.toString()))).containsExactly("/chosen");
    }

    @Test
    void theUnderwritingDeskAcceptsWhatMeetsTheLimitsAndRefersTheRest() {
        ObjectNode question = JsonNodeFactory.instance.objectNode();
        ObjectNode set = LimitSetDocuments.set("Ours");
        question.set("set", set);
        question.set("document", owing(GoldenHouseholds.earning("12000.00")));
        JsonNode accepted = BEA.post("/api/underwriting/0", question.toString()).body();
        assertThat(accepted.get("simulated").asBoolean()).isTrue();
        assertThat(accepted.get("accepted").asBoolean()).isTrue();
        assertThat(accepted.get("reasons")).isEmpty();
        assertThat(texts(accepted.get("conditions"))).contains("PAY_SLIPS", "VALUATION");

        question.set("document", owing(GoldenHouseholds.earning("2000.00")));
        JsonNode referred = BEA.post("/api/underwriting/0", question.toString()).body();
        assertThat(referred.get("accepted").asBoolean()).isFalse();
        assertThat(referred.get("reasons")).isNotEmpty();
        assertThat(referred.get("manual")).isNotEmpty();
        assertThat(BEA.post("/api/underwriting/0", question.toString()).body()).isEqualTo(referred);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/api/affordability/0",
                "/api/underwriting/0",
                "/api/rate-offers/0",
                "/api/household/credit-report",
                "/api/household/debts/csv"
            })
    void saysWhatIsMissingWhereNothingIsSent(String address) {
        assertThat(BEA.post(address, "{}").status()).isEqualTo(422);
    }

    private static ObjectNode owing(ObjectNode document) {
        document.withArray("debts")
                .addObject()
                .put("id", "car")
                .put("name", "car")
                .put("paymentCents", 41_200)
                .put("balanceCents", 1_190_000);
        document.withArray("debts")
                .addObject()
                .put("id", "card")
                .put("name", "card")
                .put("kind", "CARD")
                .put("paymentCents", 9_500)
                .put("balanceCents", 284_000);
        return document;
    }

    private static ObjectNode option(ObjectNode document) {
        return document.withArray("options").get(0).asObject();
    }

    private static JsonNode held(ObjectNode document, ObjectNode set) {
        ObjectNode question = JsonNodeFactory.instance.objectNode();
        question.set("document", document);
        question.putArray("sets").add(set);
        Answer answer = BEA.post("/api/affordability/0", question.toString());
        assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
        return answer.body().at("/sets/0");
    }

    private static long cashToClose(ObjectNode document) {
        return BEA.post("/api/evaluations", document.toString())
                .body()
                .at("/options/0/cashToClose/totalCents")
                .asLong();
    }

    private static Answer list(String address, String text) {
        ObjectNode list = JsonNodeFactory.instance.objectNode().put("text", text);
        return BEA.post(address, list.toString());
    }

    private static Stream<String> texts(JsonNode list) {
        return list.valueStream().map(JsonNode::asString);
    }

    private static Stream<String> pointers(Answer refused) {
        return refused.body()
                .get("fields")
                .valueStream()
                .map(field -> field.get("pointer").asString());
    }
}
