package app.impendium.core;

import app.impendium.core.cost.Financing;
import app.impendium.core.cost.HousingTerms;
import app.impendium.core.loan.LoanClauses;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.PaymentDates;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import java.time.LocalDate;

/** One way of financing the home: all that its figures follow from. Immutable. */
public record LoanOption(
        Financing financing,
        AnnualRate rate,
        Compounding compounding,
        PaymentFrequency frequency,
        PaymentRounding rounding,
        LoanTerm term,
        LocalDate firstPayment,
        LoanClauses clauses,
        HousingTerms housing) {

    /**
     * The terms of the loan.
     *
     * @throws app.impendium.core.finding.CaseException if the term is not a whole number of payments, or a clause does not fit
     */
    public LoanTerms loanTerms() {
        return new LoanTerms(
                financing.loanAmount(),
                PeriodicRate.of(rate, compounding, frequency),
                term.payments(frequency),
                rounding,
                clauses);
    }

    /**
     * When the payments fall due.
     *
     * @throws app.impendium.core.finding.CaseException if the first date is outside its range
     */
    public PaymentDates paymentDates() {
        return new PaymentDates(firstPayment, frequency);
    }
}
