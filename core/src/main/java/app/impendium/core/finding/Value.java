package app.impendium.core.finding;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.time.LocalDate;

/** A value in a finding, with what it counts. */
public sealed interface Value {

    /** An amount in whole cents. */
    record Amount(long cents) implements Value {
        @Override
        public String toString() {
            return BigDecimal.valueOf(cents, 2).toPlainString();
        }
    }

    /** A percentage: 17 is 17 %. */
    record Percentage(BigDecimal percent) implements Value {
        private static final int MOST_DIGITS = 20;
        private static final MathContext FEW_DIGITS = new MathContext(6, RoundingMode.HALF_UP);

        public static Percentage of(long percent) {
            return new Percentage(BigDecimal.valueOf(percent));
        }

        /** The digits as a person writes them, but never more than fit on a line. */
        public String written() {
            boolean writable = percent.precision() <= MOST_DIGITS && Math.abs(percent.scale()) <= MOST_DIGITS;
            return writable
                    ? percent.toPlainString()
                    : percent.round(FEW_DIGITS).toString();
        }

        @Override
        public String toString() {
            return written() + " %";
        }
    }

    /** A plain number: of payments, years, entries. */
    record Count(long number) implements Value {
        @Override
        public String toString() {
            return String.valueOf(number);
        }
    }

    /** A length of time in months. */
    record Months(int months) implements Value {
        @Override
        public String toString() {
            return months + " months";
        }
    }

    /** A day. */
    record Day(LocalDate day) implements Value {
        @Override
        public String toString() {
            return day.toString();
        }
    }

    /** Something else, as it was given. */
    record Text(String text) implements Value {
        @Override
        public String toString() {
            return text;
        }
    }
}
