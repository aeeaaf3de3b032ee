package app.impendium.core.working;

import java.util.List;

/**
 * The figures that open their working, each with the figures that it goes into: those of an option, of a line of its
 * schedule, of a range of lines, of a rung of its rate ladder, of a target.
 */
public enum Figure {
    DOWN_PAYMENT,
    LOAN_AMOUNT,
    UPFRONT_PREMIUM,
    LOAN_TO_VALUE,
    PERIODIC_RATE,
    EFFECTIVE_RATE,
    RESTATED_RATE,
    PAYMENT,
    PAYMENTS,
    LAST_PAYMENT,
    PAYOFF_DATE,
    TOTAL_INTEREST,
    INTEREST_SAVED,
    TOTAL_PAID,
    RATE_END_BALANCE,
    MORE_PRINCIPAL_FROM,
    HALF_REPAID_ON,
    PRINCIPAL_AND_INTEREST,
    PROPERTY_TAX,
    HOME_INSURANCE,
    MORTGAGE_INSURANCE,
    INSURANCE_ON_REQUEST,
    INSURANCE_END,
    DUES,
    OTHER_COST,
    HOUSING_COST,
    MONTH_CHANGE,
    MONTH_WITH_EXTRAS,
    TO_LENDER,
    PAID_BY_CLIENTS,
    SELLER_CREDIT,
    BUYDOWN_SUBSIDY,
    CASH_TO_CLOSE,
    ANNUAL_PERCENTAGE_RATE,
    FIVE_YEARS_PAID,
    FIVE_YEARS_PRINCIPAL,
    TOTAL_INTEREST_PERCENTAGE,
    LINE_PAYMENT,
    LINE_INTEREST,
    LINE_PRINCIPAL,
    LINE_EXTRA,
    LINE_PAID,
    LINE_INSURANCE,
    LINE_BALANCE,
    EQUITY,
    RANGE_INTEREST,
    RANGE_PRINCIPAL_PAID,
    RANGE_EXTRA,
    RANGE_PRINCIPAL,
    RANGE_PAID,
    RANGE_INSURANCE,
    RUNG_PER_PAYMENT,
    RUNG_PER_YEAR,
    RUNG_WHOLE_LOAN,
    TARGET_ANSWER,
    KEPT_COST,
    KEPT_BALANCE,
    KEPT_INTEREST,
    KEPT_MONTH,
    STAYS_FROM,
    PAYBACK,
    CHANGE_FROM_TODAY,
    COUNTED_INCOME,
    RENT_COUNTED,
    LET_OUTGOINGS,
    COVER,
    INTEREST_COVER,
    CASH_FLOW,
    GROSS_YIELD,
    NET_YIELD,
    FIRST_YEAR_RETURN;

    /** Where this figure is used; empty for one that stands at the end. */
    public List<Figure> usedIn() {
        return switch (this) {
            case DOWN_PAYMENT -> List.of(LOAN_AMOUNT, CASH_TO_CLOSE);
            case LOAN_AMOUNT -> List.of(PAYMENT, LOAN_TO_VALUE, TOTAL_PAID, TOTAL_INTEREST_PERCENTAGE);
            case UPFRONT_PREMIUM -> List.of(LOAN_AMOUNT, CASH_TO_CLOSE, ANNUAL_PERCENTAGE_RATE);
            case LOAN_TO_VALUE -> List.of(MORTGAGE_INSURANCE);
            case PERIODIC_RATE -> List.of(EFFECTIVE_RATE, RESTATED_RATE, PAYMENT, TOTAL_INTEREST);
            case PAYMENT -> List.of(PRINCIPAL_AND_INTEREST, TOTAL_PAID, BUYDOWN_SUBSIDY, RUNG_PER_PAYMENT);
            case PAYMENTS -> List.of(PAYOFF_DATE);
            case LAST_PAYMENT -> List.of(TOTAL_PAID);
            case TOTAL_INTEREST -> List.of(TOTAL_PAID, INTEREST_SAVED, TOTAL_INTEREST_PERCENTAGE);
            case PRINCIPAL_AND_INTEREST, PROPERTY_TAX, HOME_INSURANCE -> List.of(HOUSING_COST, TO_LENDER);
            case MORTGAGE_INSURANCE ->
                List.of(HOUSING_COST, TO_LENDER, LINE_INSURANCE, ANNUAL_PERCENTAGE_RATE, FIVE_YEARS_PAID);
            case DUES, OTHER_COST -> List.of(HOUSING_COST);
            case HOUSING_COST -> List.of(PAID_BY_CLIENTS, MONTH_CHANGE, MONTH_WITH_EXTRAS, KEPT_MONTH);
            case KEPT_MONTH -> List.of(PAYBACK);
            case TO_LENDER -> List.of(PAID_BY_CLIENTS);
            case INSURANCE_END -> List.of(HOUSING_COST, FIVE_YEARS_PAID);
            case SELLER_CREDIT, BUYDOWN_SUBSIDY -> List.of(CASH_TO_CLOSE);
            case LINE_PAYMENT -> List.of(LINE_PRINCIPAL, LINE_PAID);
            case LINE_INTEREST -> List.of(LINE_PRINCIPAL, TOTAL_INTEREST);
            case LINE_PRINCIPAL -> List.of(LINE_BALANCE);
            case LINE_EXTRA -> List.of(LINE_PAID, LINE_BALANCE);
            case LINE_BALANCE -> List.of(EQUITY);
            case RANGE_INTEREST -> List.of(RANGE_PAID);
            case RANGE_PRINCIPAL_PAID -> List.of(RANGE_PRINCIPAL, RANGE_PAID);
            case RANGE_EXTRA -> List.of(RANGE_PRINCIPAL);
            case RUNG_PER_PAYMENT -> List.of(RUNG_PER_YEAR);
            case TOTAL_PAID -> List.of(RUNG_WHOLE_LOAN);
            case CASH_TO_CLOSE, KEPT_BALANCE -> List.of(KEPT_COST);
            case RENT_COUNTED, LET_OUTGOINGS -> List.of(COVER);
            case CASH_FLOW -> List.of(FIRST_YEAR_RETURN);
            case EFFECTIVE_RATE,
                    RESTATED_RATE,
                    PAYOFF_DATE,
                    INTEREST_SAVED,
                    RATE_END_BALANCE,
                    MORE_PRINCIPAL_FROM,
                    HALF_REPAID_ON,
                    INSURANCE_ON_REQUEST,
                    MONTH_CHANGE,
                    MONTH_WITH_EXTRAS,
                    PAID_BY_CLIENTS,
                    ANNUAL_PERCENTAGE_RATE,
                    FIVE_YEARS_PAID,
                    FIVE_YEARS_PRINCIPAL,
                    TOTAL_INTEREST_PERCENTAGE,
                    LINE_PAID,
                    LINE_INSURANCE,
                    EQUITY,
                    RANGE_PRINCIPAL,
                    RANGE_PAID,
                    RANGE_INSURANCE,
                    RUNG_PER_YEAR,
                    RUNG_WHOLE_LOAN,
                    TARGET_ANSWER,
                    KEPT_COST,
                    KEPT_INTEREST,
                    STAYS_FROM,
                    PAYBACK,
                    CHANGE_FROM_TODAY,
                    COUNTED_INCOME,
                    COVER,
                    INTEREST_COVER,
                    GROSS_YIELD,
                    NET_YIELD,
                    FIRST_YEAR_RETURN -> List.of();
        };
    }
}
