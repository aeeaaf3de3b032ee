package app.impendium.core.afford;

import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/** Ratios of amounts, exact enough for every comparison. */
public final class Ratios {
    private static final MathContext DIGITS = MathContext.DECIMAL128;
    private static final int USUAL_DECIMALS = 2;
    private static final int HUNDRED = 100;

    private Ratios() {}

    /** A part in percent of a whole above zero, to thirty-four digits. */
    public static BigDecimal percent(Money part, Money whole) {
        return cents(part).movePointRight(2).divide(cents(whole), DIGITS);
    }

    static BigDecimal times(Money part, Money whole) {
        return cents(part).divide(cents(whole), DIGITS);
    }

    /** Whether a part is more, less or just so many percent of a whole: above, below or zero. */
    static int comparePercent(Money part, Money whole, BigDecimal percent) {
        return cents(part.times(HUNDRED)).compareTo(percent.multiply(cents(whole)));
    }

    /** Whether a part is more, less or just so many times a whole: above, below or zero. */
    static int compareTimes(Money part, Money whole, BigDecimal times) {
        return cents(part).compareTo(times.multiply(cents(whole)));
    }

    /** The largest whole cents that are at most so many times an amount. */
    static Money atMost(BigDecimal times, Money whole) {
        return Money.ofCents(
                times.multiply(cents(whole)).setScale(0, RoundingMode.FLOOR).longValueExact());
    }

    /** The least whole cents that are at least so many times an amount. */
    static Money atLeast(BigDecimal times, Money whole) {
        return Money.ofCents(
                times.multiply(cents(whole)).setScale(0, RoundingMode.CEILING).longValueExact());
    }

    /**
     * A figure with two decimals, or with as many as it takes to lie on the same side of the limit as it does: 45.004 where the
     * limit is 45.
     */
    public static BigDecimal written(BigDecimal exact, BigDecimal limit) {
        int decimals = USUAL_DECIMALS;
        BigDecimal written = exact.setScale(decimals, RoundingMode.HALF_UP);
        while (written.compareTo(limit) != exact.compareTo(limit) && decimals < DIGITS.getPrecision()) {
            decimals++;
            written = exact.setScale(decimals, RoundingMode.HALF_UP);
        }
        return written;
    }

    private static BigDecimal cents(Money amount) {
        return BigDecimal.valueOf(amount.cents());
    }
}
