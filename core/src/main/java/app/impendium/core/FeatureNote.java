package app.impendium.core;

import app.impendium.core.loan.ExtraEffect;
import app.impendium.core.loan.ExtraPayment;
import app.impendium.core.loan.LoanClauses;
import app.impendium.core.loan.RateChange;
import app.impendium.core.loan.RegularPayment;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/**
 * A feature of an option that has no effect, or another one than it says, and what happens instead.
 *
 * @param field the feature, as a path within the option: {@code extras[0]}
 * @param payment the payment with which it happens, counted from 1
 * @param amount what it comes to; empty where the kind tells all
 */
public record FeatureNote(String field, Kind kind, int payment, Optional<Money> amount) {

    /** What happens instead. */
    public enum Kind {
        /** The loan is paid off with an earlier payment, so that this never happens. */
        PAID_OFF_BEFORE,
        /** Extra payments do not end the loan earlier: its last payment only becomes the amount. */
        ENDS_NO_EARLIER,
        /** Another balance than agreed is left to the last payment: the amount. */
        BALLOON_IS,
        /** The payment is recalculated from this one on, to the amount. */
        RECALCULATED,
        /** The payment leaves a balance, which makes the last payment the amount. */
        LAST_PAYMENT_IS
    }

    /** The notes on an option's features, in the order of its features. */
    static List<FeatureNote> of(LoanOption option, Schedule schedule, boolean rateEndsBeforeLoan) {
        return new Notes(option, schedule).all(rateEndsBeforeLoan);
    }

    /** What the notes are read off. */
    private record Notes(LoanOption option, Schedule schedule) {

        List<FeatureNote> all(boolean rateEndsBeforeLoan) {
            LoanClauses clauses = option.clauses();
            List<FeatureNote> notes = new ArrayList<>();
            int rateTermPayments = option.rateTerm()
                    .map(term -> term.payments(option.frequency()))
                    .orElse(0);
            if (rateTermPayments > 0 && !rateEndsBeforeLoan && rateTermPayments < agreed()) {
                notes.add(paidOffBefore("rateTerm"));
            }
            if (clauses.interestOnlyPayments() > schedule.payments()) {
                notes.add(paidOffBefore("interestOnlyPayments"));
            }
            chosenPayment().ifPresent(notes::add);
            for (int i = 0; i < clauses.rateChanges().size(); i++) {
                if (clauses.rateChanges().get(i).fromPayment() > schedule.payments()) {
                    notes.add(paidOffBefore("rateChanges[" + i + "]"));
                }
            }
            for (int i = 0; i < clauses.extras().size(); i++) {
                if (!isTaken(clauses.extras().get(i))) {
                    notes.add(paidOffBefore("extras[" + i + "]"));
                }
            }
            if (keepsExtras() && schedule.payments() == agreed()) {
                notes.add(note("extraEffect", Kind.ENDS_NO_EARLIER, schedule.lastPayment()));
            }
            balloon().ifPresent(notes::add);
            return notes;
        }

        private Optional<FeatureNote> chosenPayment() {
            if (!(option.clauses().regular() instanceof RegularPayment.Chosen chosen)) {
                return Optional.empty();
            }
            OptionalInt recalculated = firstRecalculated();
            if (recalculated.isPresent()) {
                int from = recalculated.getAsInt();
                Money payment = schedule.line(from).payment();
                return Optional.of(new FeatureNote("payment", Kind.RECALCULATED, from, Optional.of(payment)));
            }
            boolean isLarger = schedule.lastPayment().isAbove(chosen.amount());
            boolean toldByBalloon = !option.clauses().residualBalance().isZero();
            return isLarger && !toldByBalloon
                    ? Optional.of(note("payment", Kind.LAST_PAYMENT_IS, schedule.lastPayment()))
                    : Optional.empty();
        }

        private OptionalInt firstRecalculated() {
            IntStream changes = option.clauses().rateChanges().stream().mapToInt(RateChange::fromPayment);
            IntStream recasts = option.clauses().extraEffect() == ExtraEffect.RECAST
                    ? IntStream.range(1, schedule.payments())
                            .filter(payment -> !schedule.line(payment).extra().isZero())
                            .map(payment -> payment + 1)
                    : IntStream.empty();
            return IntStream.concat(changes, recasts)
                    .filter(payment -> payment < schedule.payments())
                    .min();
        }

        private Optional<FeatureNote> balloon() {
            Money agreed = option.clauses().residualBalance();
            if (agreed.isZero()) {
                return Optional.empty();
            }
            if (schedule.payments() < agreed()) {
                return Optional.of(paidOffBefore("residualBalance"));
            }
            boolean isOther = option.clauses().regular() instanceof RegularPayment.Chosen
                    || keepsExtras()
                    || schedule.balanceAfter(schedule.payments() - 1).compareTo(agreed) <= 0;
            Money left = schedule.lastPayment().minus(schedule.paymentAtEnd());
            return isOther ? Optional.of(note("residualBalance", Kind.BALLOON_IS, left)) : Optional.empty();
        }

        /** Whether extras are taken that leave the payments after them as they are. */
        private boolean keepsExtras() {
            return option.clauses().extraEffect() == ExtraEffect.END_EARLY
                    && !schedule.whole().extra().isZero();
        }

        private boolean isTaken(ExtraPayment extra) {
            int last = Math.min(extra.last(), schedule.payments());
            for (int payment = extra.first(); payment <= last; payment += extra.every()) {
                if (!schedule.line(payment).extra().isZero()) {
                    return true;
                }
            }
            return false;
        }

        private int agreed() {
            return option.term().payments(option.frequency());
        }

        private FeatureNote paidOffBefore(String field) {
            return new FeatureNote(field, Kind.PAID_OFF_BEFORE, schedule.payments(), Optional.empty());
        }

        private FeatureNote note(String field, Kind kind, Money amount) {
            return new FeatureNote(field, kind, schedule.payments(), Optional.of(amount));
        }
    }
}
