package app.impendium.server.evaluation;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.OptionWorkings;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.wish.Lever;
import app.impendium.core.wish.Wish;
import app.impendium.core.wish.WishAnswer;
import app.impendium.core.wish.WishSolver;
import app.impendium.core.wish.WishWorkings;
import app.impendium.core.working.Working;
import app.impendium.server.problem.Parameters;
import java.math.BigDecimal;
import java.util.List;
import java.util.function.Function;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Tells how the figures of a case came about, without keeping anything of it. Options are counted from 0. */
@RestController
@RequestMapping("/api/workings/{option}")
class WorkingController {

    /** Every figure of an option as a whole. */
    @PostMapping
    List<WorkingView> ofOption(@PathVariable int option, @RequestBody CaseDocument document) {
        return workings(document, option, asked -> of(asked).whole());
    }

    /** Every figure of one payment, counted from 1, and of the month it falls in; 0 for the loan before its first. */
    @PostMapping("/lines/{line}")
    List<WorkingView> ofLine(@PathVariable int option, @PathVariable int line, @RequestBody CaseDocument document) {
        return workings(document, option, asked -> {
            OptionWorkings workings = of(asked);
            return Parameters.checked(() -> workings.ofLine(line, CaseReader.valueGrowth(document)));
        });
    }

    /** Every sum of the payments {@code first} to {@code last}, both counted. */
    @PostMapping("/stretches/{first}/{last}")
    List<WorkingView> ofStretch(
            @PathVariable int option,
            @PathVariable int first,
            @PathVariable int last,
            @RequestBody CaseDocument document) {
        return workings(document, option, asked -> {
            OptionWorkings workings = of(asked);
            return Parameters.checked(() -> workings.ofStretch(first, last));
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
        return workings(document, option, asked -> OptionWorkings.atRate(rate, from.ladder(asked)));
    }

    /**
     * What a lever does for a wish, and every figure of the option with it; nothing where it does nothing.
     *
     * @param wish what it is about
     * @param limit the amount in whole cents, or the day, that it stays within
     */
    @PostMapping("/wishes/{lever}")
    List<WorkingView> ofWish(
            @PathVariable int option,
            @PathVariable Lever lever,
            @RequestParam WishKind wish,
            @RequestParam String limit,
            @RequestBody CaseDocument document) {
        Wish wished = Parameters.checked(() -> wish.within(limit));
        return workings(
                document,
                option,
                asked -> WishSolver.solve(wished, asked, lever)
                        .filter(WishAnswer.Found.class::isInstance)
                        .map(answer -> WishWorkings.of(wished, (WishAnswer.Found) answer))
                        .orElse(List.of()));
    }

    private static OptionWorkings of(LoanOption option) {
        return new OptionWorkings(option, CaseEvaluator.evaluate(option));
    }

    private static List<WorkingView> workings(
            CaseDocument document, int option, Function<LoanOption, List<Working>> of) {
        return DocumentEvaluator.ofOption(document, option, asked -> WorkingView.all(of.apply(asked)));
    }
}
