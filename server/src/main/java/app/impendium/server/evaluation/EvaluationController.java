package app.impendium.server.evaluation;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.compare.RateLadder;
import app.impendium.core.money.Percent;
import app.impendium.core.wish.Wish;
import app.impendium.core.wish.WishSolver;
import app.impendium.server.problem.Parameters;
import java.math.BigDecimal;
import java.util.List;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Works out a case without keeping anything of it. Options are counted from 0. */
@RestController
class EvaluationController {
    private static final int MOST_STEP = 10;

    @PostMapping("/api/evaluations")
    EvaluationView evaluate(@RequestBody CaseDocument document) {
        return EvaluationView.of(DocumentEvaluator.evaluate(document));
    }

    /** Every payment of one of the case's options. */
    @PostMapping("/api/schedules/{option}")
    ScheduleView schedule(@PathVariable int option, @RequestBody CaseDocument document) {
        return DocumentEvaluator.ofOption(
                document,
                option,
                asked -> ScheduleView.of(asked, CaseEvaluator.evaluate(asked), CaseReader.valueGrowth(document)));
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
        RateLadder.Build build = Parameters.checked(
                () -> new RateLadder.Build(Percent.upTo(MOST_STEP, stepPercent, "stepPercent"), down, up));
        return DocumentEvaluator.ofOption(
                document,
                option,
                asked -> from.ladder(asked).rungs(build).stream()
                        .map(RungView::of)
                        .toList());
    }

    /**
     * Which price, money down, rate, term or extra payment brings about what the clients wish for.
     *
     * @param wish what it is about
     * @param limit the amount in whole cents, or the day, that it stays within
     */
    @PostMapping("/api/wishes/{option}")
    List<WishAnswerView> wish(
            @PathVariable int option,
            @RequestParam WishKind wish,
            @RequestParam String limit,
            @RequestBody CaseDocument document) {
        Wish wished = Parameters.checked(() -> wish.within(limit));
        return DocumentEvaluator.ofOption(
                document,
                option,
                asked -> WishSolver.solve(wished, asked).stream()
                        .map(WishAnswerView::of)
                        .toList());
    }
}
