package app.impendium.core.working;

import static app.impendium.core.working.Quantity.amount;
import static app.impendium.core.working.Quantity.number;
import static app.impendium.core.working.Quantity.percent;

import app.impendium.core.cost.ClosingCosts;
import app.impendium.core.cost.FiveYears;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Explains what regulation asks to be disclosed: annual percentage rate, five years, total interest percentage. */
public final class ChargeWorking {
    private final Schedule schedule;
    private final ClosingCosts costs;
    private final Money loan;

    public ChargeWorking(Schedule schedule, ClosingCosts costs) {
        this.schedule = schedule;
        this.costs = costs;
        this.loan = schedule.balanceAfter(0);
    }

    /**
     * The workings of the disclosed figures.
     *
     * @param upfrontPremium a premium due once, financed or not
     */
    public List<Working> workings(
            Optional<BigDecimal> annualPercentageRate,
            FiveYears fiveYears,
            BigDecimal totalInterestPercentage,
            Money upfrontPremium) {
        List<Working> workings = new ArrayList<>();
        annualPercentageRate.ifPresent(rate -> workings.add(annualPercentageRate(rate, upfrontPremium)));
        workings.add(Working.of(Figure.FIVE_YEARS_PAID, Rule.FIVE_YEARS_PAID)
                .given(
                        amount(Name.POINTS, costs.pointsPaid(loan)),
                        amount(Name.LOAN_FEES, costs.loanFees()),
                        amount(Name.UPFRONT_PREMIUM, upfrontPremium))
                .gives(amount(Name.PAID_IN_FIVE_YEARS, fiveYears.paid()), Rounding.EACH_LINE));
        workings.add(Working.of(Figure.FIVE_YEARS_PRINCIPAL, Rule.FIVE_YEARS_PRINCIPAL)
                .given(amount(Name.LOAN, loan))
                .gives(amount(Name.PRINCIPAL_IN_FIVE_YEARS, fiveYears.principalPaid()), Rounding.EACH_LINE));
        workings.add(Working.of(Figure.TOTAL_INTEREST_PERCENTAGE, Rule.TOTAL_INTEREST_PERCENTAGE)
                .given(
                        amount(Name.TOTAL_INTEREST, schedule.whole().interest()),
                        amount(Name.PREPAID_INTEREST, costs.prepaidInterest()),
                        amount(Name.LOAN, loan))
                .gives(percent(Name.TOTAL_INTEREST_PERCENTAGE, totalInterestPercentage), Rounding.NONE));
        return workings;
    }

    private Working annualPercentageRate(BigDecimal rate, Money upfrontPremium) {
        Money charges = costs.prepaidFinanceCharge(loan).plus(upfrontPremium);
        return Working.of(Figure.ANNUAL_PERCENTAGE_RATE, Rule.ACTUARIAL_METHOD)
                .given(
                        amount(Name.LOAN, loan),
                        amount(Name.POINTS, costs.pointsPaid(loan)),
                        amount(Name.LOAN_FEES, costs.loanFees()),
                        amount(Name.PREPAID_INTEREST, costs.prepaidInterest()),
                        amount(Name.UPFRONT_PREMIUM, upfrontPremium),
                        number(Name.PAYMENTS, schedule.payments()))
                .then(amount(Name.AMOUNT_RECEIVED, loan.minus(charges)))
                .gives(percent(Name.ANNUAL_PERCENTAGE_RATE, rate), Rounding.NONE);
    }
}
