package app.impendium.core.rate;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/** Powers and roots of growth factors, to fifty digits: thirty-four more than any figure on a page needs. */
final class Growth {
    static final MathContext DIGITS = new MathContext(50, RoundingMode.HALF_EVEN);

    private Growth() {}

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
