package app.impendium.server.evaluation;

import app.impendium.core.OptionEvaluation;
import app.impendium.core.afford.LimitSet;
import app.impendium.core.finding.CaseException;
import app.impendium.core.rental.Programme;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.document.ProgrammeDocument;
import app.impendium.server.problem.Calculates;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Evaluates a case at work in one request, without keeping anything of it. */
@Calculates
@RestController
class FiguresController {

    /**
     * A case, and what it is checked against.
     *
     * @param sets at most fifty
     * @param programme what a let home is checked against; absent for none
     */
    record FiguresQuestion(
            CaseDocument document,
            List<LimitSetDocument> sets,
            @Schema(nullable = true) ProgrammeDocument programme) {
        FiguresQuestion {
            sets = sets == null ? List.of() : sets;
        }
    }

    /**
     * The figures of a case: one entry for each option, in the case's order.
     *
     * @param headlines of the views of the case
     */
    record FiguresView(List<OptionView> options, HeadlinesView headlines) {}

    /**
     * The figures of the options, and the headline of each view of the case.
     *
     * @throws CaseException if the case, a set or the programme has no meaning, with every finding
     */
    @PostMapping("/api/figures")
    FiguresView figures(@RequestBody FiguresQuestion question) {
        CaseDocument document = question.document();
        List<OptionEvaluation> options = DocumentEvaluator.evaluate(document).options();
        List<LimitSet> sets = LimitSetReader.all("sets", question.sets());
        Optional<Programme> programme =
                Optional.ofNullable(question.programme()).map(given -> ProgrammeReader.within("programme", given));
        return new FiguresView(
                options.stream().map(OptionView::of).toList(), HeadlinesView.of(document, options, sets, programme));
    }
}
