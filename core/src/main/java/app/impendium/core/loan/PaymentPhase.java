package app.impendium.core.loan;

import app.impendium.core.money.Money;
import java.util.Optional;

/**
 * A run of payments for which the regular payment was set once. The last payment of a loan, which clears it, may differ.
 *
 * @param from the first payment of the phase, counted from 1
 * @param setAfter the payment after which it was set; 0 for what is set as the loan begins
 * @param cause what set the payment
 * @param payment the regular payment; during an interest-only period none is set, since each line's interest is due
 * @param basis what a computed payment follows from; none for interest alone and for payments that the client chose
 */
public record PaymentPhase(int from, int setAfter, Cause cause, Optional<Money> payment, Optional<PaymentBasis> basis) {

    /** What sets a regular payment. */
    public enum Cause {
        /** Interest alone is due. */
        INTEREST_ONLY,
        /** The level payment that repays the loan in its term. */
        LEVEL,
        /** The client chose it. */
        CUSTOM,
        /** The client chose another one from here on. */
        STEP,
        /** The rate changed, and the payment was recalculated. */
        RATE_CHANGE,
        /** An extra payment before it had the payment recalculated. */
        RECAST
    }

    static PaymentPhase interestOnly() {
        return new PaymentPhase(1, 0, Cause.INTEREST_ONLY, Optional.empty(), Optional.empty());
    }

    static PaymentPhase chosen(int from, int setAfter, Cause cause, Money payment) {
        return new PaymentPhase(from, setAfter, cause, Optional.of(payment), Optional.empty());
    }

    static PaymentPhase computed(int from, int setAfter, Cause cause, Money payment, PaymentBasis basis) {
        return new PaymentPhase(from, setAfter, cause, Optional.of(payment), Optional.of(basis));
    }

    /** Whether something in the loan's life, and not its terms, had the payment recalculated. */
    public boolean isRecalculated() {
        return cause == Cause.RATE_CHANGE || cause == Cause.RECAST;
    }
}
