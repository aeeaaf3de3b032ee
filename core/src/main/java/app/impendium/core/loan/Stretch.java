package app.impendium.core.loan;

import app.impendium.core.money.Money;

/**
 * The sums of a run of payments.
 *
 * @param first the first payment counted
 * @param last the last payment counted
 * @param interest interest paid in them
 * @param principal principal paid in them
 * @param balance what is owed after the last of them
 */
public record Stretch(int first, int last, Money interest, Money principal, Money balance) {

    /** Interest and principal together. */
    public Money paid() {
        return interest.plus(principal);
    }
}
