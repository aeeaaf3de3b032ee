package app.impendium.server.evaluation;

import app.impendium.core.OptionEvaluation;
import app.impendium.core.afford.Household;
import app.impendium.core.afford.LimitSet;
import app.impendium.core.finding.CaseException;
import app.impendium.core.pricing.RateOffer;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.document.RateTableDocument;
import app.impendium.server.problem.Calculates;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Holds an option of a case against limit sets, without keeping anything of it. */
@Calculates
@RestController
class AffordabilityController {
    private static final String SETS = "sets";

    /**
     * A case and the limits that it is held against.
     *
     * @param sets at most fifty
     * @param table the rates on offer; absent for none
     */
    record AffordabilityQuestion(
            CaseDocument document,
            List<LimitSetDocument> sets,
            @Schema(nullable = true) RateTableDocument table) {
        AffordabilityQuestion {
            sets = sets == null ? List.of() : sets;
        }
    }

    /**
     * Whether an option of a case keeps to the limits, and what would make it fit. Options are counted from 0.
     *
     * @throws CaseException if the people, the option or a set has no meaning, with every finding
     */
    @PostMapping("/api/affordability/{option}")
    AffordabilityView afford(@PathVariable int option, @RequestBody AffordabilityQuestion question) {
        CaseDocument document = question.document();
        List<LimitSet> sets = LimitSetReader.all(SETS, question.sets());
        OptionEvaluation asked = new CaseAnswers(document).evaluation(option);
        Household household = HouseholdReader.read(document);
        PresentHousing today = PresentHousing.of(document, asked.option());
        List<RateOffer> offers = OffersOf.table(question.table(), asked.option(), household);
        List<SetView> views = Solvers.of(asked, household, sets).stream()
                .map(solver -> SetView.of(solver, household, today, offers))
                .toList();
        return new AffordabilityView(HouseholdView.of(household), views);
    }
}
