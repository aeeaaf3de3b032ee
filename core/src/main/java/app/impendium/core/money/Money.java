package app.impendium.core.money;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Value;
import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * An amount in whole cents of the case's currency: 12345 is 123.45. May be negative, as a difference is. Immutable.
 *
 * @param cents the amount, hundredths of the currency's unit
 */
public record Money(long cents) implements Comparable<Money> {
    public static final Money ZERO = new Money(0);

    /** The largest price or loan: 999,999,999.99. */
    public static final Money LARGEST = new Money(99_999_999_999L);

    public static Money ofCents(long cents) {
        return new Money(cents);
    }

    /**
     * The amount given in units of the currency: {@code of("123.45")} is 12345 cents.
     *
     * @throws ArithmeticException if it has a fraction of a cent or does not fit
     */
    public static Money of(String amount) {
        return new Money(new BigDecimal(amount).movePointRight(2).longValueExact());
    }

    /** The nearest whole cent to an amount in cents; half a cent goes up. */
    public static Money nearest(BigDecimal cents) {
        return new Money(cents.setScale(0, RoundingMode.HALF_UP).longValueExact());
    }

    public Money plus(Money other) {
        return new Money(Math.addExact(cents, other.cents));
    }

    public Money minus(Money other) {
        return new Money(Math.subtractExact(cents, other.cents));
    }

    public Money times(long factor) {
        return new Money(Math.multiplyExact(cents, factor));
    }

    /**
     * A part of a yearly or other total, to the nearest cent, half a cent up; of a negative amount, half a cent down.
     *
     * @param divisor from 1 to 10,000
     */
    public Money dividedBy(long divisor) {
        long size = (2 * Math.abs(cents) + divisor) / (2 * divisor);
        return new Money(cents < 0 ? -size : size);
    }

    /** The amount in units of the currency, with two decimals. */
    public BigDecimal toDecimal() {
        return BigDecimal.valueOf(cents, 2);
    }

    public boolean isZero() {
        return cents == 0;
    }

    public boolean isAbove(Money other) {
        return cents > other.cents;
    }

    /**
     * This amount, if it lies from {@code least} to {@code most}, both inclusive.
     *
     * @throws CaseException if it lies outside, at {@code path}
     */
    public Money within(Money least, Money most, String path) {
        if (cents < least.cents || cents > most.cents) {
            throw CaseException.of(path, Code.OUT_OF_RANGE, toValue(), least.toValue(), most.toValue());
        }
        return this;
    }

    /** The amount as a finding tells it. */
    public Value.Amount toValue() {
        return new Value.Amount(cents);
    }

    @Override
    public int compareTo(Money other) {
        return Long.compare(cents, other.cents);
    }

    /** For logs and tests: the amount with two decimals. */
    @Override
    public String toString() {
        return toDecimal().toPlainString();
    }
}
