package app.impendium.server.evaluation;

import app.impendium.core.pricing.RateOffer;
import app.impendium.core.rental.LetLoan;
import app.impendium.core.rental.Outgoings;
import app.impendium.core.rental.OwnerFigures;
import app.impendium.core.rental.Programme;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.List;

/**
 * A let home with one of the case's loans, in whole cents.
 *
 * @param loan what it takes a month, as a lender counts it
 * @param lends for each programme, whether it lends the loan as it is
 * @param chosen what the chosen programme says; absent where there is none
 * @param owner the owner's own figures, beside any lender's test
 */
public record LettingView(
        LetLoanView loan,
        List<Boolean> lends,
        @Schema(nullable = true) ProgrammeAnswerView chosen,
        OwnerView owner) {

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

        private static LetLoanView of(LettingCase let) {
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

    static LettingView of(LettingCase let, List<Programme> programmes, int chosen, List<RateOffer> offers) {
        return new LettingView(
                LetLoanView.of(let),
                programmes.stream()
                        .map(programme -> let.solver(programme).band().isPresent())
                        .toList(),
                programmes.isEmpty() ? null : ProgrammeAnswerView.of(let, programmes.get(chosen), offers),
                OwnerView.of(
                        OwnerFigures.of(let.figures(), let.rent(), let.home().owner())));
    }
}
