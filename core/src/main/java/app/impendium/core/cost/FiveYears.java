package app.impendium.core.cost;

import app.impendium.core.loan.PaymentRange;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.math.MathContext;

/**
 * What is paid for a loan in its first sixty months, and the total interest percentage (12 CFR 1026.37(l)).
 *
 * @param principal the principal paid off in them
 * @param interest the interest paid in them
 * @param premiums the premiums of mortgage insurance paid in them
 * @param paidAtClosing loan costs, paid at closing
 */
public record FiveYears(Money principal, Money interest, Money premiums, Money paidAtClosing) {
    private static final int YEARS = 5;

    /**
     * The five-year figures of a loan.
     *
     * @param paidAtClosing points, fees of the loan and an upfront premium, paid at closing
     */
    public static FiveYears of(DisclosureBasis loan, Money paidAtClosing) {
        Schedule schedule = loan.schedule();
        PaymentRange first = schedule.range(1, Math.min(YEARS * loan.perYear(), schedule.payments()));
        Money premiums = loan.insurance()
                .map(insured -> insured.premiums(1, first.last()))
                .orElse(Money.ZERO);
        return new FiveYears(first.principal(), first.interest(), premiums, paidAtClosing);
    }

    /** All that is paid: principal, interest, mortgage insurance and loan costs. */
    public Money paid() {
        return principal.plus(interest).plus(premiums).plus(paidAtClosing);
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
