package app.impendium.core.target;

import app.impendium.core.OptionEvaluation;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field.Parameter;
import app.impendium.core.loan.Days;
import app.impendium.core.loan.PaymentPhase;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.working.Name;
import app.impendium.core.working.Quantity;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.Optional;

/** A figure that the clients want to stay within. */
public sealed interface Target {
    /**
     * By how much an option's figures exceed it, in cents or days; 0 or less where they keep to it.
     *
     * @param monthlyExtra what the clients pay each month beside the housing cost
     */
    long excess(OptionEvaluation figures, Money monthlyExtra);

    /** Whether an option's figures keep to it. */
    default boolean isMetBy(OptionEvaluation figures, Money monthlyExtra) {
        return excess(figures, monthlyExtra) <= 0;
    }

    /** What it stays within. */
    Quantity limit();

    /** What an option comes to in this respect. */
    Quantity reached(OptionEvaluation figures, Money monthlyExtra);

    /**
     * All in at most so much a month, in every month of the loan's life.
     *
     * @param most from 0.01
     */
    record MonthlyTotal(Money most) implements Target {
        /**
         * @throws CaseException if it is outside its range
         */
        public MonthlyTotal {
            most.within(Money.ofCents(1), Money.LARGEST, Parameter.LIMIT);
        }

        @Override
        public long excess(OptionEvaluation figures, Money monthlyExtra) {
            return month(figures, monthlyExtra).minus(most).cents();
        }

        @Override
        public Quantity limit() {
            return Quantity.amount(Name.TARGET, most);
        }

        @Override
        public Quantity reached(OptionEvaluation figures, Money monthlyExtra) {
            return Quantity.amount(Name.REACHED, month(figures, monthlyExtra));
        }

        private static Money month(OptionEvaluation figures, Money monthlyExtra) {
            return figures.monthlyCost().most().plus(monthlyExtra);
        }
    }

    /**
     * At most so much principal and interest with each payment: the dearest that is agreed, extras left aside.
     *
     * @param most from 0.01
     */
    record Payment(Money most) implements Target {
        /**
         * @throws CaseException if it is outside its range
         */
        public Payment {
            most.within(Money.ofCents(1), Money.LARGEST, Parameter.LIMIT);
        }

        @Override
        public long excess(OptionEvaluation figures, Money monthlyExtra) {
            return highest(figures).minus(most).cents();
        }

        @Override
        public Quantity limit() {
            return Quantity.amount(Name.TARGET, most);
        }

        @Override
        public Quantity reached(OptionEvaluation figures, Money monthlyExtra) {
            return Quantity.amount(Name.REACHED, highest(figures));
        }

        private static Money highest(OptionEvaluation figures) {
            return figures.loan().schedule().phases().stream()
                    .map(PaymentPhase::payment)
                    .flatMap(Optional::stream)
                    .max(Comparator.naturalOrder())
                    .orElseThrow();
        }
    }

    /** Paid off on a day or before it. */
    record PaidOffBy(LocalDate day) implements Target {
        /**
         * @throws CaseException if a case cannot speak of the day
         */
        public PaidOffBy {
            Days.checked(day, Parameter.LIMIT);
        }

        @Override
        public long excess(OptionEvaluation figures, Money monthlyExtra) {
            return ChronoUnit.DAYS.between(day, figures.loan().payoffDate());
        }

        @Override
        public Quantity limit() {
            return Quantity.day(Name.TARGET, day);
        }

        @Override
        public Quantity reached(OptionEvaluation figures, Money monthlyExtra) {
            return Quantity.day(Name.REACHED, figures.loan().payoffDate());
        }
    }

    /**
     * At most so much interest in all.
     *
     * @param most from 0.00
     */
    record TotalInterest(Money most) implements Target {
        /**
         * @throws CaseException if it is outside its range
         */
        public TotalInterest {
            most.within(Money.ZERO, Money.LARGEST, Parameter.LIMIT);
        }

        @Override
        public long excess(OptionEvaluation figures, Money monthlyExtra) {
            return figures.loan().schedule().whole().interest().minus(most).cents();
        }

        @Override
        public Quantity limit() {
            return Quantity.amount(Name.TARGET, most);
        }

        @Override
        public Quantity reached(OptionEvaluation figures, Money monthlyExtra) {
            return Quantity.amount(
                    Name.REACHED, figures.loan().schedule().whole().interest());
        }
    }

    /**
     * At most so much owed by a day: after the last payment due on it or before it.
     *
     * @param most from 0.00
     */
    record BalanceBy(Money most, LocalDate day) implements Target {
        /**
         * @throws CaseException if the amount is outside its range, or a case cannot speak of the day
         */
        public BalanceBy {
            most.within(Money.ZERO, Money.LARGEST, Parameter.LIMIT);
            Days.checked(day, Parameter.BY);
        }

        @Override
        public long excess(OptionEvaluation figures, Money monthlyExtra) {
            return balance(figures).minus(most).cents();
        }

        @Override
        public Quantity limit() {
            return Quantity.amount(Name.TARGET, most);
        }

        @Override
        public Quantity reached(OptionEvaluation figures, Money monthlyExtra) {
            return Quantity.amount(Name.REACHED, balance(figures));
        }

        private Money balance(OptionEvaluation figures) {
            Schedule schedule = figures.loan().schedule();
            int paid = figures.loan().dates().lastOnOrBefore(day);
            return schedule.balanceAfter(Math.min(paid, schedule.payments()));
        }
    }
}
