package app.impendium.core.money;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field.Entry;
import app.impendium.core.finding.Value;
import java.math.BigDecimal;
import java.math.MathContext;

/** A share in percent: 17 is 17 %. From 0 to 100 inclusive, with at most six decimals. Immutable. */
public final class Percent {
    private static final int MOST_DECIMALS = 6;
    private static final BigDecimal LARGEST = BigDecimal.valueOf(100);
    private static final BigDecimal HUNDRED_TIMES_MONTHS = BigDecimal.valueOf(1200);

    private static final long MILLIONTHS_OF_ALL = 100_000_000;
    private static final long MONTHS_PER_YEAR = 12;

    /** Up to so much, some 230 million units of a currency, no share of an amount is too large for whole numbers. */
    private static final long SMALL_CENTS = Long.MAX_VALUE / 4 / MILLIONTHS_OF_ALL;

    /** An amount of eleven digits times six decimals, divided by 1200, settles a half cent long before these end. */
    private static final MathContext DIGITS = new MathContext(50);

    public static final Percent ZERO = new Percent(BigDecimal.ZERO);

    private final BigDecimal value;
    private final long millionths;

    /**
     * @param value the share in percent, not as a fraction
     * @throws CaseException if it is negative, above 100 % or has more than six decimals
     */
    public Percent(BigDecimal value) {
        check(value, LARGEST, Entry.PERCENT);
        BigDecimal stripped = value.signum() == 0 ? BigDecimal.ZERO : value.stripTrailingZeros();
        this.value = stripped.scale() < 0 ? stripped.setScale(0) : stripped;
        this.millionths = this.value.movePointRight(MOST_DECIMALS).longValue();
    }

    /** The share in percent, not as a fraction, with no more decimals than it needs. */
    public BigDecimal value() {
        return value;
    }

    /**
     * A share that is at most {@code most}.
     *
     * @throws CaseException if it lies outside, at {@code path}, or has more than six decimals
     */
    public static Percent upTo(int most, BigDecimal value, String path) {
        check(value, BigDecimal.valueOf(most), path);
        return new Percent(value);
    }

    public static Percent of(String value) {
        return new Percent(new BigDecimal(value));
    }

    /** This share of an amount, to the nearest cent, half a cent up. */
    public Money of(Money amount) {
        return isSmall(amount)
                ? Money.ofCents(nearest(amount, MILLIONTHS_OF_ALL))
                : Money.nearest(
                        value.multiply(BigDecimal.valueOf(amount.cents())).movePointLeft(2));
    }

    /** A twelfth of this share of an amount, as what is due each month of a yearly share: rounded once, half a cent up. */
    public Money monthlyOf(Money amount) {
        return isSmall(amount)
                ? Money.ofCents(nearest(amount, MILLIONTHS_OF_ALL * MONTHS_PER_YEAR))
                : Money.nearest(exactMonthlyCentsOf(amount));
    }

    /** Almost every amount: in whole numbers the same division as with decimals. */
    private boolean isSmall(Money amount) {
        return amount.cents() >= 0 && amount.cents() <= SMALL_CENTS;
    }

    private long nearest(Money amount, long parts) {
        return (2 * millionths * amount.cents() + parts) / (2 * parts);
    }

    /** A twelfth of this share of an amount before it is rounded, in cents, to fifty digits. */
    public BigDecimal exactMonthlyCentsOf(Money amount) {
        return value.multiply(BigDecimal.valueOf(amount.cents())).divide(HUNDRED_TIMES_MONTHS, DIGITS);
    }

    /**
     * This share, if it is at most {@code most}.
     *
     * @throws CaseException if it is above, at {@code path}
     */
    public Percent atMost(int most, String path) {
        check(value, BigDecimal.valueOf(most), path);
        return this;
    }

    public boolean isPositive() {
        return value.signum() > 0;
    }

    /** The share as a finding tells it. */
    public Value.Percentage toValue() {
        return new Value.Percentage(value);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Percent share && millionths == share.millionths;
    }

    @Override
    public int hashCode() {
        return Long.hashCode(millionths);
    }

    @Override
    public String toString() {
        return toValue().toString();
    }

    private static void check(BigDecimal value, BigDecimal most, String path) {
        if (value.signum() < 0 || value.compareTo(most) > 0) {
            throw CaseException.of(
                    path,
                    Code.OUT_OF_RANGE,
                    new Value.Percentage(value),
                    Value.Percentage.of(0),
                    new Value.Percentage(most));
        }
        if (value.scale() > MOST_DECIMALS
                && value.signum() != 0
                && value.stripTrailingZeros().scale() > MOST_DECIMALS) {
            throw CaseException.of(
                    path, Code.TOO_MANY_DECIMALS, new Value.Percentage(value), new Value.Count(MOST_DECIMALS));
        }
    }
}
