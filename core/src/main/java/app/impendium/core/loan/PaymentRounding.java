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
}
