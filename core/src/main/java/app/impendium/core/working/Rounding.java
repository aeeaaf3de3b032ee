package app.impendium.core.working;

import app.impendium.core.loan.PaymentRounding;

/** How a result became the figure that is shown. */
public enum Rounding {
    /** It is exact, or shown with digits to spare. */
    NONE,
    /** To the nearest cent, half a cent up. */
    NEAREST_CENT,
    /** To the next cent. */
    UP_TO_CENT,
    /** Each line's interest to the nearest cent, half a cent up; the sum is exact. */
    EACH_LINE;

    static Rounding of(PaymentRounding rule) {
        return switch (rule) {
            case NEAREST_CENT -> NEAREST_CENT;
            case UP_TO_CENT -> UP_TO_CENT;
        };
    }
}
