package app.impendium.core.compare;

import static app.impendium.core.GoldenCases.cents;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.core.GoldenCases;
import app.impendium.core.GoldenCases.GoldenCase;
import app.impendium.core.loan.LoanFeatures;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.loan.RegularPayment;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

class RateLadderTest {

    @Test
    void standsAroundTheLoansOwnRate() {
        List<Rung.Priced> rungs = rungs(RateLadder.of(loan("6.125")), "0.25", 4, 4);

        assertThat(rungs)
                .extracting(rung -> rung.rate().percent().toString())
                .containsExactly(
                        "5.125 %",
                        "5.375 %", "5.625 %", "5.875 %", "6.125 %", "6.375 %", "6.625 %", "6.875 %", "7.125 %");
        assertThat(rungs.get(4).payment()).isEqualTo(Money.of("2362.72"));
        assertThat(rungs.get(4).wholeLoan()).isEqualTo(Money.ZERO);
        assertThat(rungs).extracting(Rung.Priced::wholeLoan).isSorted();
    }

    @Test
    void tellsTheDifferenceByPaymentYearAndLife() {
        LoanTerms terms = loan("6.125");
        Rung.Priced lowest = rungs(RateLadder.of(terms), "1", 1, 0).get(0);
        Schedule own = Schedule.of(terms);
        Schedule other = Schedule.of(loan("5.125"));

        assertThat(lowest.perPayment()).isEqualTo(other.payment().minus(own.payment()));
        assertThat(lowest.perYear()).isEqualTo(lowest.perPayment().times(12));
        assertThat(lowest.wholeLoan())
                .isEqualTo(other.whole().interest().minus(own.whole().interest()))
                .isEqualTo(Money.of("-88365.96"));
    }

    @Test
    void leavesOutRatesThatCannotBe() {
        assertThat(rungs(RateLadder.of(loan("0.5")), "0.25", 4, 0)).hasSize(3);
        assertThat(rungs(RateLadder.of(loan("29.75")), "0.25", 0, 4)).hasSize(2);
        assertThatThrownBy(() -> new RateLadder.Build(Percent.of("0"), 1, 1))
                .hasMessage("stepPercent: NOT_ABOVE_ZERO 0 %");
        assertThatThrownBy(() -> new RateLadder.Build(Percent.of("1"), 41, 1))
                .hasMessage("down: OUT_OF_RANGE 41, 0, 40");
    }

    @Test
    void aRungWithoutFiguresSaysWhyAndTheOthersStand() {
        LoanTerms chosen = new LoanTerms(
                Money.of("388855.00"),
                loan("6").rate(),
                360,
                PaymentRounding.NEAREST_CENT,
                LoanFeatures.NONE.withRegular(new RegularPayment.Custom(Money.of("2400.00"))));

        List<Rung> rungs = RateLadder.of(chosen).rungs(new RateLadder.Build(Percent.of("1"), 1, 2));

        assertThat(rungs.get(2)).isInstanceOf(Rung.Priced.class);
        assertThat(rungs.get(3)).isInstanceOfSatisfying(Rung.Unpriced.class, rung -> {
            assertThat(rung.rate()).isEqualTo(AnnualRate.ofPercent("8"));
            assertThat(rung.because())
                    .singleElement()
                    .satisfies(finding -> assertThat(finding)
                            .asString()
                            .startsWith("features.paymentCents: PAYMENT_BELOW_INTEREST 2400.00, 2592.37"));
        });
    }

    @ParameterizedTest
    @MethodSource("renewals")
    void aRenewalIsComparedWithThePaymentBeforeIt(GoldenCase golden) {
        JsonNode input = golden.input();
        LoanTerms terms = LoanTerms.plain(
                Money.ofCents(cents(input.get("amount"))),
                PeriodicRate.of(
                        AnnualRate.ofPercent(input.get("ratePercent").asString()),
                        Compounding.valueOf(input.get("compounding").asString()),
                        PaymentFrequency.MONTHLY),
                input.get("payments").asInt(),
                PaymentRounding.valueOf(input.get("rounding").asString()));
        Schedule schedule = Schedule.of(terms);
        int last = input.get("rateTermPayments").asInt();
        RateLadder ladder = RateLadder.atRenewal(terms, schedule, last);
        JsonNode expect = golden.expect();

        assertThat(schedule.line(last).payment().cents()).isEqualTo(cents(expect.get("paymentBefore")));
        assertThat(schedule.balanceAfter(last).cents()).isEqualTo(cents(expect.get("balance")));
        for (int i = 0; i < expect.get("paymentsAfter").size(); i++) {
            Rung.Priced rung = ladder.at(
                    AnnualRate.ofPercent(input.get("renewalRatesPercent").get(i).asString()));
            assertThat(rung.payment().cents())
                    .isEqualTo(cents(expect.get("paymentsAfter").get(i)));
            assertThat(rung.perPayment().cents())
                    .isEqualTo(cents(expect.get("changes").get(i)));
        }
    }

    static Stream<GoldenCase> renewals() {
        return GoldenCases.of("renewal");
    }

    private static List<Rung.Priced> rungs(RateLadder ladder, String step, int down, int up) {
        return ladder.rungs(new RateLadder.Build(Percent.of(step), down, up)).stream()
                .map(Rung.Priced.class::cast)
                .toList();
    }

    private static LoanTerms loan(String ratePercent) {
        return LoanTerms.plain(
                Money.of("388855.00"),
                PeriodicRate.of(AnnualRate.ofPercent(ratePercent), Compounding.MONTHLY, PaymentFrequency.MONTHLY),
                360,
                PaymentRounding.NEAREST_CENT);
    }
}
