package app.impendium.core;

import app.impendium.core.cost.MortgageInsurance;
import app.impendium.core.loan.ExtraPayment;
import app.impendium.core.loan.PaymentPhase;
import app.impendium.core.loan.RateChange;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Something that happens in a loan's life.
 *
 * @param payment the payment with which it happens, counted from 1
 */
public record Milestone(int payment, Kind kind) {

    /** What can happen. */
    public enum Kind {
        REDUCED_PAYMENTS_END,
        INTEREST_ONLY_ENDS,
        RATE_CHANGES,
        RATE_TERM_ENDS,
        LUMP_PAID,
        EXTRAS_BEGIN,
        INSURANCE_ON_REQUEST,
        INSURANCE_ENDS,
        MORE_PRINCIPAL_THAN_INTEREST,
        HALF_REPAID,
        PAYMENT_STEPS_UP,
        PAYMENT_STEPS_DOWN,
        PAID_OFF
    }

    /** The milestones of an option in the order of their payments, the last being paid off. */
    static List<Milestone> of(OptionEvaluation figures) {
        List<Milestone> all = new ArrayList<>();
        LoanOption option = figures.option();
        LoanFigures loan = figures.loan();
        Schedule schedule = loan.schedule();
        int interestOnly = option.features().interestOnlyPayments();
        if (interestOnly > 0) {
            all.add(new Milestone(interestOnly + 1, Kind.INTEREST_ONLY_ENDS));
        }
        loan.buydown()
                .ifPresent(reduced -> all.add(new Milestone(
                        (reduced.paymentByYear().size() - 1)
                                        * option.frequency().perYear()
                                + 1,
                        Kind.REDUCED_PAYMENTS_END)));
        for (RateChange change : option.features().rateChanges()) {
            all.add(new Milestone(change.fromPayment(), Kind.RATE_CHANGES));
        }
        for (ExtraPayment extra : option.features().extras()) {
            // None is taken on a line that clears the loan by itself, nor after it.
            if (extra.first() <= schedule.payments()
                    && !schedule.line(extra.first()).extra().isZero()) {
                boolean once = extra instanceof ExtraPayment.Lump;
                all.add(new Milestone(extra.first(), once ? Kind.LUMP_PAID : Kind.EXTRAS_BEGIN));
            }
        }
        loan.rateEnd().ifPresent(end -> all.add(new Milestone(end.afterPayment(), Kind.RATE_TERM_ENDS)));
        figures.monthlyCost().insurance().ifPresent(insurance -> addEnds(insurance, all));
        schedule.firstWithMorePrincipalThanInterest()
                .ifPresent(payment -> all.add(new Milestone(payment, Kind.MORE_PRINCIPAL_THAN_INTEREST)));
        schedule.firstWithHalfRepaid().ifPresent(payment -> all.add(new Milestone(payment, Kind.HALF_REPAID)));
        steps(schedule, all);
        all.removeIf(milestone -> milestone.payment() > schedule.payments());
        all.add(new Milestone(schedule.payments(), Kind.PAID_OFF));
        all.sort(Comparator.comparingInt(Milestone::payment));
        return List.copyOf(all);
    }

    private static void addEnds(MortgageInsurance insurance, List<Milestone> all) {
        if (insurance.endsOnRequestAtPayment() < insurance.endsAtPayment()) {
            all.add(new Milestone(insurance.endsOnRequestAtPayment(), Kind.INSURANCE_ON_REQUEST));
        }
        all.add(new Milestone(insurance.endsAtPayment(), Kind.INSURANCE_ENDS));
    }

    /**
     * Where the payment changes for a reason that has no milestone of its own: the client chose another, or an extra had it
     * recalculated. Extras with each payment recalculate it each time, of which the first tells enough.
     */
    private static void steps(Schedule schedule, List<Milestone> all) {
        List<Integer> explained = all.stream().map(Milestone::payment).toList();
        schedule.phases().stream()
                .filter(phase -> phase.cause() == PaymentPhase.Cause.STEP || explained.contains(phase.from() - 1))
                .map(PaymentPhase::from)
                .filter(payment -> payment > 1 && payment < schedule.payments() && !explained.contains(payment))
                .map(payment -> step(payment, schedule))
                .forEach(all::addAll);
    }

    private static List<Milestone> step(int payment, Schedule schedule) {
        Money before = schedule.due(payment - 1);
        Money after = schedule.due(payment);
        if (after.equals(before)) {
            return List.of();
        }
        return List.of(new Milestone(payment, after.isAbove(before) ? Kind.PAYMENT_STEPS_UP : Kind.PAYMENT_STEPS_DOWN));
    }
}
