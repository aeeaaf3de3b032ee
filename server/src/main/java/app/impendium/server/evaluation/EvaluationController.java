package app.impendium.server.evaluation;

import app.impendium.core.compare.RateLadder;
import app.impendium.core.target.Target;
import app.impendium.core.target.TargetSolver;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.problem.Calculates;
import app.impendium.server.problem.Parameters;
import java.math.BigDecimal;
import java.util.List;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Evaluates a case without keeping anything of it. Options are counted from 0. */
@Calculates
@RestController
class EvaluationController {
    @PostMapping("/api/evaluations")
    EvaluationView evaluate(@RequestBody CaseDocument document) {
        return EvaluationView.of(DocumentEvaluator.evaluate(document));
    }

    /** Every payment of one of the case's options. */
    @PostMapping("/api/schedules/{option}")
    ScheduleView schedule(@PathVariable int option, @RequestBody CaseDocument document) {
        return DocumentEvaluator.ofOption(document, option, figures -> ScheduleView.of(figures.life()));
    }

    /**
     * What an option costs at rates around its own.
     *
     * @param from the loan as it begins, or as it is renewed when the rate's term ends
     * @param stepPercent the distance between rungs, in percentage points
     * @param down how many rungs below, from 0 to 40
     * @param up how many above, from 0 to 40
     */
    @PostMapping("/api/ladders/{option}")
    List<RungView> ladder(
            @PathVariable int option,
            @RequestParam(defaultValue = "BEGINNING") LadderFrom from,
            @RequestParam BigDecimal stepPercent,
            @RequestParam int down,
            @RequestParam int up,
            @RequestBody CaseDocument document) {
        RateLadder.Build build = Parameters.checked(() -> RateLadder.Build.of(stepPercent, down, up));
        return DocumentEvaluator.ofOption(
                document,
                option,
                figures -> from.ladder(figures.loan()).rungs(build).stream()
                        .map(RungView::of)
                        .toList());
    }

    /**
     * Which price, down payment, rate, term or extra payment keeps a figure within a limit.
     *
     * @param target what it is about
     * @param limit the amount in whole cents, or the day, that it stays within
     * @param by the day by which, where the target is about one
     */
    @PostMapping("/api/targets/{option}")
    List<TargetAnswerView> target(
            @PathVariable int option,
            @RequestParam TargetKind target,
            @RequestParam String limit,
            @RequestParam(defaultValue = "") String by,
            @RequestBody CaseDocument document) {
        Target sought = Parameters.checked(() -> target.within(limit, by));
        return DocumentEvaluator.ofOption(
                document,
                option,
                figures -> TargetSolver.solve(sought, figures.option()).stream()
                        .map(TargetAnswerView::of)
                        .toList());
    }
}
