package app.impendium.core.loan;

import app.impendium.core.money.Money;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import java.math.BigDecimal;
import java.math.MathContext;

/** The payment that stays the same: P = (L - B·v)·i / (1 - v) with v = (1 + i)^-n, and (L - B)/n at a rate of zero. */
public final class LevelPayment {
    private static final int MONTHS_A_YEAR = 12;
    private static final MathContext DIGITS = new MathContext(50);

    private LevelPayment() {}

    /** The payment of a loan after any interest-only time, rounded by the loan's rule. */
    public static Money of(LoanTerms terms) {
        int payments = terms.payments() - terms.interestOnlyPayments();
        if (!terms.frequency().isAccelerated()) {
            BigDecimal exact = exactCents(terms.amount(), terms.residualBalance(), terms.periodicRate(), payments);
            return Money.ofCents(terms.rounding().cents(exact));
        }
        return accelerated(terms, payments);
    }

    /** The exact payment in cents, to fifty digits, for {@code payments} of at least 1. */
    static BigDecimal exactCents(Money loan, Money residual, PeriodicRate rate, int payments) {
        BigDecimal amount = BigDecimal.valueOf(loan.cents());
        BigDecimal left = BigDecimal.valueOf(residual.cents());
        if (rate.isZero()) {
            return amount.subtract(left).divide(BigDecimal.valueOf(payments), DIGITS);
        }
        // The textbook form with numerator and denominator multiplied by (1 + i)^n.
        BigDecimal growth = rate.growth(payments);
        return amount.multiply(growth)
                .subtract(left)
                .multiply(rate.value())
                .divide(growth.subtract(BigDecimal.ONE), DIGITS);
    }

    private static Money accelerated(LoanTerms terms, int payments) {
        int months = payments * MONTHS_A_YEAR / terms.frequency().perYear();
        PeriodicRate monthlyRate = PeriodicRate.of(terms.rate(), terms.compounding(), PaymentFrequency.MONTHLY);
        PaymentRounding rounding = terms.rounding();
        long monthly = rounding.cents(exactCents(terms.amount(), terms.residualBalance(), monthlyRate, months));
        int shares = terms.frequency() == PaymentFrequency.ACCELERATED_BIWEEKLY ? 2 : 4;
        return Money.ofCents(rounding.cents(BigDecimal.valueOf(monthly).divide(BigDecimal.valueOf(shares))));
    }
}
