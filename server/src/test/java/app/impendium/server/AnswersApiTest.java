package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.loan.PaymentDates;
import app.impendium.server.Client.Answer;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What a case is asked beyond its figures: workings, rates around its own, targets, other markets' starts. */
class AnswersApiTest {
    private static final Client BEA = Client.signedIn(Client.BEA);
    private static final ObjectNode PURCHASE = Documents.purchase("Asked");

    @Test
    void tellsHowAFigureCameAbout() {
        JsonNode workings = BEA.post("/api/workings/0", PURCHASE.toString()).body();

        JsonNode payment = null;
        for (JsonNode working : workings) {
            payment = working.get("figure").asString().equals("PAYMENT") ? working : payment;
        }
        assertThat(payment.get("formula").asString()).startsWith("P = (L − B × v) × i");
        assertThat(payment.get("inputs").toString())
                .contains("{\"name\":\"LOAN\",\"unit\":\"AMOUNT\",\"value\":\"265795.00\"}");
        assertThat(payment.at("/result/value").asString()).isEqualTo("1632.21");
        assertThat(payment.get("steps").toString()).contains("EXACT_PAYMENT", "1632.21");
        assertThat(payment.get("usedIn").toString()).contains("PRINCIPAL_AND_INTEREST");
    }

    @Test
    void tellsHowALineCameAbout() {
        JsonNode workings =
                BEA.post("/api/workings/0/lines/1", PURCHASE.toString()).body();

        assertThat(workings.findValuesAsString("figure"))
                .startsWith("LINE_PAYMENT", "LINE_INTEREST", "LINE_PRINCIPAL", "LINE_PAID", "LINE_BALANCE")
                .contains("HOUSING_COST")
                .endsWith("EQUITY");
        assertThat(workings.at("/1/result/value").asString()).isEqualTo("1218.23");
        assertThat(BEA.post("/api/workings/0/lines/0", PURCHASE.toString())
                        .body()
                        .findValuesAsString("figure"))
                .containsExactly("EQUITY");
        assertThat(BEA.post("/api/workings/0/lines/301", PURCHASE.toString()).status())
                .isEqualTo(422);
    }

    @Test
    void tellsHowTheSumsOfARangeCameAbout() {
        JsonNode schedule = BEA.post("/api/schedules/0", PURCHASE.toString()).body();
        long interest = 0;
        for (int payment = 13; payment <= 24; payment++) {
            interest += schedule.at("/interestCents/" + payment).asLong();
        }

        JsonNode workings =
                BEA.post("/api/workings/0/ranges/13/24", PURCHASE.toString()).body();

        assertThat(workings.at("/0/figure").asString()).isEqualTo("RANGE_INTEREST");
        assertThat(workings.at("/0/result/value").asString())
                .isEqualTo(BigDecimal.valueOf(interest, 2).toPlainString());
        assertThat(BEA.post("/api/workings/0/ranges/24/13", PURCHASE.toString()).status())
                .isEqualTo(422);
    }

    @Test
    void tellsHowARungAndARenewalsRungCameAbout() {
        ObjectNode document = Documents.purchaseWith("terms.rateTermMonths", "60");
        for (String from : List.of("BEGINNING", "RENEWAL")) {
            JsonNode rungs = BEA.post(
                            "/api/ladders/0?from=" + from + "&stepPercent=0.5&down=1&up=0", document.toString())
                    .body();
            JsonNode workings = BEA.post("/api/workings/0/rates/5?from=" + from, document.toString())
                    .body();

            assertThat(workings.at("/2/figure").asString()).isEqualTo("RUNG_WHOLE_LOAN");
            assertThat(new BigDecimal(workings.at("/2/result/value").asString()).movePointRight(2))
                    .isEqualByComparingTo(rungs.at("/0/wholeLoanCents").decimalValue());
        }
        assertThat(BEA.post("/api/workings/0/rates/31", document.toString()).status())
                .isEqualTo(422);
    }

    @Test
    void tellsHowATargetWasSolved() {
        String target = "?target=MONTHLY_TOTAL&limit=170000";
        JsonNode workings = BEA.post("/api/workings/0/targets/RATE" + target, PURCHASE.toString())
                .body();
        JsonNode answers =
                BEA.post("/api/targets/0" + target, PURCHASE.toString()).body();

        assertThat(workings.at("/0/figure").asString()).isEqualTo("TARGET_ANSWER");
        assertThat(answers.toString())
                .contains("\"lever\":\"RATE\",\"value\":"
                        + workings.at("/0/result/value").asString());
        assertThat(workings.findValuesAsString("figure")).contains("HOUSING_COST", "TOTAL_INTEREST", "PAYOFF_DATE");
        assertThat(BEA.post("/api/workings/0/targets/LOAN_AMOUNT" + target, PURCHASE.toString())
                        .body())
                .isEmpty();
        assertThat(BEA.post("/api/workings/0/targets/LUCK" + target, PURCHASE.toString())
                        .status())
                .isEqualTo(400);
    }

    @Test
    void statesTheSameRateForAnotherCompounding() {
        ObjectNode document = Documents.purchaseWith("terms.compounding", "\"SEMI_ANNUAL\"");
        Documents.set(document, "terms.ratePercent", "5.1");

        JsonNode restated =
                BEA.post("/api/evaluations", document.toString()).body().at("/options/0/restatedRates");
        JsonNode working = BEA.post("/api/workings/0/compoundings/MONTHLY", document.toString())
                .body();

        assertThat(restated).hasSize(8);
        assertThat(restated.toString()).contains("{\"compounding\":\"SEMI_ANNUAL\",\"percent\":5.1}");
        assertThat(working.at("/0/formula").asString()).isEqualTo("q = m × ((1 + i)^(p / m) − 1)");
        assertThat(working.at("/0/result/value").asString()).startsWith("5.04664196");
        assertThat(working.at("/1/figure").asString()).isEqualTo("PERIODIC_RATE");
    }

    @Test
    void putsRatesSideBySide() {
        JsonNode rungs = BEA.post("/api/ladders/0?stepPercent=0.25&down=2&up=1", PURCHASE.toString())
                .body();

        assertThat(rungs).hasSize(4);
        assertThat(rungs.at("/2/paymentCents").asLong()).isEqualTo(163_221);
        assertThat(rungs.at("/2/wholeLoanCents").asLong()).isZero();
        assertThat(rungs.at("/0/ratePercent").decimalValue()).isEqualByComparingTo("5");
        assertThat(rungs.at("/0/perPaymentCents").asLong()).isNegative();
    }

    @Test
    void putsRatesOfTheRenewalSideBySide() {
        ObjectNode document = Documents.purchaseWith("terms.rateTermMonths", "60");
        JsonNode end = BEA.post("/api/evaluations", document.toString()).body().at("/options/0/rateEnd");

        Answer answer = BEA.post("/api/ladders/0?from=RENEWAL&stepPercent=1&down=0&up=1", document.toString());

        assertThat(end.get("paymentsLeft").asInt()).isEqualTo(240);
        assertThat(end.get("day").asString()).isEqualTo("2032-02-01");
        // The same rate over what is left asks for the same payment, but for the cents of each line's rounding.
        assertThat(answer.body().at("/0/paymentCents").asLong()).isBetween(163_220L, 163_224L);
        assertThat(BEA.post("/api/ladders/0?from=RENEWAL&stepPercent=1&down=0&up=1", PURCHASE.toString())
                        .status())
                .isEqualTo(422);
    }

    @Test
    void solvesATargetByEachLever() {
        JsonNode answers = BEA.post("/api/targets/0?target=MONTHLY_TOTAL&limit=150000", PURCHASE.toString())
                .body();

        assertThat(answers.findValuesAsString("lever"))
                .containsExactly("PRICE", "DOWN_PAYMENT", "RATE", "TERM", "REGULAR_EXTRA");
        for (JsonNode answer : answers) {
            boolean found = !answer.get("value").isNull();
            assertThat(answer.get("because").isNull()).isEqualTo(found);
            if (found) {
                assertThat(answer.at("/figures/housingCost/totalCents").asLong())
                        .isLessThanOrEqualTo(150_000);
            }
        }
        assertThat(answers.at("/0/value").asLong()).isEqualTo(287_371_00);
    }

    @Test
    void tellsFirstThatAnOptionHasNoFigures() {
        ObjectNode document = Documents.purchaseWith("features.paymentCents", "100000");

        Answer answer = BEA.post("/api/targets/0?target=MONTHLY_TOTAL&limit=150000", document.toString());

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.messageAt("/options/0/features/paymentCents"))
                .startsWith("The payment of 1,000.00 does not cover the interest of 1,218.23 due with payment 1.");
    }

    @Test
    void findsTargetsOfAChosenPayment() {
        ObjectNode document = Documents.purchaseWith("features.paymentCents", "170000");

        JsonNode answers = BEA.post("/api/targets/0?target=TOTAL_INTEREST&limit=18000000", document.toString())
                .body();

        assertThat(answers.at("/0/lever").asString()).isEqualTo("PRICE");
        assertThat(answers.at("/0/value").asLong()).isGreaterThan(290_000_00);
        assertThat(answers.at("/2/lever").asString()).isEqualTo("RATE");
        assertThat(answers.at("/2/value").decimalValue()).isGreaterThan(new BigDecimal("5.2"));
    }

    @Test
    void aRungWithoutFiguresSaysWhyAndTheOthersStand() {
        ObjectNode document = Documents.purchaseWith("features.paymentCents", "140000");

        JsonNode rungs = BEA.post("/api/ladders/0?stepPercent=1&down=0&up=1", document.toString())
                .body();

        assertThat(rungs.at("/0/paymentCents").asLong()).isEqualTo(140_000);
        assertThat(rungs.at("/1/paymentCents").isNull()).isTrue();
        assertThat(rungs.at("/1/because/0/message").asString())
                .startsWith("The payment of 1,400.00 does not cover the interest");
    }

    @Test
    void saysWhatAFeatureDoesInsteadOfWhatItSays() {
        ObjectNode document = Documents.purchaseWith("features.balloonCents", "10000000");
        Documents.set(
                document,
                "features.extras",
                "[{\"id\":\"lump\",\"how\":\"ONCE\",\"cents\":2000000,\"firstPayment\":24}]");

        JsonNode figures =
                BEA.post("/api/evaluations", document.toString()).body().at("/options/0");

        long left = figures.get("lastPaymentCents").asLong()
                - figures.get("paymentCents").asLong();
        assertThat(figures.at("/notes/0/pointer").asString()).isEqualTo("/features/extraEffect");
        assertThat(figures.at("/notes/0/kind").asString()).isEqualTo("ENDS_NO_EARLIER");
        assertThat(figures.at("/notes/1").toString())
                .isEqualTo("{\"pointer\":\"/features/balloonCents\",\"kind\":\"BALLOON_IS\",\"payment\":300,"
                        + "\"day\":\"2052-02-01\",\"cents\":" + left + "}");
    }

    @ParameterizedTest
    @CsvSource({"US, USD, MONTHLY", "CA, CAD, SEMI_ANNUAL", "GB, GBP, MONTHLY", "AU, AUD, MONTHLY"})
    void everyMarketHasAStartThatHasFigures(String market, String currency, String compounding) {
        ObjectNode starting =
                (ObjectNode) BEA.get("/api/starting-case?market=" + market).body();

        assertThat(starting.get("currency").asString()).isEqualTo(currency);
        assertThat(starting.at("/options/0/terms/compounding").asString()).isEqualTo(compounding);
        starting.put("title", "A start");
        assertThat(BEA.post("/api/evaluations", starting.toString()).status()).isEqualTo(200);
    }

    @Test
    void aPracticeChoosesItsMarketOnce() {
        Client own = Client.ofOwnPractice("Ida Moor", "ida@moor.example");
        String moor = "{\"name\":\"Moor Advice\",\"market\":\"CA\",\"timeZone\":\"America/Halifax\"}";
        assertThat(own.put("/api/practice", "\"0\"", moor.replace("Moor Advice", " Moor Advice "))
                        .status())
                .isEqualTo(200);

        assertThat(own.get("/api/starting-case").body().get("market").asString())
                .isEqualTo("CA");
        assertThat(own.get("/api/practice").body().get("settings").toString()).isEqualTo(moor);
        assertThat(own.get("/api/session").body().at("/practice").asString()).isEqualTo("Moor Advice");
        assertThat(own.get("/api/practice/states").body().findValuesAsString("name"))
                .hasSize(2)
                .startsWith("Moor Advice");
        Answer outrun = own.put("/api/practice", "\"0\"", moor.replace("CA", "GB"));
        assertThat(outrun.status()).isEqualTo(409);
        assertThat(outrun.body().at("/latest/value/market").asString()).isEqualTo("CA");
        assertThat(own.put("/api/practice", "\"1\"", moor.replace("Moor Advice", " "))
                        .messageAt("/name"))
                .isEqualTo("Type what your practice is called.");
        Answer noMarket = own.put("/api/practice", "\"1\"", moor.replace("\"CA\"", "null"));
        assertThat(noMarket.status()).isEqualTo(422);
        assertThat(noMarket.messageAt("/market")).isEqualTo("Choose a market.");
        assertThat(own.put("/api/practice", "\"1\"", moor.replace("America/Halifax", "Moon/Crater"))
                        .messageAt("/timeZone"))
                .isEqualTo("There is no such time zone: choose one such as America/Chicago.");
    }

    @Test
    void aNewCaseBeginsOnTheDayItIsWhereThePracticeWorks() {
        Client own = Client.ofOwnPractice("Pia Lund", "pia@lund.example");
        // Between the two zones lie twenty-six hours: whatever the time, their days differ.
        LocalDate east = firstPayment(own, "Pacific/Kiritimati");
        LocalDate west = firstPayment(own, "Etc/GMT+12");

        assertThat(east).isEqualTo(PaymentDates.firstAfterClosing(LocalDate.now(ZoneId.of("Pacific/Kiritimati"))));
        assertThat(west).isEqualTo(PaymentDates.firstAfterClosing(LocalDate.now(ZoneId.of("Etc/GMT+12"))));
    }

    private static LocalDate firstPayment(Client client, String zone) {
        client.put(
                "/api/practice",
                client.get("/api/practice").header("ETag"),
                "{\"name\":\"Lund Advice\",\"market\":\"US\",\"timeZone\":\"" + zone + "\"}");
        return LocalDate.parse(client.get("/api/starting-case")
                .body()
                .at("/options/0/terms/firstPayment")
                .asString());
    }
}
