package app.impendium.core.wish;

import app.impendium.core.OptionEvaluation;
import app.impendium.core.cost.HousingPeriod;
import app.impendium.core.finding.CaseException;
import app.impendium.core.money.Money;
import app.impendium.core.working.Name;
import app.impendium.core.working.Quantity;
import java.time.LocalDate;
import java.util.Comparator;

/** A figure that the clients wish to stay within. */
public sealed interface Wish {

    /**
     * Whether an option's figures keep to it.
     *
     * @param extraAMonth what the clients pay each month beside the housing cost
     */
    boolean isMetBy(OptionEvaluation figures, Money extraAMonth);

    /** What it stays within. */
    Quantity limit();

    /** What an option comes to in this respect. */
    Quantity reached(OptionEvaluation figures, Money extraAMonth);

    /** What an option comes to in this respect, as a person says it: "2,512.10 a month". */
    String measure(OptionEvaluation figures);

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
            most.within(Money.ofCents(1), Money.LARGEST, "monthlyTotal");
        }

        @Override
        public boolean isMetBy(OptionEvaluation figures, Money extraAMonth) {
            return !month(figures, extraAMonth).isAbove(most);
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
        public String measure(OptionEvaluation figures) {
            return dearestMonth(figures) + " a month";
        }

        private static Money month(OptionEvaluation figures, Money extraAMonth) {
            return dearestMonth(figures).plus(extraAMonth);
        }

        private static Money dearestMonth(OptionEvaluation figures) {
            return figures.housingPeriods().stream()
                    .map(HousingPeriod::cost)
                    .map(cost -> cost.total())
                    .max(Comparator.naturalOrder())
                    .orElse(Money.ZERO);
        }
    }

    /** Paid off on a day or before it. */
    record PaidOffBy(LocalDate day) implements Wish {
        @Override
        public boolean isMetBy(OptionEvaluation figures, Money extraAMonth) {
            return !figures.payoffDate().isAfter(day);
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
        public String measure(OptionEvaluation figures) {
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
            most.within(Money.ZERO, Money.LARGEST, "totalInterest");
        }

        @Override
        public boolean isMetBy(OptionEvaluation figures, Money extraAMonth) {
            return !figures.schedule().whole().interest().isAbove(most);
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
        public String measure(OptionEvaluation figures) {
            return figures.schedule().whole().interest() + " of interest";
        }
    }
}
