package app.impendium.core.cost;

import static app.impendium.core.GoldenCases.cents;
import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.GoldenCases;
import app.impendium.core.GoldenCases.GoldenCase;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class MortgageInsuranceTest {

    @ParameterizedTest
    @MethodSource("goldenCases")
    void endsWhenTheScheduleReachesItsThresholds(GoldenCase golden) {
        var input = golden.input();
        Schedule schedule = schedule(
                cents(input.get("amount")),
                input.get("ratePercent").asString(),
                input.get("payments").asInt());

        MortgageInsurance insurance = MortgageInsurance.of(
                schedule,
                PaymentFrequency.MONTHLY,
                Money.ofCents(cents(input.get("value"))),
                Percent.of(input.get("premiumPercentPerYear").asString()));

        assertThat(insurance.monthlyPremium().cents())
                .isEqualTo(cents(golden.expect().get("monthlyPremium")));
        assertThat(insurance.endsOnRequestAtPayment())
                .isEqualTo(golden.expect().get("firstPaymentWithoutOnRequest80").asInt());
        assertThat(insurance.endsAtPayment())
                .isEqualTo(golden.expect().get("firstPaymentWithoutAutomatic78").asInt());
        assertThat(insurance.premiums(1, schedule.payments()).cents())
                .isEqualTo(cents(golden.expect().get("premiumsPaidToAutomatic")));
    }

    @Test
    void endsAtTheMiddleOfTheAmortizationAtTheLatest() {
        Schedule slow = schedule(19_900_000, "15", 360);

        MortgageInsurance insurance =
                MortgageInsurance.of(slow, PaymentFrequency.MONTHLY, Money.ofCents(20_000_000), Percent.of("0.9"));

        assertThat(slow.balanceAfter(180).cents()).isGreaterThan(16_000_000);
        assertThat(insurance.endsAtPayment()).isEqualTo(181);
    }

    @Test
    void goesWithEachPaymentUntilItEnds() {
        MortgageInsurance insurance = new MortgageInsurance(Money.of("130.00"), Money.of("60.00"), 10, 13);

        assertThat(insurance.with(12)).isEqualTo(Money.of("60.00"));
        assertThat(insurance.with(13)).isEqualTo(Money.ZERO);
        assertThat(insurance.premiums(5, 9)).isEqualTo(Money.of("300.00"));
        assertThat(insurance.premiums(11, 20)).isEqualTo(Money.of("120.00"));
        assertThat(insurance.premiums(13, 20)).isEqualTo(Money.ZERO);
    }

    @Test
    void roundsAYearlyPercentOnce() {
        // 1,084,405.71 × 3.85 % is 41,749.619835 a year and 3,479.134986 a month; a rounded year would make it .14.
        Schedule schedule = schedule(108_440_571, "6", 360);

        MortgageInsurance insurance = MortgageInsurance.of(
                schedule, PaymentFrequency.MONTHLY, Money.ofCents(110_000_000), Percent.of("3.85"));

        assertThat(insurance.monthlyPremium()).isEqualTo(Money.of("3479.13"));
    }

    @Test
    void carriesNoPremiumInTheMiddleOfAnOddNumberOfPayments() {
        Schedule odd = schedule(19_900_000, "15", 351);

        MortgageInsurance insurance =
                MortgageInsurance.of(odd, PaymentFrequency.MONTHLY, Money.ofCents(20_000_000), Percent.of("0.9"));

        assertThat(insurance.insuredPayments(1, 351)).isEqualTo(175);
    }

    @Test
    void isDueOnlyAboveEightyPercent() {
        assertThat(MortgageInsurance.isDue(Money.of("160000.00"), Money.of("200000.00")))
                .isFalse();
        assertThat(MortgageInsurance.isDue(Money.of("160000.01"), Money.of("200000.00")))
                .isTrue();
    }

    private static Schedule schedule(long cents, String ratePercent, int payments) {
        return Schedule.of(LoanTerms.plain(
                Money.ofCents(cents),
                PeriodicRate.of(AnnualRate.ofPercent(ratePercent), Compounding.MONTHLY, PaymentFrequency.MONTHLY),
                payments,
                PaymentRounding.NEAREST_CENT));
    }

    static Stream<GoldenCase> goldenCases() {
        return GoldenCases.of("mortgage_insurance");
    }
}
