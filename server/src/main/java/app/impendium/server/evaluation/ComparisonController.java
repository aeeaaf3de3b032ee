package app.impendium.server.evaluation;

import app.impendium.core.Assumptions;
import app.impendium.core.CaseComparison;
import app.impendium.core.CaseEvaluator;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Finding;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.evaluation.CaseReader.Attempt;
import app.impendium.server.problem.RefusedException;
import java.util.List;
import java.util.stream.IntStream;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Compares the options of a case without keeping anything of it. An option without figures is told, and left out. */
@RestController
class ComparisonController {

    @PostMapping("/api/comparisons")
    ComparisonView compare(@RequestBody CaseDocument document) {
        List<Attempt<OptionEvaluation>> attempts = attempts(document);
        List<Integer> places = placesOfMade(attempts);
        CaseComparison comparison = comparison(document, attempts);
        List<ComparedOptionView> options = IntStream.range(0, attempts.size())
                .mapToObj(i -> attempts.get(i)
                        .made()
                        .map(figures ->
                                ComparedOptionView.of(ComparedFiguresView.of(figures), comparison, places.indexOf(i)))
                        .orElseGet(
                                () -> ComparedOptionView.without(attempts.get(i).because())))
                .toList();
        return ComparisonView.of(comparison, document.assumptions().keptMonths() != null, places, options);
    }

    /** How the figures of one option are calculated, as long as it is kept. Options are counted from 0. */
    @PostMapping("/api/workings/{option}/kept")
    List<WorkingView> workings(@PathVariable int option, @RequestBody CaseDocument document) {
        List<Attempt<OptionEvaluation>> attempts = attempts(document);
        int place = placesOfMade(attempts).indexOf(option);
        if (place < 0) {
            throw new RefusedException(
                    HttpStatus.NOT_FOUND, "No such option", "There is no option " + option + " with figures.");
        }
        return WorkingView.all(comparison(document, attempts).workings(place));
    }

    /** @throws CaseException if no option has figures, with everything that is wrong */
    private static List<Attempt<OptionEvaluation>> attempts(CaseDocument document) {
        List<Attempt<OptionEvaluation>> attempts = CaseReader.attempts(document, CaseEvaluator::evaluate);
        if (attempts.stream().allMatch(attempt -> attempt.made().isEmpty())) {
            List<Finding> all = attempts.stream()
                    .flatMap(attempt -> attempt.because().stream())
                    .toList();
            throw new CaseException(all);
        }
        return attempts;
    }

    private static CaseComparison comparison(CaseDocument document, List<Attempt<OptionEvaluation>> attempts) {
        List<OptionEvaluation> made =
                attempts.stream().flatMap(attempt -> attempt.made().stream()).toList();
        Assumptions assumptions = made.get(0).assumptions();
        return CaseComparison.of(made, assumptions, PresentPaymentReader.read(document.presentPayment()));
    }

    private static List<Integer> placesOfMade(List<Attempt<OptionEvaluation>> attempts) {
        return IntStream.range(0, attempts.size())
                .filter(i -> attempts.get(i).made().isPresent())
                .boxed()
                .toList();
    }
}
