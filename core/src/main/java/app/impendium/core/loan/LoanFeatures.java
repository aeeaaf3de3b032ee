package app.impendium.core.loan;

import app.impendium.core.money.Money;
import java.util.List;

/**
 * What is said of a loan beyond amount, rate and term. Whether it fits the loan, {@link LoanTerms} checks. Immutable.
 *
 * @param interestOnlyPayments how many payments at the start pay interest alone, from 0 to all
 * @param balloon what is left to pay with the last payment beyond the payment itself, below the amount
 * @param regular what is paid regularly after any interest-only period
 * @param steps other regular payments from later payments on, in the order of their payments
 * @param extras principal paid beside the regular payment
 * @param extraEffect what an extra payment does to the payments after it
 * @param rateChanges other rates from later payments on, in the order of their payments
 */
public record LoanFeatures(
        int interestOnlyPayments,
        Money balloon,
        RegularPayment regular,
        List<PaymentStep> steps,
        List<ExtraPayment> extras,
        ExtraEffect extraEffect,
        List<RateChange> rateChanges) {

    /** Nothing further: a level payment that repays the loan in full. */
    public static final LoanFeatures NONE = new LoanFeatures(
            0, Money.ZERO, new RegularPayment.Level(), List.of(), List.of(), ExtraEffect.END_EARLY, List.of());

    public LoanFeatures {
        steps = List.copyOf(steps);
        extras = List.copyOf(extras);
        rateChanges = List.copyOf(rateChanges);
    }

    /** The same with interest alone paid at the start. */
    public LoanFeatures withInterestOnly(int leadingPayments) {
        return new LoanFeatures(leadingPayments, balloon, regular, steps, extras, extraEffect, rateChanges);
    }

    /**
     * The same for a loan of so many payments: the last repays what is left, whether or not it is one of those that pay interest
     * alone.
     */
    public LoanFeatures repayingAtTheEnd(int payments) {
        return payments > 0 && interestOnlyPayments == payments ? withInterestOnly(payments - 1) : this;
    }

    /** The same with a balance left to pay with the last payment. */
    public LoanFeatures withBalloon(Money balance) {
        return new LoanFeatures(interestOnlyPayments, balance, regular, steps, extras, extraEffect, rateChanges);
    }

    /** The same at another regular payment. */
    public LoanFeatures withRegular(RegularPayment other) {
        return new LoanFeatures(interestOnlyPayments, balloon, other, steps, extras, extraEffect, rateChanges);
    }

    /** The same with other regular payments from later payments on. */
    public LoanFeatures withSteps(List<PaymentStep> others) {
        return new LoanFeatures(interestOnlyPayments, balloon, regular, others, extras, extraEffect, rateChanges);
    }

    /** The same with these extra payments. */
    public LoanFeatures withExtras(List<ExtraPayment> others, ExtraEffect effect) {
        return new LoanFeatures(interestOnlyPayments, balloon, regular, steps, others, effect, rateChanges);
    }

    /** The same with rates that change. */
    public LoanFeatures withRateChanges(List<RateChange> others) {
        return new LoanFeatures(interestOnlyPayments, balloon, regular, steps, extras, extraEffect, others);
    }
}
