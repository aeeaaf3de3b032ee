package app.impendium.core.rate;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/** Powers and roots of growth factors, to fifty digits: thirty-four more than any figure on a page needs. */
public final class Growth {
    static final MathContext DIGITS = new MathContext(50, RoundingMode.HALF_EVEN);

    /** Exponents are ratios of whole numbers a year: no denominator is larger. */
    private static final int LARGEST_DENOMINATOR = 365;

    /** Closer than this to a whole number, a product is one. */
    private static final BigDecimal CLOSE = new BigDecimal("1e-30");

    private Growth() {}

    /**
     * {@code base^exponent}, for a base from 0.5 to 2.
     *
     * @param exponent a ratio of whole numbers whose denominator is at most 365, to at least forty digits; may be negative
     * @throws IllegalArgumentException if it is no such ratio
     */
    public static BigDecimal toThe(BigDecimal base, BigDecimal exponent) {
        for (int denominator = 1; denominator <= LARGEST_DENOMINATOR; denominator++) {
            BigDecimal product = exponent.multiply(BigDecimal.valueOf(denominator));
            BigDecimal numerator = product.setScale(0, RoundingMode.HALF_EVEN);
            if (product.subtract(numerator).abs().compareTo(CLOSE) < 0) {
                BigDecimal power = power(base, numerator.abs().intValueExact(), denominator);
                return numerator.signum() < 0 ? BigDecimal.ONE.divide(power, DIGITS) : power;
            }
        }
        throw new IllegalArgumentException(exponent + " is no ratio of small whole numbers");
    }

    /** {@code base^(numerator/denominator)} for a base from 0.5 to 2 and a positive exponent. */
    static BigDecimal power(BigDecimal base, int numerator, int denominator) {
        return root(base.pow(numerator, DIGITS), denominator);
    }

    /** The positive root by Newton's method, which doubles the right digits each round: 15 at the start, 60 after two. */
    private static BigDecimal root(BigDecimal value, int degree) {
        if (degree == 1) {
            return value;
        }
        BigDecimal degrees = BigDecimal.valueOf(degree);
        BigDecimal guess = BigDecimal.valueOf(Math.pow(value.doubleValue(), 1.0 / degree));
        for (int round = 0; round < 3; round++) {
            BigDecimal power = guess.pow(degree - 1, DIGITS);
            BigDecimal error = power.multiply(guess, DIGITS).subtract(value);
            guess = guess.subtract(error.divide(degrees.multiply(power), DIGITS), DIGITS);
        }
        return guess;
    }
}
