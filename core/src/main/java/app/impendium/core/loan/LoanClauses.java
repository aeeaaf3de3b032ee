package app.impendium.core.loan;

import app.impendium.core.money.Money;
import app.impendium.core.rate.PeriodicRate;
import java.util.List;

/**
 * What is said of a loan beyond amount, rate and term; see {@link LoanTerms} for each.
 *
 * @param interestOnlyPayments how many payments at the start pay interest alone
 * @param residualBalance what is left to pay with the last payment beyond the payment itself
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

    /**
     * The terms of a loan with these clauses.
     *
     * @throws app.impendium.core.finding.CaseException if figures lie outside their ranges, with all findings
     */
    public LoanTerms termsOf(Money amount, PeriodicRate rate, int payments, PaymentRounding rounding) {
        return LoanTerms.builder(amount, rate, payments, rounding)
                .interestOnly(interestOnlyPayments)
                .residual(residualBalance)
                .regular(regular)
                .extras(extras, extraEffect)
                .rateChanges(rateChanges)
                .build();
    }
}
