package app.impendium.server.evaluation;

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

/** The options of a case beside one another, each that has figures; what is wrong with the others is told. */
final class ComparedCase {
    private final CaseDocument document;
    private final List<Attempt<OptionEvaluation>> attempts;
    private final List<Integer> places;
    private final CaseComparison comparison;

    private ComparedCase(CaseDocument document, List<Attempt<OptionEvaluation>> attempts) {
        this.document = document;
        this.attempts = attempts;
        this.places = IntStream.range(0, attempts.size())
                .filter(i -> attempts.get(i).made().isPresent())
                .boxed()
                .toList();
        List<OptionEvaluation> made =
                attempts.stream().flatMap(attempt -> attempt.made().stream()).toList();
        this.comparison = CaseComparison.of(
                made, made.get(0).assumptions(), PresentPaymentReader.read(document.presentPayment()));
    }

    /** @throws CaseException if no option has figures, with everything that is wrong */
    static ComparedCase of(CaseDocument document) {
        return of(document, CaseReader.attempts(document, CaseEvaluator::evaluate));
    }

    /**
     * The same of options that are evaluated already.
     *
     * @throws CaseException if none has figures, with everything that is wrong
     */
    static ComparedCase of(CaseDocument document, List<Attempt<OptionEvaluation>> attempts) {
        if (attempts.stream().allMatch(attempt -> attempt.made().isEmpty())) {
            List<Finding> all = attempts.stream()
                    .flatMap(attempt -> attempt.because().stream())
                    .toList();
            throw new CaseException(all);
        }
        return new ComparedCase(document, attempts);
    }

    ComparisonView view() {
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

    /** @throws RefusedException if there is no such option with figures */
    List<WorkingView> workings(int option) {
        int place = places.indexOf(option);
        if (place < 0) {
            throw new RefusedException(
                    HttpStatus.NOT_FOUND, "No such option", "There is no option " + option + " with figures.");
        }
        return WorkingView.all(comparison.workings(place));
    }
}
