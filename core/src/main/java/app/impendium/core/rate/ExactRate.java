package app.impendium.core.rate;

import static app.impendium.core.rate.Growth.DIGITS;

import java.math.BigDecimal;
import java.math.BigInteger;

/**
 * A rate per payment as a fraction of whole numbers, and as a decimal of fifty digits.
 *
 * <p>Where whole compounding periods make up a payment period the fraction is the rate itself, and true half cents exist.
 * Elsewhere the rate is irrational, no half cent is true, and the fraction is the decimal's.
 */
record ExactRate(BigDecimal value, BigInteger numerator, BigInteger denominator) {

    static ExactRate of(AnnualRate rate, int compoundings, int payments) {
        if (rate.isZero() || compoundings % payments == 0) {
            return rational(rate, compoundings, Math.max(1, compoundings / payments));
        }
        int shared = BigInteger.valueOf(compoundings)
                .gcd(BigInteger.valueOf(payments))
                .intValue();
        BigDecimal perCompounding = rate.percent().value().divide(BigDecimal.valueOf(100L * compoundings), DIGITS);
        BigDecimal value = Growth.power(BigDecimal.ONE.add(perCompounding), compoundings / shared, payments / shared)
                .subtract(BigDecimal.ONE);
        return new ExactRate(value, value.unscaledValue(), BigInteger.TEN.pow(value.scale()));
    }

    private static ExactRate rational(AnnualRate rate, int compoundings, int periods) {
        BigDecimal percent = rate.percent().value();
        BigInteger unit = BigInteger.TEN.pow(percent.scale()).multiply(BigInteger.valueOf(100L * compoundings));
        BigInteger denominator = unit.pow(periods);
        BigInteger numerator = unit.add(percent.unscaledValue()).pow(periods).subtract(denominator);
        BigDecimal value = new BigDecimal(numerator).divide(new BigDecimal(denominator), DIGITS);
        return new ExactRate(value, numerator, denominator);
    }
}
