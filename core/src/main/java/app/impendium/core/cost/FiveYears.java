package app.impendium.core.cost;

import app.impendium.core.loan.Schedule;
import app.impendium.core.loan.Stretch;
import app.impendium.core.money.Money;
import app.impendium.core.rate.PaymentFrequency;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Optional;

/**
 * What a loan comes to in its first five years, and the total interest percentage (12 CFR 1026.37(l)).
 *
 * @param paid principal, interest, mortgage insurance and loan costs paid in sixty months
 * @param principalPaid the principal paid off in them
 */
public record FiveYears(Money paid, Money principalPaid) {
    private static final int YEARS = 5;
    private static final int MONTHS_A_YEAR = 12;

    /**
     * The five-year figures of a schedule.
     *
     * @param paidAtClosing points, fees of the loan and an upfront premium, paid at closing
     */
    public static FiveYears of(
            Schedule schedule, PaymentFrequency frequency, Money paidAtClosing, Optional<MortgageInsurance> insurance) {
        Stretch first = schedule.stretch(1, Math.min(YEARS * frequency.perYear(), schedule.payments()));
        Money premiums = insurance
                .map(insured -> insured.monthlyPremium().times(Math.min(insured.months(), YEARS * MONTHS_A_YEAR)))
                .orElse(Money.ZERO);
        return new FiveYears(first.paid().plus(paidAtClosing).plus(premiums), first.principal());
    }

    /**
     * Total interest in percent of the loan, to sixteen digits.
     *
     * @param prepaidInterest interest paid at closing for the days before the first period
     */
    public static BigDecimal totalInterestPercentage(Schedule schedule, Money prepaidInterest) {
        Money interest = schedule.whole().interest().plus(prepaidInterest);
        return BigDecimal.valueOf(interest.cents())
                .movePointRight(2)
                .divide(BigDecimal.valueOf(schedule.balanceAfter(0).cents()), MathContext.DECIMAL64);
    }
}
