package app.impendium.core.loan;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field.Entry;
import app.impendium.core.finding.Value;
import app.impendium.core.money.Money;

/** Principal paid beside the regular payment, with it and after it; never more than the balance left by then. */
public sealed interface ExtraPayment {

    /** The amount each time, from 0.01. */
    Money amount();

    /** The payment that it first goes with, counted from 1. */
    int first();

    /** The payment after which it stops; at least {@link #first()}. */
    int last();

    /** How many payments lie between one time and the next. */
    int every();

    /** Whether it goes with a payment, counted from 1. */
    default boolean goesWith(int payment) {
        return payment >= first() && payment <= last() && (payment - first()) % every() == 0;
    }

    /** A lump with one payment. */
    record Lump(Money amount, int number) implements ExtraPayment {
        /**
         * @throws CaseException if the amount is outside its range
         */
        public Lump {
            checkedAmount(amount);
        }

        @Override
        public int first() {
            return number;
        }

        @Override
        public int last() {
            return number;
        }

        @Override
        public int every() {
            return 1;
        }
    }

    /** The same amount with each payment from one to another, both counted. */
    record Regular(Money amount, int first, int last) implements ExtraPayment {
        /**
         * @throws CaseException if the amount is outside its range or the last comes before the first
         */
        public Regular {
            checkedAmount(amount);
            checkedOrder(first, last);
        }

        @Override
        public int every() {
            return 1;
        }
    }

    /** The same amount once a year, beginning with one payment and ending by another. */
    record Yearly(Money amount, int first, int last, int paymentsPerYear) implements ExtraPayment {
        /**
         * @throws CaseException if the amount is outside its range or the last comes before the first
         */
        public Yearly {
            checkedAmount(amount);
            checkedOrder(first, last);
            if (paymentsPerYear < 1) {
                throw new IllegalArgumentException("payments per year must be 1 or more, but were " + paymentsPerYear);
            }
        }

        @Override
        public int every() {
            return paymentsPerYear;
        }
    }

    private static void checkedAmount(Money amount) {
        amount.within(Money.ofCents(1), Money.LARGEST, Entry.AMOUNT);
    }

    private static void checkedOrder(int first, int last) {
        if (last < first) {
            throw CaseException.of(
                    Entry.LAST_PAYMENT, Code.ENDS_BEFORE_START, new Value.Count(last), new Value.Count(first));
        }
    }
}
