package app.impendium.server.practice;

/** A row by which options can be compared. */
public enum OptionRow {
    PAYMENT,
    MONTH,
    MORTGAGE_INSURANCE,
    CHANGE_FROM_TODAY,
    CASH_TO_CLOSE,
    LOAN,
    LOAN_TO_VALUE,
    POINTS,
    PAYBACK,
    KEPT_COST,
    KEPT_BALANCE,
    KEPT_INTEREST,
    STAYS_FROM,
    TOTAL_INTEREST,
    TOTAL_PAID,
    PAYOFF_DATE,
    CREDIT_COST_RATE
}
