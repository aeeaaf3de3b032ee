package app.impendium.server.evaluation;

import app.impendium.core.rental.LetLoan;
import app.impendium.core.rental.Outgoings;
import app.impendium.core.rental.OwnerFigures;
import app.impendium.core.rental.Programme;
import java.math.BigDecimal;
import java.util.Optional;

/**
 * A let home with one of the case's loans as it is, without what would help, in whole cents.
 *
 * @param loan what it takes a month, as a lender counts it
 * @param test what a programme says; null where there is none
 * @param owner the owner's own figures, beside any lender's test
 */
public record LetHomeView(LetLoanView loan, LettingTestView test, OwnerView owner) {

    /**
     * A loan and what a month of its home takes.
     *
     * @param baseRatePercent the rate without what a programme has added to it
     * @param isInterestOnly whether the payment is interest alone at first
     */
    public record LetLoanView(
            long loanCents,
            BigDecimal ratePercent,
            BigDecimal baseRatePercent,
            boolean isInterestOnly,
            long paymentCents,
            long propertyTaxCents,
            long homeInsuranceCents,
            long duesCents,
            long totalCents) {

        static LetLoanView of(LettingCase let) {
            LetLoan loan = LetLoan.of(let.option());
            Outgoings month = loan.outgoings();
            return new LetLoanView(
                    loan.amount().cents(),
                    loan.rate().percent().value(),
                    Programme.without(loan.rate(), let.added()).percent().value(),
                    loan.isInterestOnly(),
                    month.payment().cents(),
                    month.propertyTax().cents(),
                    month.homeInsurance().cents(),
                    month.dues().cents(),
                    month.total().cents());
        }
    }

    static LetHomeView of(LettingCase let, Optional<Programme> programme) {
        return new LetHomeView(
                LetLoanView.of(let),
                programme.map(each -> LettingTestView.of(let, each)).orElse(null),
                owner(let));
    }

    static OwnerView owner(LettingCase let) {
        return OwnerView.of(
                OwnerFigures.of(let.figures(), let.rent(), let.home().owner()));
    }
}
