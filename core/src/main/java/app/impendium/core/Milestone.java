package app.impendium.core;

import app.impendium.core.cost.MortgageInsurance;
import app.impendium.core.loan.ExtraPayment;
import app.impendium.core.loan.RateChange;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

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
    public static List<Milestone> of(LoanOption option, OptionEvaluation figures) {
        List<Milestone> all = new ArrayList<>();
        Schedule schedule = figures.schedule();
        int interestOnly = option.clauses().interestOnlyPayments();
        if (interestOnly > 0) {
            all.add(new Milestone(interestOnly + 1, Kind.INTEREST_ONLY_ENDS));
        }
        figures.buydown()
                .ifPresent(reduced -> all.add(new Milestone(
                        (reduced.paymentByYear().size() - 1)
                                        * option.frequency().perYear()
                                + 1,
                        Kind.REDUCED_PAYMENTS_END)));
        for (RateChange change : option.clauses().rateChanges()) {
            all.add(new Milestone(change.fromPayment(), Kind.RATE_CHANGES));
        }
        for (ExtraPayment extra : option.clauses().extras()) {
            // None is taken on a line that clears the loan by itself, nor after it.
            if (extra.first() <= schedule.payments()
                    && !schedule.line(extra.first()).extra().isZero()) {
                boolean once = extra instanceof ExtraPayment.Lump;
                all.add(new Milestone(extra.first(), once ? Kind.LUMP_PAID : Kind.EXTRAS_BEGIN));
            }
        }
        figures.rateEnd().ifPresent(end -> all.add(new Milestone(end.afterPayment(), Kind.RATE_TERM_ENDS)));
        figures.mortgageInsurance().ifPresent(insurance -> addEnds(insurance, all));
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
        if (insurance.firstPaymentWithoutOnRequest() < insurance.firstPaymentWithout()) {
            all.add(new Milestone(insurance.firstPaymentWithoutOnRequest(), Kind.INSURANCE_ON_REQUEST));
        }
        all.add(new Milestone(insurance.firstPaymentWithout(), Kind.INSURANCE_ENDS));
    }

    /** Where the payment is computed anew for a reason that has no milestone of its own: a recast after an extra. */
    private static void steps(Schedule schedule, List<Milestone> all) {
        List<Integer> explained = all.stream().map(Milestone::payment).toList();
        List<Milestone> steps = IntStream.range(2, schedule.payments())
                .filter(payment -> !explained.contains(payment) && explained.contains(payment - 1))
                .mapToObj(payment -> step(payment, schedule))
                .flatMap(List::stream)
                .toList();
        all.addAll(steps);
    }

    private static List<Milestone> step(int payment, Schedule schedule) {
        Money before = schedule.line(payment - 1).payment();
        Money after = schedule.line(payment).payment();
        if (after.equals(before)) {
            return List.of();
        }
        return List.of(new Milestone(payment, after.isAbove(before) ? Kind.PAYMENT_STEPS_UP : Kind.PAYMENT_STEPS_DOWN));
    }
}
