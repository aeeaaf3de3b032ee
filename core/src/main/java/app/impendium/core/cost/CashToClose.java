package app.impendium.core.cost;

import app.impendium.core.cost.ClosingItem.Kind;
import app.impendium.core.loan.RunningDebt;
import app.impendium.core.money.Money;
import java.util.ArrayList;
import java.util.List;

/**
 * The money that the client brings to closing, by parts. A seller credit never pays more than the costs that it may pay,
 * which are all but the down payment and debts; what cannot be used is told.
 *
 * @param costs what the client pays, one sum for each kind of which something is due
 * @param upfrontPremium an upfront premium or guarantee fee that is not financed
 * @param buydownSubsidy the subsidy of a temporary buydown, where the client pays it
 * @param debts what is paid off of debts beside the home
 * @param lenderCredit what the lender pays, taken off
 * @param sellerCreditUsed the part of the seller credit that is taken off
 * @param sellerCreditUnused the part of it that cannot be used
 * @param financedCosts costs that the loan itself pays, taken off
 * @param cashOut what the client receives out of the loan, taken off
 */
public record CashToClose(
        Money downPayment,
        List<Cost> costs,
        Money upfrontPremium,
        Money buydownSubsidy,
        Money debts,
        Money lenderCredit,
        Money sellerCreditUsed,
        Money sellerCreditUnused,
        Money financedCosts,
        Money cashOut) {

    /** What the client pays of one kind. */
    public record Cost(Kind kind, Money amount) {}

    public CashToClose {
        costs = List.copyOf(costs);
    }

    /**
     * The cash for these costs on a loan.
     *
     * @param loan the loan that shares are a percent of
     * @param debtsPaidOff debts beside the home that are paid off in cash
     */
    public static CashToClose of(
            ClosingCosts given,
            Money loan,
            Financing financing,
            Money upfrontPremium,
            Money buydownSubsidy,
            List<RunningDebt> debtsPaidOff) {
        List<Cost> costs = new ArrayList<>();
        for (Kind kind : Kind.values()) {
            Money paid = given.paid(kind, loan);
            if (!paid.isZero()) {
                costs.add(new Cost(kind, paid));
            }
        }
        Money payable = payable(costs, upfrontPremium, buydownSubsidy);
        Money offered = given.credited(Kind.SELLER_CREDIT, loan);
        Money used = offered.isAbove(payable) ? payable : offered;
        return new CashToClose(
                financing.amountDown(),
                costs,
                upfrontPremium,
                buydownSubsidy,
                debtsPaidOff.stream().map(RunningDebt::balance).reduce(Money.ZERO, Money::plus),
                given.credited(Kind.LENDER_CREDIT, loan),
                used,
                offered.minus(used),
                financing.financedCosts(),
                financing.cashOut());
    }

    /** All that a seller credit may pay. */
    public Money payable() {
        return payable(costs, upfrontPremium, buydownSubsidy);
    }

    private static Money payable(List<Cost> costs, Money upfrontPremium, Money buydownSubsidy) {
        return sum(costs).plus(upfrontPremium).plus(buydownSubsidy);
    }

    /** What the client pays of a kind. */
    public Money cost(Kind kind) {
        return sum(costs.stream().filter(cost -> cost.kind() == kind).toList());
    }

    /** Down payment, costs and debts paid off less credits and what the loan pays. Negative where the client receives more than all of it. */
    public Money total() {
        return downPayment
                .plus(sum(costs))
                .plus(upfrontPremium)
                .plus(buydownSubsidy)
                .plus(debts)
                .minus(lenderCredit)
                .minus(sellerCreditUsed)
                .minus(financedCosts)
                .minus(cashOut);
    }

    private static Money sum(List<Cost> costs) {
        Money sum = Money.ZERO;
        for (Cost cost : costs) {
            sum = sum.plus(cost.amount());
        }
        return sum;
    }
}
