package app.impendium.core.loan;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** How a computed payment becomes whole cents. */
public enum PaymentRounding {
    /** To the nearest cent, half a cent up. */
    NEAREST_CENT(RoundingMode.HALF_UP),
    /** Always to the next cent, so that the last payment is never the largest. */
    UP_TO_CENT(RoundingMode.CEILING);

    /** Payments are computed to far more decimals; an error beyond this one must not hide a true whole or half cent. */
    private static final int SETTLED_DECIMALS = 25;

    /** No payment: they are never negative. */
    static final long UNCERTAIN = -1;

    private final RoundingMode mode;

    PaymentRounding(RoundingMode mode) {
        this.mode = mode;
    }

    /** Whole cents of a payment given in cents. */
    long cents(BigDecimal exactCents) {
        return exactCents
                .setScale(SETTLED_DECIMALS, RoundingMode.HALF_EVEN)
                .setScale(0, mode)
                .longValueExact();
    }

    /**
     * Whole cents of a payment known only to within {@code error}, or {@link #UNCERTAIN} where both sides of a rounding
     * boundary are possible.
     */
    long certainCents(double estimate, double error) {
        // Seen from the boundary below: halves for the nearest cent, whole cents for the next.
        double shifted = this == NEAREST_CENT ? estimate + 0.5 : estimate;
        double floor = Math.floor(shifted);
        double above = shifted - floor;
        if (above <= error || above >= 1 - error) {
            return UNCERTAIN;
        }
        return (long) floor + (this == NEAREST_CENT ? 0 : 1);
    }
}
