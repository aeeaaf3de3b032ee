package app.impendium.core.cost;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.PaymentDates;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The rates that four markets' laws ask for, of loans small enough to be worked out by hand. */
class CreditCostRateTest {
    private static final Optional<LocalDate> UNKNOWN = Optional.empty();

    @Test
    void canadaSharesTheCostOverTermAndAverageBalance() {
        // 1,200.00 at 0 % in twelve payments: the balances before them average 650.00, and 39.00 is 6 % of that.
        assertThat(rate(CreditCostRate.COST_OF_BORROWING, loan("1200.00", "0", 12), "39.00", "0.00", UNKNOWN, 12))
                .isEqualByComparingTo("6");
        // Of the first half of it: the balances before six payments average 950.00, over half a year.
        assertThat(rate(CreditCostRate.COST_OF_BORROWING, loan("1200.00", "0", 12), "38.00", "0.00", UNKNOWN, 6))
                .isEqualByComparingTo("8");
        assertThat(rate(CreditCostRate.COST_OF_BORROWING, loan("100000.00", "6", 1), "0.00", "700.00", UNKNOWN, 1))
                .as("premiums of default insurance are left out")
                .isEqualByComparingTo("6");
    }

    @Test
    void theUnitedKingdomStatesTheEffectiveRateOfAllFlows() {
        // 1 % a month is 1.01^12 - 1 a year.
        assertThat(rate(
                        CreditCostRate.ANNUAL_PERCENTAGE_RATE_OF_CHARGE,
                        loan("1000.00", "12", 1),
                        "0.00",
                        "0.00",
                        UNKNOWN,
                        1))
                .isEqualByComparingTo("12.682503013");
        // 990.00 received, 1,010.00 paid: (1,010 / 990)^12 - 1.
        assertThat(rate(
                        CreditCostRate.ANNUAL_PERCENTAGE_RATE_OF_CHARGE,
                        loan("1000.00", "12", 1),
                        "6.00",
                        "4.00",
                        UNKNOWN,
                        1))
                .isEqualByComparingTo("27.125932097");
    }

    @Test
    void theUnitedKingdomCountsOddDaysAsPartsOfAYear() {
        // A month and seventeen days of the 365 that end on 1 February: 1.01^(1 / (1/12 + 17/365)) - 1.
        double years = 1 / 12.0 + 17 / 365.0;
        double expected = 100 * (Math.pow(1.01, 1 / years) - 1);

        assertThat(rate(
                                CreditCostRate.ANNUAL_PERCENTAGE_RATE_OF_CHARGE,
                                loan("1000.00", "12", 1),
                                "0.00",
                                "0.00",
                                Optional.of(LocalDate.of(2027, 1, 15)),
                                1)
                        .doubleValue())
                .isCloseTo(expected, org.assertj.core.data.Offset.offset(1e-8));
    }

    @Test
    void australiaComparesRepaymentsAndChargesInWholePeriods() {
        // 990.00 received and 1,010.00 paid a month later, whatever the day: 12 × 20 / 990.
        Optional<LocalDate> early = Optional.of(LocalDate.of(2027, 1, 15));

        assertThat(rate(CreditCostRate.COMPARISON_RATE, loan("1000.00", "12", 1), "10.00", "25.00", early, 1))
                .isEqualByComparingTo("24.242424242");
    }

    @Test
    void thereIsNoRateWhereTheChargesLeaveNothing() {
        assertThat(CreditCostRate.ANNUAL_PERCENTAGE_RATE.of(
                        charges(loan("1000.00", "12", 1), "600.00", "400.00", UNKNOWN, 1)))
                .isEmpty();
    }

    private static BigDecimal rate(
            CreditCostRate method,
            LoanTerms terms,
            String paidAtClosing,
            String premium,
            Optional<LocalDate> closing,
            int paymentsAtRate) {
        return method.of(charges(terms, paidAtClosing, premium, closing, paymentsAtRate))
                .orElseThrow();
    }

    private static DisclosureBasis charges(
            LoanTerms terms, String paidAtClosing, String premium, Optional<LocalDate> closing, int paymentsAtRate) {
        return new DisclosureBasis(
                Schedule.of(terms),
                new PaymentDates(LocalDate.of(2027, 3, 1), PaymentFrequency.MONTHLY),
                closing,
                Money.of(paidAtClosing),
                Money.of(premium),
                Optional.empty(),
                paymentsAtRate);
    }

    private static LoanTerms loan(String amount, String ratePercent, int payments) {
        return LoanTerms.plain(
                Money.of(amount),
                PeriodicRate.of(AnnualRate.ofPercent(ratePercent), Compounding.MONTHLY, PaymentFrequency.MONTHLY),
                payments,
                PaymentRounding.NEAREST_CENT);
    }
}
