package app.impendium.core.rate;

import java.math.BigInteger;

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
    ACCELERATED_BIWEEKLY(26, 2),
    ACCELERATED_WEEKLY(52, 4);

    private static final int MONTHS_PER_YEAR = 12;

    private final int perYear;
    private final int sharesOfMonth;

    PaymentFrequency(int perYear) {
        this(perYear, 1);
    }

    PaymentFrequency(int perYear, int sharesOfMonth) {
        this.perYear = perYear;
        this.sharesOfMonth = sharesOfMonth;
    }

    /** Payments in a year. */
    public int perYear() {
        return perYear;
    }

    /** Whether a payment is a share of the monthly one, not a level payment of its own. */
    public boolean isAccelerated() {
        return sharesOfMonth > 1;
    }

    /** The fewest payments that make whole months: 13 of two weeks make six. */
    public int wholeMonths() {
        return perYear
                / BigInteger.valueOf(perYear)
                        .gcd(BigInteger.valueOf(MONTHS_PER_YEAR))
                        .intValue();
    }

    /** Into how many payments an accelerated loan's monthly payment is shared: 2 or 4; 1 for the other kinds. */
    public int sharesOfMonth() {
        return sharesOfMonth;
    }
}
