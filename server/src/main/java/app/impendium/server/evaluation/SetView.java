package app.impendium.server.evaluation;

import app.impendium.core.afford.Household;
import app.impendium.core.fit.FitSolver;
import app.impendium.core.pricing.RateOffer;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;

/**
 * What a limit set says of an option, and what would help.
 *
 * @param fit what would make it fit
 */
public record SetView(@JsonUnwrapped AssessedView assessed, FitView fit) {
    static SetView of(FitSolver solver, Household household, PresentHousing today, List<RateOffer> offers) {
        return new SetView(AssessedView.of(solver, today), FitView.of(solver, household, offers));
    }
}
