package app.impendium.core.working;

import static app.impendium.core.working.Quantity.amount;
import static app.impendium.core.working.Quantity.exactAmount;
import static app.impendium.core.working.Quantity.number;
import static app.impendium.core.working.Quantity.percent;

import app.impendium.core.cost.ClosingCosts;
import app.impendium.core.cost.ClosingItem.Kind;
import app.impendium.core.cost.Disclosure;
import app.impendium.core.cost.DisclosureBasis;
import app.impendium.core.cost.FiveYears;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** Explains what regulation asks to be disclosed: the rate of the whole cost, five years, total interest percentage. */
public final class DisclosureWorking {
    private static final MathContext DIGITS = new MathContext(30);

    private final Disclosure disclosure;
    private final DisclosureBasis basis;
    private final Schedule schedule;
    private final ClosingCosts costs;
    private final Money loan;

    public DisclosureWorking(Disclosure disclosure, ClosingCosts costs) {
        this.disclosure = disclosure;
        this.basis = disclosure.basis();
        this.schedule = basis.schedule();
        this.costs = costs;
        this.loan = schedule.balanceAfter(0);
    }

    /**
     * The workings of the disclosed figures.
     *
     * @param premiumAtClosing an upfront premium that is not financed
     */
    public List<Working> workings(Money premiumAtClosing) {
        List<Working> workings = new ArrayList<>();
        FiveYears fiveYears = disclosure.fiveYears();
        disclosure.creditCostRate().ifPresent(percent -> workings.add(creditCostRate(percent)));
        workings.add(Working.of(Figure.FIVE_YEARS_PAID, Rule.FIVE_YEARS_PAID)
                .given(
                        amount(Name.PRINCIPAL_IN_FIVE_YEARS, fiveYears.principal()),
                        amount(Name.INTEREST_IN_FIVE_YEARS, fiveYears.interest()),
                        amount(Name.PREMIUMS_IN_FIVE_YEARS, fiveYears.premiums()))
                .given(paidFor(Kind::isLoanCost))
                .given(amount(Name.UPFRONT_PREMIUM, premiumAtClosing))
                .gives(amount(Name.PAID_IN_FIVE_YEARS, fiveYears.paid()), Rounding.EACH_LINE));
        workings.add(Working.of(Figure.FIVE_YEARS_PRINCIPAL, Rule.FIVE_YEARS_PRINCIPAL)
                .given(amount(Name.LOAN, loan))
                .then(amount(Name.BALANCE, loan.minus(fiveYears.principal())))
                .gives(amount(Name.PRINCIPAL_IN_FIVE_YEARS, fiveYears.principal()), Rounding.EACH_LINE));
        workings.add(Working.of(Figure.TOTAL_INTEREST_PERCENTAGE, Rule.TOTAL_INTEREST_PERCENTAGE)
                .given(
                        amount(Name.TOTAL_INTEREST, schedule.whole().interest()),
                        amount(Name.PREPAID_INTEREST, costs.paid(Kind.PREPAID_INTEREST, loan)),
                        amount(Name.LOAN, loan))
                .gives(percent(Name.TOTAL_INTEREST_PERCENTAGE, disclosure.totalInterestPercentage()), Rounding.NONE));
        return workings;
    }

    private Working creditCostRate(BigDecimal percent) {
        Working.Draft draft = switch (disclosure.method()) {
            case ANNUAL_PERCENTAGE_RATE -> ofInsuredPayments(Rule.ACTUARIAL_METHOD);
            case ANNUAL_PERCENTAGE_RATE_OF_CHARGE -> ofInsuredPayments(Rule.EFFECTIVE_RATE_OF_FLOWS);
            case COMPARISON_RATE -> ofPayments();
            case COST_OF_BORROWING -> costOfBorrowing();
        };
        return draft.gives(percent(Name.ANNUAL_PERCENTAGE_RATE, percent), Rounding.NONE);
    }

    private Working.Draft ofInsuredPayments(Rule rule) {
        return ofFlows(rule)
                .given(amount(Name.UPFRONT_PREMIUM, basis.upfrontPremium()))
                .then(
                        amount(Name.AMOUNT_RECEIVED, basis.received()),
                        amount(Name.TOTAL_PAID, schedule.whole().paid()),
                        amount(Name.PREMIUMS, basis.premiums()));
    }

    private Working.Draft ofPayments() {
        return ofFlows(Rule.COMPARISON_RATE)
                .then(
                        amount(Name.AMOUNT_RECEIVED, basis.receivedBeforePremium()),
                        amount(Name.TOTAL_PAID, schedule.whole().paid()));
    }

    private Working.Draft ofFlows(Rule rule) {
        return Working.of(Figure.ANNUAL_PERCENTAGE_RATE, rule)
                .given(
                        number(Name.PAYMENTS, schedule.payments()),
                        number(Name.PAYMENTS_PER_YEAR, basis.perYear()),
                        amount(Name.LOAN, loan))
                .given(paidFor(Kind::isPrepaidFinanceCharge));
    }

    private Working.Draft costOfBorrowing() {
        int payments = basis.paymentsAtRate();
        BigDecimal average =
                BigDecimal.valueOf(basis.sumOfBalancesAtRate().cents()).divide(BigDecimal.valueOf(payments), DIGITS);
        BigDecimal years = BigDecimal.valueOf(payments).divide(BigDecimal.valueOf(basis.perYear()), DIGITS);
        return Working.of(Figure.ANNUAL_PERCENTAGE_RATE, Rule.COST_OF_BORROWING)
                .given(number(Name.PAYMENTS, payments), amount(Name.INTEREST_OF_TERM, basis.interestAtRate()))
                .given(paidFor(Kind::isPrepaidFinanceCharge))
                .then(
                        amount(Name.COST_OF_BORROWING, basis.costAtRate()),
                        number(Name.TERM_YEARS, years),
                        exactAmount(Name.AVERAGE_BALANCE, average));
    }

    private Quantity[] paidFor(Predicate<Kind> counted) {
        return Stream.of(Kind.values())
                .filter(counted)
                .map(kind -> amount(Name.of(kind), costs.paid(kind, loan)))
                .toArray(Quantity[]::new);
    }
}
