package app.impendium.core.wish;

import app.impendium.core.OptionEvaluation;
import app.impendium.core.cost.HousingPeriod;
import app.impendium.core.finding.CaseException;
import app.impendium.core.loan.Days;
import app.impendium.core.money.Money;
import app.impendium.core.working.Name;
import app.impendium.core.working.Quantity;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;

/** A figure that the clients wish to stay within. */
public sealed interface Wish {
    /** The name under which a wish refuses what it is to stay within. */
    String FIELD = "limit";

    /**
     * By how much an option's figures exceed it, in cents or days; 0 or less where they keep to it.
     *
     * @param extraAMonth what the clients pay each month beside the housing cost
     */
    long excess(OptionEvaluation figures, Money extraAMonth);

    /** Whether an option's figures keep to it. */
    default boolean isMetBy(OptionEvaluation figures, Money extraAMonth) {
        return excess(figures, extraAMonth) <= 0;
    }

    /** What it stays within. */
    Quantity limit();

    /** What an option comes to in this respect. */
    Quantity reached(OptionEvaluation figures, Money extraAMonth);

    /** What an option comes to in this respect, as a person says it: "2,512.10 a month". */
    String measure(OptionEvaluation figures, Money extraAMonth);

    /**
     * All in at most so much a month, in every month of the loan's life.
     *
     * @param most from 0.01
     */
    record MonthlyTotal(Money most) implements Wish {
        /**
         * @throws CaseException if it is outside its range
         */
        public MonthlyTotal {
            most.within(Money.ofCents(1), Money.LARGEST, FIELD);
        }

        @Override
        public long excess(OptionEvaluation figures, Money extraAMonth) {
            return month(figures, extraAMonth).minus(most).cents();
        }

        @Override
        public Quantity limit() {
            return Quantity.amount(Name.WISHED, most);
        }

        @Override
        public Quantity reached(OptionEvaluation figures, Money extraAMonth) {
            return Quantity.amount(Name.REACHED, month(figures, extraAMonth));
        }

        @Override
        public String measure(OptionEvaluation figures, Money extraAMonth) {
            return month(figures, extraAMonth) + " a month";
        }

        private static Money month(OptionEvaluation figures, Money extraAMonth) {
            return costliestMonth(figures).plus(extraAMonth);
        }

        private static Money costliestMonth(OptionEvaluation figures) {
            return figures.housingPeriods().stream()
                    .map(HousingPeriod::cost)
                    .map(cost -> cost.total())
                    .max(Comparator.naturalOrder())
                    .orElse(Money.ZERO);
        }
    }

    /** Paid off on a day or before it. */
    record PaidOffBy(LocalDate day) implements Wish {
        /**
         * @throws CaseException if a case cannot speak of the day
         */
        public PaidOffBy {
            Days.checked(day, FIELD);
        }

        @Override
        public long excess(OptionEvaluation figures, Money extraAMonth) {
            return ChronoUnit.DAYS.between(day, figures.payoffDate());
        }

        @Override
        public Quantity limit() {
            return Quantity.day(Name.WISHED, day);
        }

        @Override
        public Quantity reached(OptionEvaluation figures, Money extraAMonth) {
            return Quantity.day(Name.REACHED, figures.payoffDate());
        }

        @Override
        public String measure(OptionEvaluation figures, Money extraAMonth) {
            return "a last payment on " + figures.payoffDate();
        }
    }

    /**
     * At most so much interest in all.
     *
     * @param most from 0.00
     */
    record TotalInterest(Money most) implements Wish {
        /**
         * @throws CaseException if it is outside its range
         */
        public TotalInterest {
            most.within(Money.ZERO, Money.LARGEST, FIELD);
        }

        @Override
        public long excess(OptionEvaluation figures, Money extraAMonth) {
            return figures.schedule().whole().interest().minus(most).cents();
        }

        @Override
        public Quantity limit() {
            return Quantity.amount(Name.WISHED, most);
        }

        @Override
        public Quantity reached(OptionEvaluation figures, Money extraAMonth) {
            return Quantity.amount(Name.REACHED, figures.schedule().whole().interest());
        }

        @Override
        public String measure(OptionEvaluation figures, Money extraAMonth) {
            return figures.schedule().whole().interest() + " of interest";
        }
    }
}
