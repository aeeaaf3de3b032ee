package app.impendium.core.loan;

import app.impendium.core.money.Money;
import java.util.List;

/**
 * What is said of a loan beyond amount, rate and term. Whether it fits the loan, {@link LoanTerms} checks. Immutable.
 *
 * @param interestOnlyPayments how many payments at the start pay interest alone, from 0 to one fewer than all
 * @param residualBalance what is left to pay with the last payment beyond the payment itself, below the amount
 * @param regular what is paid regularly after any interest-only time
 * @param extras principal paid beside the regular payment
 * @param extraEffect what an extra payment does to the payments after it
 * @param rateChanges other rates from later payments on, in the order of their payments
 */
public record LoanClauses(
        int interestOnlyPayments,
        Money residualBalance,
        RegularPayment regular,
        List<ExtraPayment> extras,
        ExtraEffect extraEffect,
        List<RateChange> rateChanges) {

    /** Nothing further: a level payment that repays the loan in full. */
    public static final LoanClauses NONE =
            new LoanClauses(0, Money.ZERO, new RegularPayment.Level(), List.of(), ExtraEffect.END_EARLY, List.of());

    public LoanClauses {
        extras = List.copyOf(extras);
        rateChanges = List.copyOf(rateChanges);
    }

    /** The same with interest alone paid at the start. */
    public LoanClauses withInterestOnly(int leadingPayments) {
        return new LoanClauses(leadingPayments, residualBalance, regular, extras, extraEffect, rateChanges);
    }

    /** The same with a balance left to pay with the last payment. */
    public LoanClauses withResidual(Money balance) {
        return new LoanClauses(interestOnlyPayments, balance, regular, extras, extraEffect, rateChanges);
    }

    /** The same at another regular payment. */
    public LoanClauses withRegular(RegularPayment other) {
        return new LoanClauses(interestOnlyPayments, residualBalance, other, extras, extraEffect, rateChanges);
    }

    /** The same with these extra payments. */
    public LoanClauses withExtras(List<ExtraPayment> others, ExtraEffect effect) {
        return new LoanClauses(interestOnlyPayments, residualBalance, regular, others, effect, rateChanges);
    }

    /** The same with rates that change. */
    public LoanClauses withRateChanges(List<RateChange> others) {
        return new LoanClauses(interestOnlyPayments, residualBalance, regular, extras, extraEffect, others);
    }
}
