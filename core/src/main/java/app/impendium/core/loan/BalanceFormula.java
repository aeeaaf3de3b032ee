package app.impendium.core.loan;

import app.impendium.core.money.Money;
import app.impendium.core.rate.PeriodicRate;
import java.math.BigDecimal;

/**
 * The balance of a plain loan after k payments in one step: L(1 + i)^k - P((1 + i)^k - 1)/i. It knows no rounding of each
 * line's interest, and so differs from the schedule by some cents: beside each other, the two prove one another.
 */
public final class BalanceFormula {
    private BalanceFormula() {}

    /** What is owed after {@code paid} level payments, in cents, to fifty digits. */
    public static BigDecimal balanceCentsAfter(Money loan, PeriodicRate rate, Money payment, int paid) {
        BigDecimal amount = BigDecimal.valueOf(loan.cents());
        BigDecimal level = BigDecimal.valueOf(payment.cents());
        if (rate.isZero()) {
            return amount.subtract(level.multiply(BigDecimal.valueOf(paid)));
        }
        BigDecimal growth = rate.growth(paid);
        BigDecimal paidWithInterest =
                level.multiply(growth.subtract(BigDecimal.ONE)).divide(rate.value(), LevelPayment.DIGITS);
        return amount.multiply(growth).subtract(paidWithInterest);
    }
}
