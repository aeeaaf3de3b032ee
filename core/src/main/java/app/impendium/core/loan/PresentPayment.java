package app.impendium.core.loan;

import app.impendium.core.money.Money;
import app.impendium.core.rate.PaymentFrequency;

/**
 * What is paid today on the loan that ends or is replaced. Immutable.
 *
 * @param amount of one payment
 */
public record PresentPayment(Money amount, PaymentFrequency frequency) {
    private static final int MONTHS_PER_YEAR = 12;

    /** A year's payments shared over twelve months, to the nearest cent. */
    public Money monthly() {
        return amount.times(frequency.perYear()).dividedBy(MONTHS_PER_YEAR);
    }
}
