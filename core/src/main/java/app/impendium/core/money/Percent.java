package app.impendium.core.money;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field.Entry;
import app.impendium.core.finding.Value;
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

    private static final long HUNDRED = 100;
    private static final long MONTHS_OF_HUNDRED = 1200;
    private static final long LARGEST_PRODUCT = Long.MAX_VALUE / 4;
    private static final long[] TENS = {1, 10, 100, 1_000, 10_000, 100_000, 1_000_000};

    /** An amount of eleven digits times six decimals, divided by 1200, settles a half cent long before these end. */
    private static final MathContext DIGITS = new MathContext(50);

    public static final Percent ZERO = new Percent(BigDecimal.ZERO);

    /**
     * @throws CaseException if it is negative, above 100 % or has more than six decimals
     */
    public Percent {
        check(value, LARGEST, Entry.PERCENT);
        value = value.signum() == 0 ? BigDecimal.ZERO : value.stripTrailingZeros();
        value = value.scale() < 0 ? value.setScale(0) : value;
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
        long share = value.unscaledValue().longValueExact();
        long parts = HUNDRED * TENS[value.scale()];
        return isSmall(share, amount)
                ? Money.ofCents((2 * share * amount.cents() + parts) / (2 * parts))
                : Money.nearest(
                        value.multiply(BigDecimal.valueOf(amount.cents())).movePointLeft(2));
    }

    /** A twelfth of this share of an amount, as what is due each month of a yearly share: rounded once, half a cent up. */
    public Money monthlyOf(Money amount) {
        long share = value.unscaledValue().longValueExact();
        long parts = MONTHS_OF_HUNDRED * TENS[value.scale()];
        return isSmall(share, amount)
                ? Money.ofCents((2 * share * amount.cents() + parts) / (2 * parts))
                : Money.nearest(exactMonthlyCentsOf(amount));
    }

    /** Almost every amount: in whole numbers the same division as with decimals. */
    private static boolean isSmall(long share, Money amount) {
        return amount.cents() >= 0 && (share == 0 || amount.cents() <= LARGEST_PRODUCT / share);
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
