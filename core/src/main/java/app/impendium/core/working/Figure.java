package app.impendium.core.working;

import java.util.List;

/** The figures of an option that open their working, each with the figures that it goes into. */
public enum Figure {
    MONEY_DOWN,
    LOAN_AMOUNT,
    UPFRONT_PREMIUM,
    LOAN_TO_VALUE,
    PERIODIC_RATE,
    EFFECTIVE_RATE,
    PAYMENT,
    PAYMENTS,
    LAST_PAYMENT,
    PAYOFF_DATE,
    TOTAL_INTEREST,
    TOTAL_PAID,
    RATE_END_BALANCE,
    PRINCIPAL_AND_INTEREST,
    PROPERTY_TAX,
    HOME_INSURANCE,
    MORTGAGE_INSURANCE,
    INSURANCE_END,
    HOUSING_COST,
    SELLER_CREDIT,
    BUYDOWN_SUBSIDY,
    CASH_TO_CLOSE,
    ANNUAL_PERCENTAGE_RATE,
    FIVE_YEARS_PAID,
    FIVE_YEARS_PRINCIPAL,
    TOTAL_INTEREST_PERCENTAGE,
    LINE_INTEREST,
    LINE_PRINCIPAL,
    LINE_BALANCE;

    /** Where this figure is used; empty for one that stands at the end. */
    public List<Figure> usedIn() {
        return switch (this) {
            case MONEY_DOWN -> List.of(LOAN_AMOUNT, CASH_TO_CLOSE);
            case LOAN_AMOUNT -> List.of(PAYMENT, LOAN_TO_VALUE, TOTAL_PAID, TOTAL_INTEREST_PERCENTAGE);
            case UPFRONT_PREMIUM -> List.of(LOAN_AMOUNT, CASH_TO_CLOSE, ANNUAL_PERCENTAGE_RATE);
            case LOAN_TO_VALUE -> List.of(MORTGAGE_INSURANCE);
            case PERIODIC_RATE -> List.of(EFFECTIVE_RATE, PAYMENT, TOTAL_INTEREST);
            case PAYMENT -> List.of(PRINCIPAL_AND_INTEREST, LAST_PAYMENT, TOTAL_PAID, BUYDOWN_SUBSIDY);
            case PAYMENTS -> List.of(PAYOFF_DATE);
            case LAST_PAYMENT -> List.of(TOTAL_PAID);
            case TOTAL_INTEREST -> List.of(TOTAL_PAID, TOTAL_INTEREST_PERCENTAGE);
            case PRINCIPAL_AND_INTEREST, PROPERTY_TAX, HOME_INSURANCE -> List.of(HOUSING_COST);
            case MORTGAGE_INSURANCE -> List.of(HOUSING_COST, ANNUAL_PERCENTAGE_RATE, FIVE_YEARS_PAID);
            case INSURANCE_END -> List.of(HOUSING_COST, FIVE_YEARS_PAID);
            case SELLER_CREDIT, BUYDOWN_SUBSIDY -> List.of(CASH_TO_CLOSE);
            case LINE_INTEREST -> List.of(LINE_PRINCIPAL, TOTAL_INTEREST);
            case LINE_PRINCIPAL -> List.of(LINE_BALANCE);
            case LINE_BALANCE,
                    EFFECTIVE_RATE,
                    PAYOFF_DATE,
                    TOTAL_PAID,
                    RATE_END_BALANCE,
                    HOUSING_COST,
                    CASH_TO_CLOSE,
                    ANNUAL_PERCENTAGE_RATE,
                    FIVE_YEARS_PAID,
                    FIVE_YEARS_PRINCIPAL,
                    TOTAL_INTEREST_PERCENTAGE -> List.of();
        };
    }
}
