package app.impendium.core.working;

import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.time.LocalDate;

/** A number in a working, with what it is and its unit. */
public sealed interface Quantity {

    Name name();

    /** The same number under another name. */
    Quantity as(Name other);

    /** What a number counts. */
    enum Unit {
        /** Units of the currency: whole cents where it is an amount, more decimals before it is rounded. */
        AMOUNT,
        PERCENT,
        /** A plain number: a count, a factor, an exponent. */
        NUMBER
    }

    /** A number. */
    record Measured(Name name, Unit unit, BigDecimal value) implements Quantity {
        @Override
        public Measured as(Name other) {
            return new Measured(other, unit, value);
        }
    }

    /** A day. */
    record Dated(Name name, LocalDate day) implements Quantity {
        @Override
        public Dated as(Name other) {
            return new Dated(other, day);
        }
    }

    static Quantity amount(Name name, Money amount) {
        return new Measured(name, Unit.AMOUNT, amount.toDecimal());
    }

    /** An amount before it is rounded, given in cents. */
    static Quantity exactAmount(Name name, BigDecimal cents) {
        return new Measured(name, Unit.AMOUNT, cents.movePointLeft(2));
    }

    static Quantity percent(Name name, BigDecimal percent) {
        return new Measured(name, Unit.PERCENT, percent);
    }

    static Quantity number(Name name, long count) {
        return new Measured(name, Unit.NUMBER, BigDecimal.valueOf(count));
    }

    static Quantity number(Name name, BigDecimal number) {
        return new Measured(name, Unit.NUMBER, number);
    }

    static Quantity day(Name name, LocalDate day) {
        return new Dated(name, day);
    }
}
