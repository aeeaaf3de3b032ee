package app.impendium.core.money;

import app.impendium.core.finding.CaseException;
import java.math.BigDecimal;
import java.math.MathContext;

/**
 * A share in percent: 17 is 17 %. From 0 to 100 inclusive, with at most six decimals. Immutable.
 *
 * @param value the share in percent, not as a fraction
 */
public record Percent(BigDecimal value) {
    private static final int MOST_DECIMALS = 6;
    private static final BigDecimal LARGEST = BigDecimal.valueOf(100);
    private static final BigDecimal HUNDRED_TIMES_MONTHS = BigDecimal.valueOf(1200);

    /** An amount of eleven digits times six decimals, divided by 1200, settles a half cent long before these end. */
    private static final MathContext DIGITS = new MathContext(50);

    public static final Percent ZERO = new Percent(BigDecimal.ZERO);

    /**
     * @throws CaseException if it is negative, above 100 % or has more than six decimals
     */
    public Percent {
        checkRange(value, LARGEST, "percent");
        value = value.signum() == 0 ? BigDecimal.ZERO : value.stripTrailingZeros();
        if (value.scale() > MOST_DECIMALS) {
            throw CaseException.of("percent", written(value) + " %", "at most six decimals");
        }
        value = value.scale() < 0 ? value.setScale(0) : value;
    }

    /**
     * A share that is at most {@code most}.
     *
     * @throws CaseException if it lies outside, naming {@code field}, or has more than six decimals
     */
    public static Percent upTo(int most, BigDecimal value, String field) {
        checkRange(value, BigDecimal.valueOf(most), field);
        return new Percent(value);
    }

    public static Percent of(String value) {
        return new Percent(new BigDecimal(value));
    }

    /** This share of an amount, to the nearest cent, half a cent up. */
    public Money of(Money amount) {
        return Money.nearest(value.multiply(BigDecimal.valueOf(amount.cents())).movePointLeft(2));
    }

    /** A twelfth of this share of an amount, as what is due each month of a yearly share: rounded once, half a cent up. */
    public Money monthlyOf(Money amount) {
        return Money.nearest(exactMonthlyCentsOf(amount));
    }

    /** A twelfth of this share of an amount before it is rounded, in cents, to fifty digits. */
    public BigDecimal exactMonthlyCentsOf(Money amount) {
        return value.multiply(BigDecimal.valueOf(amount.cents())).divide(HUNDRED_TIMES_MONTHS, DIGITS);
    }

    /**
     * This share, if it is at most {@code most}.
     *
     * @throws CaseException if it is above, naming {@code field}
     */
    public Percent atMost(int most, String field) {
        return upTo(most, value, field);
    }

    public boolean isPositive() {
        return value.signum() > 0;
    }

    @Override
    public String toString() {
        return written(value) + " %";
    }

    private static void checkRange(BigDecimal value, BigDecimal most, String field) {
        if (value.signum() < 0 || value.compareTo(most) > 0) {
            throw CaseException.of(field, written(value) + " %", "0 % to " + most + " %");
        }
    }

    /** Digits as a person writes them, but never more than fit on a line. */
    public static String written(BigDecimal value) {
        boolean writable = value.precision() <= 20 && Math.abs(value.scale()) <= 20;
        return writable
                ? value.toPlainString()
                : value.round(new MathContext(6)).toString();
    }
}
