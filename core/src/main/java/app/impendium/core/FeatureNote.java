package app.impendium.core;

import app.impendium.core.finding.Field;
import app.impendium.core.loan.ExtraEffect;
import app.impendium.core.loan.ExtraPayment;
import app.impendium.core.loan.LoanFeatures;
import app.impendium.core.loan.PaymentPhase;
import app.impendium.core.loan.PaymentStep;
import app.impendium.core.loan.RegularPayment;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A feature of an option that has no effect, or another one than it says, and what happens instead.
 *
 * @param field the feature, as a path within the option: {@code features.extras[0]}
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
    static List<FeatureNote> of(OptionEvaluation figures) {
        LoanFigures loan = figures.loan();
        return new Notes(figures.option(), loan.schedule()).all(loan.rateEnd().isPresent());
    }

    /** What the notes are read off. */
    private record Notes(LoanOption option, Schedule schedule) {

        List<FeatureNote> all(boolean rateEndsBeforeLoan) {
            LoanFeatures features = option.features();
            List<FeatureNote> notes = new ArrayList<>();
            int rateTermPayments = option.rateTerm()
                    .map(term -> term.payments(option.frequency()))
                    .orElse(0);
            if (rateTermPayments > 0 && !rateEndsBeforeLoan && rateTermPayments < agreed()) {
                notes.add(paidOffBefore(Field.RATE_TERM));
            }
            if (features.interestOnlyPayments() > schedule.payments()) {
                notes.add(paidOffBefore(Field.INTEREST_ONLY));
            }
            notes.addAll(chosenPayments());
            for (int i = 0; i < features.rateChanges().size(); i++) {
                if (features.rateChanges().get(i).fromPayment() > schedule.payments()) {
                    notes.add(paidOffBefore(Field.entry(Field.RATE_CHANGES, i)));
                }
            }
            for (int i = 0; i < features.extras().size(); i++) {
                if (!isTaken(features.extras().get(i))) {
                    notes.add(paidOffBefore(Field.entry(Field.EXTRAS, i)));
                }
            }
            if (keepsExtras() && schedule.payments() == agreed()) {
                notes.add(note(Field.EXTRA_EFFECT, Kind.ENDS_NO_EARLIER, schedule.lastPayment()));
            }
            balloon().ifPresent(notes::add);
            return notes;
        }

        /** What becomes of payments that the client chose. */
        private List<FeatureNote> chosenPayments() {
            List<FeatureNote> notes = new ArrayList<>();
            Optional<String> chosen = option.features().regular() instanceof RegularPayment.Custom
                    ? Optional.of(Field.PAYMENT)
                    : Optional.empty();
            for (PaymentPhase phase : schedule.phases()) {
                if (phase.cause() == PaymentPhase.Cause.STEP) {
                    chosen = Optional.of(fieldOfStep(phase.from()));
                } else if (phase.isRecalculated() && phase.from() < schedule.payments()) {
                    Optional<Money> payment = phase.payment();
                    chosen.ifPresent(
                            field -> notes.add(new FeatureNote(field, Kind.RECALCULATED, phase.from(), payment)));
                    chosen = Optional.empty();
                }
            }
            chosen.filter(field -> lastPaymentIsLarger())
                    .ifPresent(field -> notes.add(note(field, Kind.LAST_PAYMENT_IS, schedule.lastPayment())));
            stepsNotReached().forEach(notes::add);
            return notes;
        }

        private boolean lastPaymentIsLarger() {
            boolean toldByBalloon = !option.features().balloon().isZero();
            return !toldByBalloon
                    && schedule.phaseOf(schedule.payments())
                            .payment()
                            .filter(schedule.lastPayment()::isAbove)
                            .isPresent();
        }

        private String fieldOfStep(int from) {
            List<PaymentStep> steps = option.features().steps();
            int step = 0;
            while (steps.get(step).fromPayment() < from) {
                step++;
            }
            return Field.entry(Field.PAYMENT_STEPS, step);
        }

        private Stream<FeatureNote> stepsNotReached() {
            return option.features().steps().stream()
                    .map(PaymentStep::fromPayment)
                    .filter(from -> from > schedule.payments())
                    .map(from -> paidOffBefore(fieldOfStep(from)));
        }

        private Optional<FeatureNote> balloon() {
            Money agreed = option.features().balloon();
            if (agreed.isZero()) {
                return Optional.empty();
            }
            if (schedule.payments() < agreed()) {
                return Optional.of(paidOffBefore(Field.BALLOON));
            }
            boolean isOther = option.features().regular() instanceof RegularPayment.Custom
                    || !option.features().steps().isEmpty()
                    || keepsExtras()
                    || schedule.balanceAfter(schedule.payments() - 1).compareTo(agreed) <= 0;
            Money left = schedule.lastPayment()
                    .minus(schedule.phaseOf(schedule.payments()).payment().orElseThrow());
            return isOther ? Optional.of(note(Field.BALLOON, Kind.BALLOON_IS, left)) : Optional.empty();
        }

        /** Whether extras are taken that leave the payments after them as they are. */
        private boolean keepsExtras() {
            return option.features().extraEffect() == ExtraEffect.END_EARLY
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
            return option.amortization().payments(option.frequency());
        }

        private FeatureNote paidOffBefore(String field) {
            return new FeatureNote(field, Kind.PAID_OFF_BEFORE, schedule.payments(), Optional.empty());
        }

        private FeatureNote note(String field, Kind kind, Money amount) {
            return new FeatureNote(field, kind, schedule.payments(), Optional.of(amount));
        }
    }
}
