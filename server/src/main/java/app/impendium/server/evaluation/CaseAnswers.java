package app.impendium.server.evaluation;

import app.impendium.core.Assumptions;
import app.impendium.core.CaseComparison;
import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.OptionWorkings;
import app.impendium.core.afford.LimitSet;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.document.ProgrammeDocument;
import app.impendium.server.evaluation.CaseReader.Attempt;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;

/**
 * What the screens are told of a case, for whatever else tells of it. Options are counted from 0, and each is evaluated once, however
 * much is asked of it; for one thread. All throw a {@link CaseException} if what is asked about has no answer.
 */
public final class CaseAnswers {
    private final CaseDocument document;
    private final List<Attempt<ReadOption>> options;
    private final Map<Integer, Attempt<OptionEvaluation>> evaluated = new HashMap<>();

    private record ReadOption(LoanOption option, Assumptions assumptions) {}

    /** @throws CaseException if what the case says beside its options has no meaning */
    public CaseAnswers(CaseDocument document) {
        this.document = document;
        this.options = CaseReader.attempts(document, ReadOption::new);
    }

    /** The document itself, once what it says beside its options has a meaning and its title can be shown. */
    public static CaseDocument checked(CaseDocument document) {
        return new CaseAnswers(document).document;
    }

    /** What counts of what people earn. */
    public static HouseholdView household(CaseDocument document) {
        return HouseholdView.of(HouseholdReader.read(document));
    }

    /** How long the client keeps the loan, in months. */
    public static int keptMonths(CaseDocument document) {
        List<Attempt<Assumptions>> said = CaseReader.attempts(document, (option, assumptions) -> assumptions);
        return CaseComparison.keptMonths(said.stream()
                .filter(each -> each.made().isPresent())
                .findFirst()
                .orElse(said.get(0))
                .get());
    }

    /** The figures of one option. */
    public OptionView option(int option) {
        return of(option, OptionView::of);
    }

    /** One option as the core tells of it, for whatever goes on from its rules. */
    public OptionEvaluation evaluation(int option) {
        Attempt.madeOf(options, option);
        return attempt(option).get();
    }

    /** Every payment of one option. */
    public ScheduleView schedule(int option) {
        return of(option, figures -> ScheduleView.of(figures.life()));
    }

    /** How the figures of one option are calculated. */
    public List<WorkingView> workings(int option) {
        return of(option, figures -> WorkingView.all(new OptionWorkings(figures).whole()));
    }

    /** The options beside one another; one without figures is told. */
    public ComparisonView comparison() {
        return ComparedCase.of(
                        document,
                        IntStream.range(0, options.size())
                                .mapToObj(this::attempt)
                                .toList())
                .view();
    }

    /** What a limit set says of one option. */
    public AssessedView affordability(int option, LimitSetDocument set) {
        LimitSet limits = LimitSetReader.read(set);
        OptionEvaluation asked = evaluation(option);
        return AssessedView.of(
                Solvers.of(asked, HouseholdReader.read(document), List.of(limits))
                        .get(0),
                PresentHousing.of(document, asked.option()));
    }

    /** Whether the rent of a let home carries the loan of one option as it is. */
    public LetHomeView letting(int option, Optional<ProgrammeDocument> programme) {
        return LetHomeView.of(
                LettingCase.of(document, option, evaluation(option)), programme.map(ProgrammeReader::read));
    }

    private <T> T of(int option, Function<OptionEvaluation, T> answer) {
        OptionEvaluation figures = evaluation(option);
        try {
            return answer.apply(figures);
        } catch (CaseException e) {
            throw e.within(Field.entry(Field.OPTIONS, option));
        }
    }

    private Attempt<OptionEvaluation> attempt(int option) {
        return evaluated.computeIfAbsent(
                option,
                i -> options.get(i)
                        .then(
                                Field.entry(Field.OPTIONS, i),
                                read -> CaseEvaluator.evaluate(read.option(), read.assumptions())));
    }
}
