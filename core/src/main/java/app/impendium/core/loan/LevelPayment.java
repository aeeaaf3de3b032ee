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
        Money residual = terms.clauses().residualBalance();
        return of(terms.amount(), residual, terms.rate(), terms.repayingPayments(), terms.rounding());
    }

    /**
     * The level payment for a balance over the payments left.
     *
     * @param residual what is left to pay with the last payment beyond the payment itself
     * @param payments the payments left, at least 1
     * @throws CaseException if an accelerated loan's payments left do not make whole months
     */
    public static Money of(Money balance, Money residual, PeriodicRate rate, int payments, PaymentRounding rounding) {
        return rate.frequency().isAccelerated()
                ? accelerated(balance, residual, rate, payments, rounding)
                : Money.ofCents(level(balance, residual, rate, payments, rounding));
    }

    /**
     * The monthly payment that an accelerated loan's is a share of, rounded by the loan's rule.
     *
     * @throws CaseException if the payments do not make whole months
     */
    public static Money monthlyOf(LoanTerms terms) {
        Money residual = terms.clauses().residualBalance();
        return Money.ofCents(
                monthly(terms.amount(), residual, terms.rate(), terms.repayingPayments(), terms.rounding()));
    }

    /** The exact payment in cents, to fifty digits, for {@code payments} of at least 1. */
    public static BigDecimal exactCents(Money balance, Money residual, PeriodicRate rate, int payments) {
        BigDecimal amount = BigDecimal.valueOf(balance.cents());
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

    private static long level(
            Money balance, Money residual, PeriodicRate rate, int payments, PaymentRounding rounding) {
        if (!rate.isZero()) {
            // i·(L + (L - B)/((1 + i)^n - 1)): the same payment as a sum of what is positive.
            double gain = Math.expm1(payments * Math.log1p(rate.estimate()));
            double repaid = balance.cents() - residual.cents();
            double estimate = rate.estimate() * (balance.cents() + repaid / gain);
            long cents = rounding.certainCents(estimate, estimate * ESTIMATE_ERROR);
            if (cents != PaymentRounding.UNCERTAIN) {
                return cents;
            }
        }
        return rounding.cents(exactCents(balance, residual, rate, payments));
    }

    private static Money accelerated(
            Money balance, Money residual, PeriodicRate rate, int payments, PaymentRounding rounding) {
        long monthly = monthly(balance, residual, rate, payments, rounding);
        int shares = rate.frequency() == PaymentFrequency.ACCELERATED_BIWEEKLY ? 2 : 4;
        return Money.ofCents(rounding.cents(BigDecimal.valueOf(monthly).divide(BigDecimal.valueOf(shares))));
    }

    private static long monthly(
            Money balance, Money residual, PeriodicRate rate, int payments, PaymentRounding rounding) {
        int perYear = rate.frequency().perYear();
        if (payments * MONTHS_A_YEAR % perYear != 0) {
            throw CaseException.of(
                    "payments",
                    payments + " payments left",
                    "a number of payments that makes whole months",
                    "An accelerated payment is a share of the monthly one, and " + payments
                            + " payments do not make whole months.");
        }
        PeriodicRate monthlyRate = rate.withFrequency(PaymentFrequency.MONTHLY);
        return level(balance, residual, monthlyRate, payments * MONTHS_A_YEAR / perYear, rounding);
    }
}
