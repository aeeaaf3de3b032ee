package app.impendium.core.working;

/** The rules by which figures come about, each with its formula and, where a law or a regulation sets it, that. */
public enum Rule {
    DOWN_AMOUNT("D", ""),
    DOWN_SHARE("D = price × percent / 100", ""),
    LOAN_OF_PURCHASE("L = price − D + financed premium", ""),
    LOAN_GIVEN("L = base loan + financed premium", ""),
    UPFRONT_PREMIUM("base loan × percent / 100", ""),
    LOAN_TO_VALUE("base loan / value × 100", ""),
    RATE_SAME_PERIODS("i = j / p", ""),
    RATE_CONVERTED(
            "i = (1 + j/m)^(m/p) − 1",
            "Interest Act, R.S.C. 1985, c. I-15, s. 6, where interest compounds half-yearly, not in advance"),
    EFFECTIVE_RATE("(1 + i)^p − 1", ""),
    LEVEL_PAYMENT("P = (L − B·v)·i / (1 − v), v = (1 + i)^−n", ""),
    LEVEL_PAYMENT_WITHOUT_INTEREST("P = (L − B) / n", ""),
    ACCELERATED_PAYMENT("P = monthly payment / share", ""),
    CHOSEN_PAYMENT("P", ""),
    NUMBER_OF_PAYMENTS("the first line on which nothing is owed any more", ""),
    LAST_PAYMENT("balance before + interest", ""),
    PAYOFF_DATE("date of the last line", ""),
    SUM_OF_INTEREST("Σ interest of each line", ""),
    SUM_OF_PAYMENTS("Σ payment and extra of each line", ""),
    MORE_PRINCIPAL_FROM("the first line with principal > interest", ""),
    HALF_REPAID_ON("the first line with balance ≤ L / 2", ""),
    BALANCE_OF_LINE("balance of the schedule's line", ""),
    PAYMENT_A_MONTH("payment × p / 12", ""),
    SHARE_OF_PRICE_A_MONTH("price × percent / 100 / 12", ""),
    AMOUNT_A_MONTH("amount a year / 12", ""),
    MORTGAGE_INSURANCE("loan × percent / 100 / 12", ""),
    INSURANCE_ON_REQUEST("the first payment with a balance before it of at most 80 % of the value", "12 U.S.C. 4902"),
    INSURANCE_END("the first payment with a balance before it of at most 78 % of the value", "12 U.S.C. 4902"),
    SUM_OF_PARTS("Σ parts", ""),
    GIVEN_A_MONTH("amount a month", ""),
    MONTH_CHANGE("month − month before", ""),
    LENDER_SENDS("principal and interest + mortgage insurance + tax + home insurance", ""),
    CLIENTS_SEND("principal and interest + mortgage insurance", ""),
    SENT_BY_CLIENTS("month − part to the lender", ""),
    CREDIT_UP_TO_COSTS("the lesser of credit and costs", ""),
    BUYDOWN_SUBSIDY("Σ (payment − reduced payment) × p", ""),
    CASH_TO_CLOSE("money down + costs − credits", ""),
    ACTUARIAL_METHOD("Σ payment / ((1 + f·r)(1 + r)^t) = amount received", "12 CFR 1026, Appendix J"),
    COST_OF_BORROWING("C / (T × P) × 100", "Cost of Borrowing (Banks) Regulations, SOR/2001-101, s. 3"),
    EFFECTIVE_RATE_OF_FLOWS(
            "Σ payment / (1 + X)^t = amount received", "Directive 2014/17/EU, Annex I; FCA Handbook, MCOB 10A"),
    COMPARISON_RATE(
            "Σ payment / (1 + r)^k = amount received; p × r × 100",
            "National Credit Code, Part 10 (National Consumer Credit Protection Act 2009, Sch. 1)"),
    FIVE_YEARS_PAID("principal + interest + mortgage insurance of 60 months + loan costs", "12 CFR 1026.37(l)(1)"),
    FIVE_YEARS_PRINCIPAL("Σ principal of 60 months", "12 CFR 1026.37(l)(1)"),
    REGULAR_PAYMENT("P", ""),
    INTEREST_ONLY_PAYMENT("interest of the line", ""),
    INTEREST_OF_LINE("balance before × i", ""),
    PRINCIPAL_OF_LINE("payment − interest", ""),
    EXTRA_UP_TO_BALANCE("the lesser of Σ extras agreed and balance", ""),
    PAYMENT_AND_EXTRA("payment + extra", ""),
    PREMIUM_WITH_PAYMENT("premium a month × 12 / p", ""),
    BALANCE_AFTER_LINE("balance before − principal − extra", ""),
    EQUITY("value × (1 + change)^(k/p) − balance", ""),
    INTEREST_OF_STRETCH("Σ interest of each line", ""),
    REPAID_IN_STRETCH("balance before − balance after", ""),
    EXTRAS_OF_STRETCH("Σ extra of each line", ""),
    PRINCIPAL_OF_STRETCH("repaid − extras", ""),
    PAID_IN_STRETCH("interest + repaid", ""),
    PREMIUMS_OF_STRETCH("premium × insured payments", ""),
    RUNG_PER_PAYMENT("payment at this rate − payment compared", ""),
    RUNG_PER_YEAR("difference of a payment × p", ""),
    RUNG_OVER_THE_LIFE("paid at this rate − paid at the loan’s rate", ""),
    SOLVED_LARGEST("the largest step that meets the wish", ""),
    SOLVED_SMALLEST("the smallest step that meets the wish", ""),
    TOTAL_INTEREST_PERCENTAGE("(Σ interest + prepaid interest) / L × 100", "12 CFR 1026.37(l)(3)");

    private final String formula;
    private final String source;

    Rule(String formula, String source) {
        this.formula = formula;
        this.source = source;
    }

    /** The rule in symbols: L the loan, j the yearly rate, m compoundings and p payments a year, n payments. */
    public String formula() {
        return formula;
    }

    /** The law or regulation that sets the rule; empty where it is the arithmetic of the trade. */
    public String source() {
        return source;
    }
}
