package app.impendium.core.loan;

import app.impendium.core.money.Money;

/**
 * The sums of a run of payments.
 *
 * @param first the first payment counted
 * @param last the last payment counted
 * @param interest interest paid in them
 * @param principal principal repaid in them, extras included
 * @param extra the extras among it
 * @param balance what is owed after the last of them
 */
public record PaymentRange(int first, int last, Money interest, Money principal, Money extra, Money balance) {

    /** All that was paid: interest and principal, extras included. */
    public Money paid() {
        return interest.plus(principal);
    }
}
