package app.impendium.server.evaluation;

import app.impendium.core.OptionEvaluation;
import app.impendium.core.OptionWorkings;
import app.impendium.core.afford.Income;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.target.Lever;
import app.impendium.core.target.Target;
import app.impendium.core.target.TargetAnswer;
import app.impendium.core.target.TargetSolver;
import app.impendium.core.target.TargetWorkings;
import app.impendium.core.working.IncomeWorking;
import app.impendium.core.working.Working;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.Convention;
import app.impendium.server.problem.Calculates;
import app.impendium.server.problem.Parameters;
import app.impendium.server.problem.RefusedException;
import java.math.BigDecimal;
import java.util.List;
import java.util.function.Function;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Tells how the figures of a case are calculated, without keeping anything of it. Options are counted from 0. */
@Calculates
@RestController
@RequestMapping("/api/workings/{option}")
class WorkingController {

    /** Every figure of an option as a whole. */
    @PostMapping
    List<WorkingView> ofOption(@PathVariable int option, @RequestBody CaseDocument document) {
        return workings(document, option, figures -> new OptionWorkings(figures).whole());
    }

    /** Every figure of one payment, counted from 1, and of the month it falls in; 0 for the loan before its first. */
    @PostMapping("/lines/{line}")
    List<WorkingView> ofLine(@PathVariable int option, @PathVariable int line, @RequestBody CaseDocument document) {
        return workings(document, option, figures -> {
            OptionWorkings workings = new OptionWorkings(figures);
            return Parameters.checked(() -> workings.ofLine(line));
        });
    }

    /** The rate as it is stated for another compounding, and the rate per payment that it comes from. */
    @PostMapping("/compoundings/{compounding}")
    List<WorkingView> ofRateRestated(
            @PathVariable int option,
            @PathVariable Convention.Compounding compounding,
            @RequestBody CaseDocument document) {
        Compounding stated = CoreNames.of(Compounding.class, compounding);
        return workings(document, option, figures -> new OptionWorkings(figures).ofRateRestated(stated));
    }

    /** Every sum of the payments {@code first} to {@code last}, both counted. */
    @PostMapping("/ranges/{first}/{last}")
    List<WorkingView> ofRange(
            @PathVariable int option,
            @PathVariable int first,
            @PathVariable int last,
            @RequestBody CaseDocument document) {
        return workings(document, option, figures -> {
            OptionWorkings workings = new OptionWorkings(figures);
            return Parameters.checked(() -> workings.ofRange(first, last));
        });
    }

    /**
     * Every figure of the loan at another rate, and its differences to the loan.
     *
     * @param from the loan as it begins, or as it is renewed when the rate's term ends
     */
    @PostMapping("/rates/{percent}")
    List<WorkingView> atRate(
            @PathVariable int option,
            @PathVariable BigDecimal percent,
            @RequestParam(defaultValue = "BEGINNING") LadderFrom from,
            @RequestBody CaseDocument document) {
        AnnualRate rate = Parameters.checked("percent", () -> AnnualRate.ofPercent(percent));
        return workings(document, option, figures -> OptionWorkings.atRate(rate, from.ladder(figures.loan())));
    }

    /**
     * What a lever does for a target, and every figure of the option with it; nothing where it does nothing.
     *
     * @param target what it is about
     * @param limit the amount in whole cents, or the day, that it stays within
     * @param by the day by which, where the target is about one
     */
    @PostMapping("/targets/{lever}")
    List<WorkingView> ofTarget(
            @PathVariable int option,
            @PathVariable Lever lever,
            @RequestParam TargetKind target,
            @RequestParam String limit,
            @RequestParam(defaultValue = "") String by,
            @RequestBody CaseDocument document) {
        Target sought = Parameters.checked(() -> target.within(limit, by));
        return workings(
                document,
                option,
                figures -> TargetSolver.solve(sought, figures.option(), lever)
                        .filter(TargetAnswer.Found.class::isInstance)
                        .map(answer -> TargetWorkings.of(sought, (TargetAnswer.Found) answer))
                        .orElse(List.of()));
    }

    /** What counts a month of one income, counted from 0 in the order of the document. */
    @PostMapping("/incomes/{income}")
    List<WorkingView> ofIncome(@PathVariable int option, @PathVariable int income, @RequestBody CaseDocument document) {
        List<Income> incomes = HouseholdReader.read(document).incomes();
        if (income < 0 || income >= incomes.size()) {
            throw new RefusedException(
                    HttpStatus.NOT_FOUND, "No such income", "The case has " + incomes.size() + " incomes.");
        }
        return WorkingView.all(List.of(IncomeWorking.of(incomes.get(income))));
    }

    private static List<WorkingView> workings(
            CaseDocument document, int option, Function<OptionEvaluation, List<Working>> of) {
        return DocumentEvaluator.ofOption(document, option, figures -> WorkingView.all(of.apply(figures)));
    }
}
