package app.impendium.core.loan;

import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.util.Optional;

/**
 * What shows that a schedule is right: each pair of figures is calculated in two ways.
 *
 * @param closingBalance what is owed after the last payment: 0.00
 * @param principalRepaid the principal of all lines, extras included
 * @param borrowed what it has to equal
 * @param formula the balance by formula beside the schedule's, for a loan of level payments alone
 */
public record Reconciliation(Money closingBalance, Money principalRepaid, Money borrowed, Optional<ByFormula> formula) {

    /**
     * The balance before the last payment, where all the roundings of the lines have added up.
     *
     * @param afterPayment the payment after which it is owed
     * @param formulaCents by formula, in cents with all decimals
     * @param schedule by schedule
     */
    public record ByFormula(int afterPayment, BigDecimal formulaCents, Money schedule) {}

    /** The reconciliation of a schedule of these terms. */
    public static Reconciliation of(LoanTerms terms, Schedule schedule) {
        return new Reconciliation(
                schedule.balanceAfter(schedule.payments()),
                schedule.whole().principal(),
                terms.amount(),
                terms.isPlain() ? Optional.of(byFormula(terms, schedule)) : Optional.empty());
    }

    private static ByFormula byFormula(LoanTerms terms, Schedule schedule) {
        int paid = schedule.payments() - 1;
        return new ByFormula(
                paid,
                BalanceFormula.balanceCentsAfter(terms.amount(), terms.rate(), schedule.payment(), paid),
                schedule.balanceAfter(paid));
    }
}
