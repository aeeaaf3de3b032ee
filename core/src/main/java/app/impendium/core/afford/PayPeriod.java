package app.impendium.core.afford;

/** How often an income of the same amount is paid. */
public enum PayPeriod {
    YEARLY(1),
    QUARTERLY(4),
    MONTHLY(12),
    SEMI_MONTHLY(24),
    BIWEEKLY(26),
    WEEKLY(52);

    private final int perYear;

    PayPeriod(int perYear) {
        this.perYear = perYear;
    }

    /** How many times a year. */
    public int perYear() {
        return perYear;
    }
}
