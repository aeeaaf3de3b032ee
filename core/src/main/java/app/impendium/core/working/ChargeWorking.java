package app.impendium.core.working;

import static app.impendium.core.working.Quantity.amount;
import static app.impendium.core.working.Quantity.exactAmount;
import static app.impendium.core.working.Quantity.number;
import static app.impendium.core.working.Quantity.percent;

import app.impendium.core.cost.ClosingCosts;
import app.impendium.core.cost.CreditCostRate;
import app.impendium.core.cost.FiveYears;
import app.impendium.core.cost.LoanCharges;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Explains what regulation asks to be disclosed: the rate of the whole cost, five years, total interest percentage. */
public final class ChargeWorking {
    private static final MathContext DIGITS = new MathContext(30);

    private final Schedule schedule;
    private final ClosingCosts costs;
    private final LoanCharges charges;
    private final Money loan;

    public ChargeWorking(LoanCharges charges, ClosingCosts costs) {
        this.schedule = charges.schedule();
        this.costs = costs;
        this.charges = charges;
        this.loan = schedule.balanceAfter(0);
    }

    /**
     * The workings of the disclosed figures.
     *
     * @param premiumAtClosing an upfront premium that is not financed
     */
    public List<Working> workings(
            CreditCostRate method,
            Optional<BigDecimal> rate,
            FiveYears fiveYears,
            BigDecimal totalInterestPercentage,
            Money premiumAtClosing) {
        List<Working> workings = new ArrayList<>();
        rate.ifPresent(percent -> workings.add(creditCostRate(method, percent)));
        workings.add(Working.of(Figure.FIVE_YEARS_PAID, Rule.FIVE_YEARS_PAID)
                .given(
                        amount(Name.PRINCIPAL_IN_FIVE_YEARS, fiveYears.principal()),
                        amount(Name.INTEREST_IN_FIVE_YEARS, fiveYears.interest()),
                        amount(Name.PREMIUMS_IN_FIVE_YEARS, fiveYears.premiums()),
                        amount(Name.POINTS, costs.pointsPaid(loan)),
                        amount(Name.LOAN_FEES, costs.loanFees()),
                        amount(Name.UPFRONT_PREMIUM, premiumAtClosing))
                .gives(amount(Name.PAID_IN_FIVE_YEARS, fiveYears.paid()), Rounding.EACH_LINE));
        workings.add(Working.of(Figure.FIVE_YEARS_PRINCIPAL, Rule.FIVE_YEARS_PRINCIPAL)
                .given(amount(Name.LOAN, loan))
                .gives(amount(Name.PRINCIPAL_IN_FIVE_YEARS, fiveYears.principal()), Rounding.EACH_LINE));
        workings.add(Working.of(Figure.TOTAL_INTEREST_PERCENTAGE, Rule.TOTAL_INTEREST_PERCENTAGE)
                .given(
                        amount(Name.TOTAL_INTEREST, schedule.whole().interest()),
                        amount(Name.PREPAID_INTEREST, costs.prepaidInterest()),
                        amount(Name.LOAN, loan))
                .gives(percent(Name.TOTAL_INTEREST_PERCENTAGE, totalInterestPercentage), Rounding.NONE));
        return workings;
    }

    private Working creditCostRate(CreditCostRate method, BigDecimal percent) {
        Working.Draft draft = switch (method) {
            case ANNUAL_PERCENTAGE_RATE -> ofInsuredPayments(Rule.ACTUARIAL_METHOD);
            case ANNUAL_PERCENTAGE_RATE_OF_CHARGE -> ofInsuredPayments(Rule.EFFECTIVE_RATE_OF_FLOWS);
            case COMPARISON_RATE -> ofPayments();
            case COST_OF_BORROWING -> costOfBorrowing();
        };
        return draft.gives(percent(Name.ANNUAL_PERCENTAGE_RATE, percent), Rounding.NONE);
    }

    private Working.Draft ofInsuredPayments(Rule rule) {
        return ofFlows(rule)
                .given(amount(Name.UPFRONT_PREMIUM, charges.upfrontPremium()))
                .then(
                        amount(Name.AMOUNT_RECEIVED, charges.received()),
                        amount(Name.TOTAL_PAID, schedule.whole().paid()),
                        amount(Name.PREMIUMS, charges.premiums()));
    }

    private Working.Draft ofPayments() {
        return ofFlows(Rule.COMPARISON_RATE)
                .then(
                        amount(Name.AMOUNT_RECEIVED, charges.receivedBeforePremium()),
                        amount(Name.TOTAL_PAID, schedule.whole().paid()));
    }

    private Working.Draft ofFlows(Rule rule) {
        return Working.of(Figure.ANNUAL_PERCENTAGE_RATE, rule)
                .given(
                        number(Name.PAYMENTS, schedule.payments()),
                        number(Name.PAYMENTS_A_YEAR, charges.perYear()),
                        amount(Name.LOAN, loan))
                .given(atClosing());
    }

    private Working.Draft costOfBorrowing() {
        int payments = charges.paymentsAtRate();
        BigDecimal average =
                BigDecimal.valueOf(charges.sumOfBalancesAtRate().cents()).divide(BigDecimal.valueOf(payments), DIGITS);
        BigDecimal years = BigDecimal.valueOf(payments).divide(BigDecimal.valueOf(charges.perYear()), DIGITS);
        return Working.of(Figure.ANNUAL_PERCENTAGE_RATE, Rule.COST_OF_BORROWING)
                .given(number(Name.PAYMENTS, payments), amount(Name.INTEREST_OF_TERM, charges.interestAtRate()))
                .given(atClosing())
                .then(
                        amount(Name.COST_OF_BORROWING, charges.costAtRate()),
                        number(Name.TERM_YEARS, years),
                        exactAmount(Name.AVERAGE_BALANCE, average));
    }

    private Quantity[] atClosing() {
        return new Quantity[] {
            amount(Name.POINTS, costs.pointsPaid(loan)),
            amount(Name.LOAN_FEES, costs.loanFees()),
            amount(Name.PREPAID_INTEREST, costs.prepaidInterest())
        };
    }
}
