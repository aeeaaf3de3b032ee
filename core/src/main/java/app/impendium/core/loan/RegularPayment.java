package app.impendium.core.loan;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field;
import app.impendium.core.money.Money;

/** What is paid regularly after any interest-only time. */
public sealed interface RegularPayment {

    /** The level payment that repays the loan in the payments agreed. */
    record Level() implements RegularPayment {}

    /**
     * A payment that the client chose; the loan ends when it is repaid, or with a last payment that clears it.
     *
     * @param amount from 0.01; a schedule refuses it where it does not exceed the interest
     */
    record Custom(Money amount) implements RegularPayment {
        /**
         * @throws CaseException if it is outside its range
         */
        public Custom {
            amount.within(Money.ofCents(1), Money.LARGEST, Field.PAYMENT);
        }
    }
}
