package app.impendium.server.evaluation;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.OptionWorkings;
import app.impendium.core.compare.RateLadder;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.Renewal;
import app.impendium.core.money.Percent;
import app.impendium.core.wish.Wish;
import app.impendium.core.wish.WishSolver;
import app.impendium.server.problem.RefusedException;
import java.math.BigDecimal;
import java.util.List;
import org.springframework.http.HttpStatus;
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

    /** How each figure of an option came about. */
    @PostMapping("/api/workings/{option}")
    List<WorkingView> workings(@PathVariable int option, @RequestBody CaseDocument document) {
        return DocumentEvaluator.ofOption(
                document, option, asked -> WorkingView.all(OptionWorkings.of(asked, CaseEvaluator.evaluate(asked))));
    }

    /** How the figures of one payment of an option came about, counted from 1. */
    @PostMapping("/api/workings/{option}/lines/{line}")
    List<WorkingView> lineWorkings(
            @PathVariable int option, @PathVariable int line, @RequestBody CaseDocument document) {
        return DocumentEvaluator.ofOption(
                document, option, asked -> WorkingView.all(OptionWorkings.ofLine(CaseEvaluator.evaluate(asked), line)));
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
        RateLadder.Build build = new RateLadder.Build(Percent.upTo(MOST_STEP, stepPercent, "stepPercent"), down, up);
        return DocumentEvaluator.ofOption(document, option, asked -> {
            LoanTerms terms = from == LadderFrom.BEGINNING ? asked.loanTerms() : renewed(asked);
            return RateLadder.of(terms, build).stream().map(RungView::of).toList();
        });
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
        Wish wished = wish.within(limit);
        return DocumentEvaluator.ofOption(
                document,
                option,
                asked -> WishSolver.solve(wished, asked).stream()
                        .map(WishAnswerView::of)
                        .toList());
    }

    private static LoanTerms renewed(LoanOption option) {
        OptionEvaluation figures = CaseEvaluator.evaluate(option);
        OptionEvaluation.RateEnd end = figures.rateEnd()
                .orElseThrow(() -> new RefusedException(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        "There is no renewal",
                        "The rate of this option is agreed for the whole term."));
        return Renewal.of(figures.terms(), figures.schedule(), end.afterPayment(), option.rate());
    }
}
