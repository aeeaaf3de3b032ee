package app.impendium.core.loan;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Value;
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
    private static final int MONTHS_PER_YEAR = 12;
    static final MathContext DIGITS = new MathContext(50);

    /** All terms of the estimate are positive, so its dozen roundings stay far below this share of it. */
    private static final double ESTIMATE_ERROR = 1e-12;

    private LevelPayment() {}

    /** The level payment of a loan after any interest-only time, rounded by the loan's rule. */
    public static Money of(LoanTerms terms) {
        return of(PaymentBasis.of(terms), terms.rounding());
    }

    /** Whether there is one: an accelerated loan's payments left must make whole months. */
    static boolean isPossible(PaymentBasis basis) {
        PaymentFrequency frequency = basis.rate().frequency();
        return !frequency.isAccelerated() || basis.payments() % frequency.wholeMonths() == 0;
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
        if (!isPossible(basis)) {
            throw CaseException.of(Field.AMORTIZATION, Code.PAYMENTS_SPLIT_MONTHS, new Value.Count(payments));
        }
        PeriodicRate monthly = basis.rate().monthly();
        int months = payments * MONTHS_PER_YEAR / perYear;
        return Money.ofCents(level(new PaymentBasis(basis.balance(), basis.balloon(), monthly, months), rounding));
    }

    /** The exact payment in cents, to fifty digits. */
    public static BigDecimal exactCents(PaymentBasis basis) {
        BigDecimal amount = BigDecimal.valueOf(basis.balance().cents());
        BigDecimal left = BigDecimal.valueOf(basis.balloon().cents());
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

    /** The payment in cents to some fifteen digits, at a positive rate per payment. */
    static double estimateCents(Money balance, Money balloon, double rate, int payments) {
        // i·(L + (L - B)/((1 + i)^n - 1)): the same payment as a sum of what is positive.
        double gain = Math.expm1(payments * Math.log1p(rate));
        double repaid = balance.cents() - balloon.cents();
        return rate * (balance.cents() + repaid / gain);
    }

    private static long level(PaymentBasis basis, PaymentRounding rounding) {
        PeriodicRate rate = basis.rate();
        if (!rate.isZero()) {
            double estimate = estimateCents(basis.balance(), basis.balloon(), rate.estimate(), basis.payments());
            long cents = rounding.certainCents(estimate, estimate * ESTIMATE_ERROR);
            if (cents != PaymentRounding.UNCERTAIN) {
                return cents;
            }
        }
        return rounding.cents(exactCents(basis));
    }
}
