package app.impendium.core.loan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.core.finding.CaseException;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ScheduleTest {

    @Test
    void beginsWithNothingPaidAndTheFullBalance() {
        Instalment line = Schedule.of(loan("73210.00", "4.2", 84)).line(0);

        assertThat(line)
                .isEqualTo(new Instalment(
                        0, Money.ZERO, Money.ZERO, Money.ZERO, Money.ZERO, Money.ZERO, Money.of("73210.00")));
    }

    @Test
    void repaysALoanWithoutInterestInEqualParts() {
        Schedule schedule = Schedule.of(loan("1000.00", "0", 3));

        assertThat(schedule.line(1).payment()).isEqualTo(Money.of("333.33"));
        assertThat(schedule.lastPayment()).isEqualTo(Money.of("333.34"));
        assertThat(schedule.whole().interest()).isEqualTo(Money.ZERO);
    }

    @Test
    void repaysALoanOfOnePaymentAtOnce() {
        Schedule schedule = Schedule.of(loan("1200.00", "6", 1));

        assertThat(schedule.payment()).isEqualTo(Money.of("1206.00"));
        assertThat(schedule.line(1).balance()).isEqualTo(Money.ZERO);
    }

    @Test
    void addsUpRangeesToTheWhole() {
        Schedule schedule = Schedule.of(loan("73210.00", "4.2", 84));
        PaymentRange first = schedule.range(1, 30);
        PaymentRange rest = schedule.range(31, 84);

        assertThat(first.interest().plus(rest.interest()))
                .isEqualTo(schedule.whole().interest());
        assertThat(first.principal().plus(rest.principal())).isEqualTo(Money.of("73210.00"));
        assertThat(rest.balance()).isEqualTo(Money.ZERO);
    }

    @ParameterizedTest
    @CsvSource({"0, 5", "5, 4", "1, 85", "-1, 1"})
    void knowsNoRangeOutsideItsPayments(int first, int last) {
        Schedule schedule = Schedule.of(loan("73210.00", "4.2", 84));
        assertThatThrownBy(() -> schedule.range(first, last)).isInstanceOf(IndexOutOfBoundsException.class);
    }

    @Test
    void refusesTermsOutsideTheirRange() {
        assertThatThrownBy(() -> loan("0.00", "4", 12)).isInstanceOf(CaseException.class);
        assertThatThrownBy(() -> loan("1000000000.00", "4", 12)).isInstanceOf(CaseException.class);
        assertThatThrownBy(() -> loan("1000.00", "4", 601))
                .hasMessage("terms.amortizationMonths: OUT_OF_RANGE 601, 1, 600");
        assertThatThrownBy(() -> loan("1000.00", "30.000001", 12))
                .hasMessage("terms.ratePercent: OUT_OF_RANGE 30.000001 %, 0 %, 30 %");
        PeriodicRate accelerated =
                PeriodicRate.of(AnnualRate.ofPercent("4"), Compounding.MONTHLY, PaymentFrequency.ACCELERATED_WEEKLY);
        LoanTerms odd = LoanTerms.plain(Money.of("1000.00"), accelerated, 100, PaymentRounding.NEAREST_CENT);
        assertThatThrownBy(() -> Schedule.of(odd)).hasMessage("terms.amortizationMonths: PAYMENTS_SPLIT_MONTHS 100");
    }

    private static LoanTerms loan(String amount, String ratePercent, int payments) {
        return LoanTerms.plain(
                Money.of(amount),
                PeriodicRate.of(AnnualRate.ofPercent(ratePercent), Compounding.MONTHLY, PaymentFrequency.MONTHLY),
                payments,
                PaymentRounding.NEAREST_CENT);
    }
}
