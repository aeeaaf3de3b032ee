package app.impendium.core.rental;

import app.impendium.core.money.Money;

/**
 * What a month of a let home takes, as a lender counts it.
 *
 * @param payment principal and interest, or interest alone in interest-only time
 */
public record Outgoings(Money payment, Money propertyTax, Money homeInsurance, Money dues) {

    /** The sum of the parts. */
    public Money total() {
        return payment.plus(propertyTax).plus(homeInsurance).plus(dues);
    }
}
