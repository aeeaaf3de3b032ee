package app.impendium.core.rate;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;

/**
 * Interest on a balance in whole cents, half a cent up, without a division.
 *
 * <p>The rate is held as a whole number of 2^-64ths, so that the high word of its product with the balance is the whole
 * cents and the low word is the fraction. The rate is off by at most half of its last place, the fraction therefore by
 * less than the balance. Only where it lies that close to a half does the last place matter: about one line in a
 * hundred million, and every true half cent. Those few are computed again from the exact rate.
 */
final class CentInterest {
    private static final BigDecimal TWO_TO_64 = new BigDecimal(BigInteger.ONE.shiftLeft(64));
    private static final BigDecimal HALF = new BigDecimal("0.5");

    private final long rate;
    private final ExactRate exact;

    private CentInterest(long rate, ExactRate exact) {
        this.rate = rate;
        this.exact = exact;
    }

    static CentInterest of(ExactRate exact) {
        // A rate of a half or more would not fit below the sign; 30 % yearly, the highest, is 0.3449 when compounded.
        if (exact.value().compareTo(HALF) >= 0) {
            throw new IllegalArgumentException("rate per payment must be below 0.5, but was " + exact.value());
        }
        BigDecimal scaled = exact.value().multiply(TWO_TO_64).setScale(0, RoundingMode.HALF_EVEN);
        return new CentInterest(scaled.longValueExact(), exact);
    }

    /** Interest on a balance from 0 to 99,999,999,999 cents. */
    long on(long balance) {
        long fraction = balance * rate;
        long fromHalf = fraction - Long.MIN_VALUE;
        if (fromHalf >= -balance && fromHalf <= balance) {
            return exactlyOn(balance);
        }
        return Math.multiplyHigh(balance, rate) + (fraction >>> 63);
    }

    /** Interest for a part of a period, decided exactly. */
    long on(long balance, int part, int parts) {
        BigInteger denominator = exact.denominator().multiply(BigInteger.valueOf(parts));
        BigInteger twice = exact.numerator().multiply(BigInteger.valueOf(2 * balance * part));
        return twice.add(denominator).divide(denominator.shiftLeft(1)).longValueExact();
    }

    private long exactlyOn(long balance) {
        return on(balance, 1, 1);
    }
}
