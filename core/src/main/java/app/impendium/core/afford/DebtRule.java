package app.impendium.core.afford;

import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;

/**
 * How a lender counts debts. Immutable.
 *
 * @param leftOutAtMost a debt that ends with at most so many payments left counts nothing; 0 for none
 * @param shareOfBalance what counts a month of a balance for which no payment is reported
 */
public record DebtRule(int leftOutAtMost, Percent shareOfBalance) {

    /** Why a debt counts what it counts. */
    public enum Why {
        /** Its reported payment. */
        PAYMENT,
        /** A share of its balance, for want of a payment. */
        SHARE_OF_BALANCE,
        /** Nothing: neither a payment nor a balance is known. */
        NOTHING_KNOWN,
        /** Nothing: so few payments are left. */
        NEARLY_PAID,
        /** Nothing: it is paid off at closing. */
        PAID_OFF,
        /** Nothing: it is no debt to a lender. */
        NEVER_COUNTS
    }

    /** What a debt counts a month. */
    public record Counted(Money monthly, Why why) {}

    /**
     * What a debt counts.
     *
     * @param paidOff whether it is paid off at closing
     */
    public Counted count(Debt debt, boolean paidOff) {
        if (!debt.counts()) {
            return new Counted(Money.ZERO, Why.NEVER_COUNTS);
        }
        if (paidOff) {
            return new Counted(Money.ZERO, Why.PAID_OFF);
        }
        if (debt.payment().isEmpty()) {
            return debt.balance().isAbove(Money.ZERO)
                    ? new Counted(shareOfBalance.of(debt.balance()), Why.SHARE_OF_BALANCE)
                    : new Counted(Money.ZERO, Why.NOTHING_KNOWN);
        }
        boolean isNearlyPaid = debt.kind() != Debt.Kind.LASTING
                && debt.paymentsLeft().filter(left -> left <= leftOutAtMost).isPresent();
        return isNearlyPaid
                ? new Counted(Money.ZERO, Why.NEARLY_PAID)
                : new Counted(debt.payment().get(), Why.PAYMENT);
    }
}
