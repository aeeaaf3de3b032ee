package app.impendium.core.rate;

/**
 * How often a year's interest is added to what bears interest. Half-yearly is what the Interest Act, R.S.C. 1985,
 * c. I-15, s. 6 asks of Canadian fixed-rate home loans.
 */
public enum Compounding {
    YEARLY(1),
    SEMI_ANNUAL(2),
    QUARTERLY(4),
    MONTHLY(12),
    SEMI_MONTHLY(24),
    BIWEEKLY(26),
    WEEKLY(52),
    DAILY(365);

    private final int perYear;

    Compounding(int perYear) {
        this.perYear = perYear;
    }

    /** Compounding periods in a year. */
    public int perYear() {
        return perYear;
    }
}
