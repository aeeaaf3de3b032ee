package app.impendium.core.loan;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field.Entry;
import app.impendium.core.money.Money;

/**
 * Another regular payment from a payment on, chosen by the client.
 *
 * @param fromPayment the first payment of this amount, from 2 and after any interest-only period
 * @param amount from 0.01; a schedule refuses it where it does not exceed the interest
 */
public record PaymentStep(int fromPayment, Money amount) {
    /**
     * @throws CaseException if the amount is outside its range
     */
    public PaymentStep {
        amount.within(Money.ofCents(1), Money.LARGEST, Entry.AMOUNT);
    }
}
