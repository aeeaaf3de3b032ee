package app.impendium.core.loan;

import static app.impendium.core.GoldenCases.cents;
import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.GoldenCases;
import app.impendium.core.GoldenCases.GoldenCase;
import app.impendium.core.money.Money;
import app.impendium.core.rate.PeriodicRate;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

class GoldenLoanTest {
    @ParameterizedTest
    @MethodSource("payments")
    void paymentAndRates(GoldenCase golden) {
        LoanTerms terms = GoldenTerms.of(golden.input());
        PeriodicRate rate = terms.rate();

        assertThat(LevelPayment.of(terms).cents())
                .isEqualTo(cents(golden.expect().get("payment")));
        assertDigits(rate.value().movePointRight(2), golden.expect().get("periodicRatePercent"));
        assertDigits(rate.effectiveYearlyPercent(), golden.expect().get("effectiveAnnualRatePercent"));
    }

    @ParameterizedTest
    @MethodSource("schedules")
    void scheduleToTheCent(GoldenCase golden) {
        Schedule schedule = Schedule.of(GoldenTerms.of(golden.input()));
        JsonNode expect = golden.expect();

        assertThat(schedule.payment().cents()).isEqualTo(cents(expect.get("payment")));
        assertThat(schedule.lastPayment().cents()).isEqualTo(cents(expect.get("finalPayment")));
        assertThat(schedule.whole().interest().cents()).isEqualTo(cents(expect.get("totalInterest")));
        assertThat(schedule.whole().balance()).isEqualTo(Money.ZERO);
        if (expect.has("paymentsMade")) {
            assertThat(schedule.payments()).isEqualTo(expect.get("paymentsMade").asInt());
        }
        if (expect.has("totalPaid")) {
            assertThat(schedule.whole().paid().cents()).isEqualTo(cents(expect.get("totalPaid")));
        }
        if (expect.has("firstPaymentMorePrincipalThanInterest")) {
            assertThat(schedule.firstWithMorePrincipalThanInterest())
                    .hasValue(
                            expect.get("firstPaymentMorePrincipalThanInterest").asInt());
        }
        expect.path("rows").forEach(row -> assertLine(schedule, row));
        expect.path("spans").forEach(span -> assertRange(schedule, span));
    }

    private static void assertLine(Schedule schedule, JsonNode row) {
        Instalment line = schedule.line(row.get("number").asInt());
        assertThat(line.interest().cents()).isEqualTo(cents(row.get("interest")));
        assertThat(line.principal().cents()).isEqualTo(cents(row.get("principal")));
        assertThat(line.extra().cents()).isEqualTo(cents(row.get("extra")));
        assertThat(line.payment().cents()).isEqualTo(cents(row.get("payment")));
        assertThat(line.balance().cents()).isEqualTo(cents(row.get("balance")));
    }

    private static void assertRange(Schedule schedule, JsonNode span) {
        PaymentRange range =
                schedule.range(span.get("from").asInt(), span.get("to").asInt());
        assertThat(range.interest().cents()).isEqualTo(cents(span.get("interest")));
        assertThat(range.principal().cents()).isEqualTo(cents(span.get("principal")));
        assertThat(range.balance().cents()).isEqualTo(cents(span.get("balance")));
    }

    private static void assertDigits(BigDecimal figure, JsonNode expected) {
        BigDecimal digits = new BigDecimal(expected.asString());
        assertThat(figure.setScale(digits.scale(), RoundingMode.HALF_UP)).isEqualByComparingTo(digits);
    }

    static Stream<GoldenCase> payments() {
        return GoldenCases.of("payment");
    }

    static Stream<GoldenCase> schedules() {
        return Stream.of("schedule", "ties", "accelerated").flatMap(GoldenCases::of);
    }
}
