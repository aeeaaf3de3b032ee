package app.impendium.core.working;

import static app.impendium.core.working.Expression.constant;
import static app.impendium.core.working.Expression.named;
import static app.impendium.core.working.Expression.total;

/** The symbols that several rules share. */
final class Symbols {
    static final Expression ONE = constant(1);
    static final Expression MONTHS = constant(12);

    static final Expression PRICE = named("price", Name.PRICE);
    static final Expression VALUE = named("value", Name.VALUE);
    static final Expression BASE_LOAN = named("base loan", Name.BASE_LOAN);
    static final Expression FINANCED_PREMIUM = named("financed premium", Name.FINANCED_PREMIUM);

    static final Expression YEARLY = named("j", Name.INTEREST_RATE);
    static final Expression COMPOUNDINGS = named("m", Name.COMPOUNDINGS_PER_YEAR);
    static final Expression PER_YEAR = named("p", Name.PAYMENTS_PER_YEAR);
    static final Expression PER_PAYMENT = named("i", Name.RATE_PER_PAYMENT);

    static final Expression BALANCE_TO_REPAY = named("L", Name.BALANCE_THEN, Name.LOAN);
    static final Expression BALLOON = named("B", Name.BALANCE_AT_END);
    static final Expression REPAYING = named("n", Name.REPAYING_PAYMENTS);
    static final Expression DISCOUNT =
            new Expression.Defined("v", ONE.over(ONE.plus(PER_PAYMENT).toThe(REPAYING)));

    static final Expression PAYMENT = named("P", Name.PAYMENT);
    static final Expression PAYMENTS = named("n", Name.PAYMENTS);
    static final Expression BALANCE_BEFORE = named("balance before", Name.BALANCE_BEFORE);
    static final Expression INTEREST = named("interest", Name.INTEREST_OF_LINE);

    /** What payments differ from the regular one, by cause. */
    static final Expression DIFFERENCES = total(
            "differences",
            Name.INTEREST_ONLY_DIFFERENCE,
            Name.STEP_DIFFERENCE,
            Name.RATE_CHANGE_DIFFERENCE,
            Name.RECAST_DIFFERENCE,
            Name.LAST_PAYMENT_DIFFERENCE,
            Name.ROUNDING_OF_PAYMENT,
            Name.ROUNDING_OF_LINES,
            Name.TOTAL_EXTRA);

    private Symbols() {}

    /** What the symbols in an expression stand for that are no numbers of the working: ", v = 1 / (1 + i)^n". */
    static String definitionsIn(Expression expression) {
        if (expression instanceof Expression.Defined defined) {
            return ", " + defined.symbol() + " = " + defined.definition().text();
        }
        if (expression instanceof Expression.Combined combined) {
            String left = definitionsIn(combined.left());
            return left.isEmpty() ? definitionsIn(combined.right()) : left;
        }
        return "";
    }
}
