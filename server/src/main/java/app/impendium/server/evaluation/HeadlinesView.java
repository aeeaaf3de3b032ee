package app.impendium.server.evaluation;

import app.impendium.core.CaseComparison;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.afford.Household;
import app.impendium.core.afford.LimitSet;
import app.impendium.core.afford.Reading;
import app.impendium.core.finding.CaseException;
import app.impendium.core.fit.FitSolver;
import app.impendium.core.rental.Programme;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.Convention;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.IntStream;

/**
 * The headlines of a case's views, without solving for what would help.
 *
 * @param cheapestThen the options, from 0, that cost least for as long as they are kept; empty where it cannot be told
 * @param options one for each option of the case
 */
record HeadlinesView(List<Integer> cheapestThen, List<OptionHeadlineView> options) {

    /**
     * The headlines of one option.
     *
     * @param sets one for each limit set; empty where it cannot be told
     * @param letting absent where the home is not let, its rent is not known, or there is no programme
     */
    record OptionHeadlineView(
            List<SetHeadlineView> sets,
            @Schema(nullable = true) LettingHeadlineView letting) {}

    /**
     * What a limit set says of an option.
     *
     * @param monthlyIncomeCents all that counts as income a month
     * @param deciding the test that decides; absent where none can be told
     */
    record SetHeadlineView(
            boolean isMet,
            long monthlyIncomeCents,
            @Schema(nullable = true) ReadingView deciding) {

        private static SetHeadlineView of(FitSolver solver) {
            List<Reading> readings = solver.assessment().readings();
            List<ReadingView> views = ReadingView.all(solver.set(), readings);
            return new SetHeadlineView(
                    solver.assessment().isMet(),
                    solver.counted().monthlyIncome().cents(),
                    solver.assessment()
                            .binding()
                            .map(binding -> views.get(readings.indexOf(binding)))
                            .orElse(null));
        }
    }

    /**
     * What a programme says of a let home.
     *
     * @param cover in times, or in percent where interest is covered; absent where nothing is to be covered
     * @param isLent whether it lends the loan as it is
     */
    record LettingHeadlineView(@Schema(nullable = true) BigDecimal cover, Convention.Cover coverUnit, boolean isLent) {}

    static HeadlinesView of(
            CaseDocument document, List<OptionEvaluation> options, List<LimitSet> sets, Optional<Programme> programme) {
        Household household = HouseholdReader.read(document);
        boolean isLet = document.letting() != null && document.letting().rentCents() != null;
        Optional<Programme> ofRent = programme.filter(each -> isLet);
        return new HeadlinesView(
                unlessRefused(() -> cheapest(document, options)).orElseGet(List::of),
                IntStream.range(0, options.size())
                        .mapToObj(place -> new OptionHeadlineView(
                                unlessRefused(() -> ofSets(options.get(place), household, sets))
                                        .orElseGet(List::of),
                                ofRent.flatMap(each ->
                                                unlessRefused(() -> letting(document, place, options.get(place), each)))
                                        .orElse(null)))
                        .toList());
    }

    private static List<Integer> cheapest(CaseDocument document, List<OptionEvaluation> options) {
        if (options.size() == 1) {
            return List.of(0);
        }
        CaseComparison comparison = CaseComparison.of(
                options, options.get(0).assumptions(), PresentPaymentReader.read(document.presentPayment()));
        return comparison.costs().cheapestAfter(comparison.keptMonths());
    }

    private static List<SetHeadlineView> ofSets(OptionEvaluation option, Household household, List<LimitSet> sets) {
        return Solvers.of(option, household, sets).stream()
                .map(SetHeadlineView::of)
                .toList();
    }

    private static LettingHeadlineView letting(
            CaseDocument document, int place, OptionEvaluation figures, Programme programme) {
        LettingCase let = LettingCase.of(document, place, figures);
        return new LettingHeadlineView(
                LettingTestView.cover(let, programme).orElse(null),
                LettingTestView.unit(programme.cover()),
                let.solver(programme).band().isPresent());
    }

    /** The figures stand, whatever a view of them has to say against it. */
    private static <T> Optional<T> unlessRefused(Supplier<T> headline) {
        try {
            return Optional.of(headline.get());
        } catch (CaseException refused) {
            return Optional.empty();
        }
    }
}
