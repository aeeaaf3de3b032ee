package app.impendium.core.rate;

/**
 * How often a loan is paid. The accelerated kinds pay half or a quarter of the monthly payment every two weeks or every
 * week, and so end early.
 */
public enum PaymentFrequency {
    YEARLY(1),
    QUARTERLY(4),
    MONTHLY(12),
    SEMI_MONTHLY(24),
    BIWEEKLY(26),
    WEEKLY(52),
    ACCELERATED_BIWEEKLY(26),
    ACCELERATED_WEEKLY(52);

    private final int perYear;

    PaymentFrequency(int perYear) {
        this.perYear = perYear;
    }

    /** Payments in a year. */
    public int perYear() {
        return perYear;
    }

    /** Whether a payment is a share of the monthly one, not a level payment of its own. */
    public boolean isAccelerated() {
        return this == ACCELERATED_BIWEEKLY || this == ACCELERATED_WEEKLY;
    }
}
