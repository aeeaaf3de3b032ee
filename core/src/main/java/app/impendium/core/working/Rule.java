package app.impendium.core.working;

import static app.impendium.core.working.Expression.named;
import static app.impendium.core.working.Expression.total;

import app.impendium.core.cost.ClosingItem.Kind;
import java.util.Optional;

/**
 * The rules by which figures are calculated: each with its arithmetic, or in words where a figure is looked up or searched
 * for, and with the law or regulation that sets it, if one does.
 */
public enum Rule {
    DOWN_AMOUNT("the amount given"),
    DOWN_SHARE("D", Symbols.PRICE.times(named("percent", Name.PERCENT_DOWN))),
    LOAN_OF_PURCHASE("L", Symbols.PRICE.minus(named("D", Name.DOWN_PAYMENT)).plus(Symbols.FINANCED_PREMIUM)),
    LOAN_OF_REFINANCING(
            "L",
            named("balance", Name.BALANCE_PAID_OFF)
                    .plus(total("debts", Name.DEBT_PAID_OFF))
                    .plus(named("cash out", Name.CASH_OUT))
                    .plus(named("financed costs", Name.FINANCED_COSTS))
                    .plus(Symbols.FINANCED_PREMIUM)),
    LOAN_GIVEN("L", Symbols.BASE_LOAN.plus(Symbols.FINANCED_PREMIUM)),
    UPFRONT_PREMIUM("", Symbols.BASE_LOAN.times(named("percent", Name.PREMIUM_PERCENT))),
    LOAN_TO_VALUE("", Symbols.BASE_LOAN.over(Symbols.VALUE)),
    RATE_SAME_PERIODS("i", Symbols.YEARLY.over(Symbols.PER_YEAR)),
    RATE_CONVERTED(
            "i",
            Symbols.ONE
                    .plus(Symbols.YEARLY.over(Symbols.COMPOUNDINGS))
                    .toThe(Symbols.COMPOUNDINGS.over(Symbols.PER_YEAR))
                    .minus(Symbols.ONE),
            "Interest Act, R.S.C. 1985, c. I-15, s. 6, where interest compounds half-yearly, not in advance"),
    RATE_RESTATED(
            "q",
            named("m", Name.COMPOUNDINGS_STATED)
                    .times(Symbols.ONE
                            .plus(Symbols.PER_PAYMENT)
                            .toThe(Symbols.PER_YEAR.over(named("m", Name.COMPOUNDINGS_STATED)))
                            .minus(Symbols.ONE))),
    EFFECTIVE_RATE(
            "", Symbols.ONE.plus(Symbols.PER_PAYMENT).toThe(Symbols.PER_YEAR).minus(Symbols.ONE)),
    LEVEL_PAYMENT(
            "P",
            Symbols.BALANCE_TO_REPAY
                    .minus(Symbols.BALLOON.times(Symbols.DISCOUNT))
                    .times(Symbols.PER_PAYMENT)
                    .over(Symbols.ONE.minus(Symbols.DISCOUNT))),
    LEVEL_PAYMENT_WITHOUT_INTEREST(
            "P", Symbols.BALANCE_TO_REPAY.minus(Symbols.BALLOON).over(Symbols.REPAYING)),
    ACCELERATED_PAYMENT(
            "P", named("monthly payment", Name.MONTHLY_PAYMENT).over(named("shares", Name.SHARES_OF_MONTHLY))),
    CUSTOM_PAYMENT("the payment that the client chose"),
    NUMBER_OF_PAYMENTS("the first line on which nothing is owed any more"),
    LAST_PAYMENT("", Symbols.BALANCE_BEFORE.plus(Symbols.INTEREST)),
    LAST_PAYMENT_BESIDE_EXTRA(
            "", Symbols.BALANCE_BEFORE.plus(Symbols.INTEREST).minus(named("extra", Name.EXTRA_OF_LINE))),
    PAYOFF_DATE("date of the last line"),
    SUM_OF_INTEREST(
            "Σ interest",
            Symbols.PAYMENTS.times(Symbols.PAYMENT).minus(named("L", Name.LOAN)).plus(Symbols.DIFFERENCES)),
    SUM_OF_PAYMENTS("Σ paid", Symbols.PAYMENTS.times(Symbols.PAYMENT).plus(Symbols.DIFFERENCES)),
    MORE_PRINCIPAL_FROM("the first line with principal > interest"),
    HALF_REPAID_ON("the first line with balance ≤ L / 2"),
    INTEREST_SAVED(
            "",
            named("interest without extras", Name.INTEREST_WITHOUT_EXTRAS)
                    .minus(named("Σ interest", Name.TOTAL_INTEREST))),
    BALANCE_OF_LINE("balance of the schedule's line"),
    MONTHLY_PAYMENT_COST("", Symbols.PAYMENT.times(Symbols.PER_YEAR).over(Symbols.MONTHS)),
    MONTHLY_SHARE_OF_PRICE(
            "", Symbols.PRICE.times(named("percent", Name.TAX_PERCENT)).over(Symbols.MONTHS)),
    MONTHLY_AMOUNT(
            "", named("amount a year", Name.YEARLY_TAX, Name.YEARLY_INSURANCE).over(Symbols.MONTHS)),
    MORTGAGE_INSURANCE(
            "",
            named("loan", Name.LOAN)
                    .times(named("percent", Name.INSURANCE_PERCENT))
                    .over(Symbols.MONTHS)),
    INSURANCE_ON_REQUEST("the first payment with a balance before it of at most 80 % of the value", "12 U.S.C. 4902"),
    INSURANCE_END("the first payment with a balance before it of at most 78 % of the value", "12 U.S.C. 4902"),
    SUM_OF_PARTS(
            "",
            total(
                    "parts",
                    Name.PRINCIPAL_AND_INTEREST,
                    Name.PROPERTY_TAX,
                    Name.HOME_INSURANCE,
                    Name.MORTGAGE_INSURANCE,
                    Name.DUES,
                    Name.OTHER)),
    GIVEN_MONTHLY("the amount given for a month"),
    MONTH_CHANGE("", named("month", Name.HOUSING_COST).minus(named("month before", Name.HOUSING_COST_BEFORE))),
    MONTH_WITH_EXTRAS(
            "",
            named("month", Name.HOUSING_COST)
                    .plus(named("extra", Name.REGULAR_EXTRA)
                            .times(Symbols.PER_YEAR)
                            .over(Symbols.MONTHS))),
    ESCROWED_PARTS(
            "",
            named("principal and interest", Name.PRINCIPAL_AND_INTEREST)
                    .plus(named("mortgage insurance", Name.MORTGAGE_INSURANCE))
                    .plus(named("tax", Name.PROPERTY_TAX))
                    .plus(named("home insurance", Name.HOME_INSURANCE))),
    PARTS_TO_LENDER(
            "",
            named("principal and interest", Name.PRINCIPAL_AND_INTEREST)
                    .plus(named("mortgage insurance", Name.MORTGAGE_INSURANCE))),
    PAID_BY_CLIENTS("", named("month", Name.HOUSING_COST).minus(named("part to the lender", Name.TO_LENDER))),
    CREDIT_UP_TO_COSTS(
            "", new Expression.Least(named("credit", Name.SELLER_CREDIT), named("costs", Name.COSTS_IT_MAY_PAY))),
    BUYDOWN_SUBSIDY("", total("(payment − reduced payment) × p", Name.YEAR_DIFFERENCE)),
    CASH_TO_CLOSE(
            "",
            named("down payment", Name.DOWN_PAYMENT)
                    .plus(total(
                            "costs",
                            Name.of(
                                    kind -> !kind.isCredit(),
                                    Name.UPFRONT_PREMIUM,
                                    Name.BUYDOWN_SUBSIDY,
                                    Name.DEBT_PAID_OFF)))
                    .minus(total(
                            "credits",
                            Name.LENDER_CREDIT,
                            Name.SELLER_CREDIT_USED,
                            Name.FINANCED_COSTS,
                            Name.CASH_OUT))),
    ACTUARIAL_METHOD("Σ payment / ((1 + f·r)(1 + r)^t) = amount received", "12 CFR 1026, Appendix J"),
    COST_OF_BORROWING(
            "",
            named("C", Name.COST_OF_BORROWING)
                    .over(named("T", Name.TERM_YEARS).times(named("average balance", Name.AVERAGE_BALANCE))),
            "Cost of Borrowing (Banks) Regulations, SOR/2001-101, s. 3"),
    EFFECTIVE_RATE_OF_FLOWS(
            "Σ payment / (1 + X)^t = amount received", "Directive 2014/17/EU, Annex I; FCA Handbook, MCOB 10A"),
    COMPARISON_RATE(
            "Σ payment / (1 + r)^k = amount received; p × r",
            "National Credit Code, Part 10 (National Consumer Credit Protection Act 2009, Sch. 1)"),
    FIVE_YEARS_PAID(
            "",
            total(
                    "principal, interest and mortgage insurance of 60 months, and loan costs",
                    Name.of(
                            Kind::isLoanCost,
                            Name.PRINCIPAL_IN_FIVE_YEARS,
                            Name.INTEREST_IN_FIVE_YEARS,
                            Name.PREMIUMS_IN_FIVE_YEARS,
                            Name.UPFRONT_PREMIUM)),
            "12 CFR 1026.37(l)(1)"),
    FIVE_YEARS_PRINCIPAL(
            "", named("L", Name.LOAN).minus(named("balance after 60 months", Name.BALANCE)), "12 CFR 1026.37(l)(1)"),
    REGULAR_PAYMENT("", Symbols.PAYMENT),
    INTEREST_ONLY_PAYMENT("", named("interest of the line", Name.INTEREST_OF_LINE)),
    INTEREST_OF_LINE("", Symbols.BALANCE_BEFORE.times(Symbols.PER_PAYMENT)),
    PRINCIPAL_OF_LINE("", named("payment", Name.PAYMENT).minus(Symbols.INTEREST)),
    EXTRA_UP_TO_BALANCE(
            "",
            new Expression.Least(
                    total("extras agreed", Name.EXTRA_AGREED), named("balance", Name.BALANCE_BEFORE_EXTRA))),
    PAYMENT_AND_EXTRA("", named("payment", Name.PAYMENT).plus(named("extra", Name.EXTRA_OF_LINE))),
    PREMIUM_WITH_PAYMENT(
            "",
            named("premium a month", Name.MORTGAGE_INSURANCE)
                    .times(Symbols.MONTHS)
                    .over(Symbols.PER_YEAR)),
    BALANCE_AFTER_LINE(
            "",
            Symbols.BALANCE_BEFORE
                    .minus(named("principal", Name.PRINCIPAL_OF_LINE))
                    .minus(named("extra", Name.EXTRA_OF_LINE))),
    EQUITY(
            "",
            Symbols.VALUE
                    .times(Symbols.ONE
                            .plus(named("change", Name.VALUE_CHANGE))
                            .toThe(named("k", Name.PAYMENTS_MADE).over(Symbols.PER_YEAR)))
                    .minus(named("balance", Name.BALANCE))),
    INTEREST_OF_RANGE(
            "",
            named("interest through the last", Name.INTEREST_THROUGH)
                    .minus(named("interest before the first", Name.INTEREST_BEFORE))),
    PRINCIPAL_PAID_IN_RANGE("", Symbols.BALANCE_BEFORE.minus(named("balance after", Name.BALANCE))),
    EXTRAS_OF_RANGE("Σ extra of each line"),
    PRINCIPAL_OF_RANGE("", named("principal paid", Name.PRINCIPAL_PAID).minus(named("extras", Name.EXTRAS))),
    PAID_IN_RANGE("", named("interest", Name.INTEREST_OF_RANGE).plus(named("principal paid", Name.PRINCIPAL_PAID))),
    PREMIUMS_OF_RANGE("", named("premium", Name.PREMIUM).times(named("insured payments", Name.INSURED_PAYMENTS))),
    RUNG_PER_PAYMENT(
            "", named("payment at this rate", Name.PAYMENT).minus(named("payment compared", Name.PAYMENT_COMPARED))),
    RUNG_PER_YEAR("", named("difference of a payment", Name.MORE_PER_PAYMENT).times(Symbols.PER_YEAR)),
    RUNG_WHOLE_LOAN(
            "",
            named("paid at this rate", Name.TOTAL_PAID)
                    .minus(named("paid at the loan’s rate", Name.TOTAL_PAID_AT_OWN_RATE))),
    KEPT_BALANCE(
            "",
            named("balance", Name.BALANCE)
                    .times(Symbols.ONE.plus(named("f", Name.PART_OF_PERIOD).times(Symbols.PER_PAYMENT)))),
    KEPT_COST(
            "",
            named("cash to close", Name.CASH_TO_CLOSE)
                    .plus(total("paid", Name.PAID, Name.PREMIUMS, Name.HOME_COSTS_BY_THEN, Name.DEBTS_PAID))
                    .minus(named("subsidy", Name.SUBSIDY_BY_THEN))
                    .plus(total("balance", Name.KEPT_BALANCE, Name.DEBTS_OWED))),
    INCOME_EACH_TIME(
            "",
            named("earned", Name.EARNED_EACH)
                    .times(named("times a year", Name.TIMES_A_YEAR))
                    .over(Symbols.MONTHS)
                    .times(named("share counted", Name.SHARE_COUNTED))),
    INCOME_BY_THE_HOUR(
            "",
            named("earned an hour", Name.EARNED_AN_HOUR)
                    .times(named("hours a week", Name.HOURS_A_WEEK))
                    .times(named("weeks", Name.WEEKS_A_YEAR))
                    .over(Symbols.MONTHS)
                    .times(named("share counted", Name.SHARE_COUNTED))),
    RENT_COUNTED("", named("rent", Name.RENT).times(named("share counted", Name.SHARE_COUNTED))),
    COVER("", named("rent counted", Name.RENT_COUNTED).over(named("outgoings", Name.LET_OUTGOINGS))),
    INTEREST_COVER(
            "",
            named("rent", Name.RENT)
                    .times(Symbols.MONTHS)
                    .over(named("L", Name.LOAN).times(named("tested rate", Name.TESTED_RATE)))),
    CASH_FLOW(
            "",
            named("rent", Name.RENT)
                    .minus(total(
                            "costs", Name.VACANCY, Name.UPKEEP, Name.MANAGEMENT, Name.LET_COSTS, Name.LOAN_OF_MONTH))),
    GROSS_YIELD("", named("rent", Name.RENT).times(Symbols.MONTHS).over(Symbols.PRICE)),
    NET_YIELD(
            "",
            named("left before the loan", Name.LEFT_BEFORE_LOAN)
                    .times(Symbols.MONTHS)
                    .over(Symbols.PRICE)),
    FIRST_YEAR_RETURN(
            "",
            named("first year’s cash flow", Name.FIRST_YEAR_CASH_FLOW)
                    .over(named("cash to close", Name.CASH_TO_CLOSE))),
    KEPT_MONTH("", named("month", Name.FIRST_MONTH).plus(total("payments of debts beside it", Name.DEBT_PAYMENT))),
    CHANGE_FROM_TODAY(
            "", named("month of the loan", Name.PRINCIPAL_AND_INTEREST).minus(named("paid today", Name.PAID_TODAY))),
    STAYS_FROM("the first month from which the cost is at most the baseline’s, to the horizon"),
    PAYBACK("the least whole number of months ≥ costs / saving a month"),
    KEPT_WORTH("Σ flow / (1 + d)^(t / 12), tax relief on interest taken off each payment"),
    SOLVED_LARGEST("the largest step that meets the target"),
    SOLVED_SMALLEST("the smallest step that meets the target"),
    TOTAL_INTEREST_PERCENTAGE(
            "",
            named("Σ interest", Name.TOTAL_INTEREST)
                    .plus(named("prepaid interest", Name.PREPAID_INTEREST))
                    .over(named("L", Name.LOAN)),
            "12 CFR 1026.37(l)(3)");

    private final String formula;
    private final Optional<Expression> expression;
    private final String source;

    /** A figure that is given, looked up or searched for. */
    Rule(String inWords) {
        this(inWords, "");
    }

    Rule(String inWords, String source) {
        this.formula = inWords;
        this.expression = Optional.empty();
        this.source = source;
    }

    /** A figure that is computed; {@code symbol} is its own, empty for none. */
    Rule(String symbol, Expression expression) {
        this(symbol, expression, "");
    }

    Rule(String symbol, Expression expression, String source) {
        String definitions = Symbols.definitionsIn(expression);
        this.formula = (symbol.isEmpty() ? "" : symbol + " = ") + expression.text() + definitions;
        this.expression = Optional.of(expression);
        this.source = source;
    }

    /**
     * The rule in symbols: L the loan, j the annual rate, m compoundings and p payments a year, n payments, i the rate per
     * payment; in words where it is no arithmetic.
     */
    public String formula() {
        return formula;
    }

    /** The arithmetic over the numbers of a working; none where a figure is given, looked up or searched for. */
    public Optional<Expression> expression() {
        return expression;
    }

    /** The law or regulation that sets the rule; empty where it is the arithmetic of the trade. */
    public String source() {
        return source;
    }
}
