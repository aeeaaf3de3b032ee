package app.impendium.server.evaluation;

import app.impendium.core.pricing.RateOffer;
import app.impendium.core.rental.Programme;
import io.swagger.v3.oas.annotations.media.Schema;
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
        LetHomeView.LetLoanView loan,
        List<Boolean> lends,
        @Schema(nullable = true) ProgrammeAnswerView chosen,
        OwnerView owner) {

    static LettingView of(LettingCase let, List<Programme> programmes, int chosen, List<RateOffer> offers) {
        return new LettingView(
                LetHomeView.LetLoanView.of(let),
                programmes.stream()
                        .map(programme -> let.solver(programme).band().isPresent())
                        .toList(),
                programmes.isEmpty() ? null : ProgrammeAnswerView.of(let, programmes.get(chosen), offers),
                LetHomeView.owner(let));
    }
}
