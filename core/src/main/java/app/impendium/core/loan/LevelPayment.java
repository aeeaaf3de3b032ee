package app.impendium.core.loan;

import app.impendium.core.finding.CaseException;
import app.impendium.core.money.Money;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import java.math.BigDecimal;
import java.math.MathContext;

/**
 * The payment that stays the same: P = (L - B·v)·i / (1 - v) with v = (1 + i)^-n, and (L - B)/n at a rate of zero.
 *
 * <p>It is estimated first, in doubles, with a bound on the error. Only where the estimate lies too close to a rounding
 * boundary to tell on which side it is, the payment is computed to fifty digits.
 */
public final class LevelPayment {
    private static final int MONTHS_A_YEAR = 12;
    static final MathContext DIGITS = new MathContext(50);

    /** All terms of the estimate are positive, so its dozen roundings stay far below this share of it. */
    private static final double ESTIMATE_ERROR = 1e-12;

    private LevelPayment() {}

    /** The level payment of a loan after any interest-only time, rounded by the loan's rule. */
    public static Money of(LoanTerms terms) {
        return of(PaymentBasis.of(terms), terms.rounding());
    }

    /**
     * The level payment on a basis.
     *
     * @throws CaseException if an accelerated loan's payments left do not make whole months
     */
    public static Money of(PaymentBasis basis, PaymentRounding rounding) {
        if (!basis.rate().frequency().isAccelerated()) {
            return Money.ofCents(level(basis, rounding));
        }
        BigDecimal monthly = BigDecimal.valueOf(monthlyOf(basis, rounding).cents());
        BigDecimal shares = BigDecimal.valueOf(basis.rate().frequency().sharesOfMonth());
        return Money.ofCents(rounding.cents(monthly.divide(shares)));
    }

    /**
     * The monthly payment that an accelerated one is a share of.
     *
     * @throws CaseException if the payments left do not make whole months
     */
    public static Money monthlyOf(PaymentBasis basis, PaymentRounding rounding) {
        int payments = basis.payments();
        int perYear = basis.rate().frequency().perYear();
        if (payments * MONTHS_A_YEAR % perYear != 0) {
            throw CaseException.of(
                    "payments",
                    payments + " payments left",
                    "a number of payments that makes whole months",
                    "An accelerated payment is a share of the monthly one, and " + payments
                            + " payments do not make whole months.");
        }
        PeriodicRate monthly = basis.rate().withFrequency(PaymentFrequency.MONTHLY);
        int months = payments * MONTHS_A_YEAR / perYear;
        return Money.ofCents(level(new PaymentBasis(basis.balance(), basis.residual(), monthly, months), rounding));
    }

    /** The exact payment in cents, to fifty digits. */
    public static BigDecimal exactCents(PaymentBasis basis) {
        BigDecimal amount = BigDecimal.valueOf(basis.balance().cents());
        BigDecimal left = BigDecimal.valueOf(basis.residual().cents());
        PeriodicRate rate = basis.rate();
        if (rate.isZero()) {
            return amount.subtract(left).divide(BigDecimal.valueOf(basis.payments()), DIGITS);
        }
        // The textbook form with numerator and denominator multiplied by (1 + i)^n.
        BigDecimal growth = rate.growth(basis.payments());
        return amount.multiply(growth)
                .subtract(left)
                .multiply(rate.value())
                .divide(growth.subtract(BigDecimal.ONE), DIGITS);
    }

    private static long level(PaymentBasis basis, PaymentRounding rounding) {
        PeriodicRate rate = basis.rate();
        if (!rate.isZero()) {
            // i·(L + (L - B)/((1 + i)^n - 1)): the same payment as a sum of what is positive.
            double gain = Math.expm1(basis.payments() * Math.log1p(rate.estimate()));
            double repaid = basis.balance().cents() - basis.residual().cents();
            double estimate = rate.estimate() * (basis.balance().cents() + repaid / gain);
            long cents = rounding.certainCents(estimate, estimate * ESTIMATE_ERROR);
            if (cents != PaymentRounding.UNCERTAIN) {
                return cents;
            }
        }
        return rounding.cents(exactCents(basis));
    }
}
