package app.impendium.core.cost;

import app.impendium.core.finding.CaseException;
import app.impendium.core.loan.Schedule;
import app.impendium.core.loan.Stretch;
import app.impendium.core.money.Money;
import app.impendium.core.rate.PaymentFrequency;
import java.math.BigDecimal;
import java.math.MathContext;

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
     * @param loanCosts points and fees of the loan, paid at closing
     * @param monthlyPremium the mortgage insurance for one month
     * @param insuredMonths how many months carry it
     */
    public static FiveYears of(
            Schedule schedule, PaymentFrequency frequency, Money loanCosts, Money monthlyPremium, int insuredMonths) {
        Stretch first = schedule.stretch(1, Math.min(YEARS * frequency.perYear(), schedule.payments()));
        int premiums = Math.min(insuredMonths, YEARS * MONTHS_A_YEAR);
        return new FiveYears(first.paid().plus(loanCosts).plus(monthlyPremium.times(premiums)), first.principal());
    }

    /**
     * Total interest in percent of the loan, to sixteen digits.
     *
     * @param prepaidInterest interest paid at closing for the days before the first period
     * @throws CaseException if the prepaid interest is negative
     */
    public static BigDecimal totalInterestPercentage(Schedule schedule, Money prepaidInterest) {
        prepaidInterest.within(Money.ZERO, Money.LARGEST, "prepaidInterest");
        Money interest = schedule.whole().interest().plus(prepaidInterest);
        return BigDecimal.valueOf(interest.cents())
                .movePointRight(2)
                .divide(BigDecimal.valueOf(schedule.balanceAfter(0).cents()), MathContext.DECIMAL64);
    }
}
