package app.impendium.core.afford;

/** What a limit is set for. */
public enum Measure {
    /** The housing cost in percent of the income, at most. */
    FRONT_END(Unit.PERCENT, true),
    /** Housing cost and debts in percent of the income, at most. */
    BACK_END(Unit.PERCENT, true),
    /** The loan in yearly incomes, at most. */
    LOAN_TO_INCOME(Unit.TIMES, true),
    /** What is owed, with the new loan, in yearly incomes, at most. */
    DEBT_TO_INCOME(Unit.TIMES, true),
    /** What is left of the income a month after tax, housing, debts and upkeep, at least. */
    RESIDUAL_INCOME(Unit.AMOUNT, true),
    /** The loan in percent of the home's value, at most. */
    LOAN_TO_VALUE(Unit.PERCENT, true),
    /** The money left after closing in months of housing cost, at least. */
    RESERVES(Unit.MONTHS, false),
    /** The credit score, at least. */
    SCORE(Unit.POINTS, false);

    /** What its limit counts. */
    public enum Unit {
        PERCENT(200, 3),
        TIMES(100, 3),
        /** In units of the currency. */
        AMOUNT(1_000_000, 2),
        MONTHS(120, 1),
        POINTS(999, 0);

        private final int most;
        private final int decimals;

        Unit(int most, int decimals) {
            this.most = most;
            this.decimals = decimals;
        }

        /** The largest limit. */
        public int most() {
            return most;
        }

        /** The most decimals of a limit. */
        public int decimals() {
            return decimals;
        }
    }

    private final Unit unit;
    private final boolean followsTheLoan;

    Measure(Unit unit, boolean followsTheLoan) {
        this.unit = unit;
        this.followsTheLoan = followsTheLoan;
    }

    /** What its limit counts. */
    public Unit unit() {
        return unit;
    }

    /** Whether another loan, rate, price or term can meet it: levers answer for these, and the others are told beside. */
    public boolean followsTheLoan() {
        return followsTheLoan;
    }
}
