package app.impendium.server.evaluation;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.OptionWorkings;
import app.impendium.core.afford.Household;
import app.impendium.core.afford.LimitSet;
import app.impendium.core.finding.CaseException;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.document.ProgrammeDocument;
import app.impendium.server.evaluation.CaseReader.Attempt;
import java.util.List;

/**
 * What the screens are told of a case, for whatever else tells of it. Options are counted from 0. All throw a
 * {@link CaseException} if what is asked about has no answer.
 */
public final class CaseAnswers {
    private CaseAnswers() {}

    /** The document itself, once what it says beside its options has a meaning and its title can be shown. */
    public static CaseDocument checked(CaseDocument document) {
        CaseReader.attempts(document, (option, assumptions) -> option);
        return document;
    }

    /** The figures of one option. */
    public static OptionView option(CaseDocument document, int option) {
        return DocumentEvaluator.ofOption(document, option, OptionView::of);
    }

    /** One option as the core tells of it, for whatever goes on from its rules. */
    public static OptionEvaluation evaluation(CaseDocument document, int option) {
        return DocumentEvaluator.ofOption(document, option, figures -> figures);
    }

    /** Every payment of one option. */
    public static ScheduleView schedule(CaseDocument document, int option) {
        return DocumentEvaluator.ofOption(document, option, figures -> ScheduleView.of(figures.life()));
    }

    /** How the figures of one option are calculated. */
    public static List<WorkingView> workings(CaseDocument document, int option) {
        return DocumentEvaluator.ofOption(
                document, option, figures -> WorkingView.all(new OptionWorkings(figures).whole()));
    }

    /** The options beside one another; one without figures is told. */
    public static ComparisonView comparison(CaseDocument document) {
        return ComparedCase.of(document).view();
    }

    /** What a limit set says of one option; rates on offer are left aside. */
    public static SetView affordability(CaseDocument document, int option, LimitSetDocument set) {
        LimitSet limits = LimitSetReader.read(set);
        OptionEvaluation asked = Attempt.madeOf(CaseReader.attempts(document, CaseEvaluator::evaluate), option);
        Household household = HouseholdReader.read(document);
        return SetView.of(
                Solvers.of(asked, household, List.of(limits)).get(0),
                household,
                PresentHousing.of(document, asked.option()),
                List.of());
    }

    /** What counts of what people earn. */
    public static HouseholdView household(CaseDocument document) {
        return HouseholdView.of(HouseholdReader.read(document));
    }

    /** Whether the rent of a let home carries the loan of one option; rates on offer are left aside. */
    public static LettingView letting(CaseDocument document, int option, List<ProgrammeDocument> programmes) {
        return LettingView.of(
                LettingCase.of(document, option), ProgrammeReader.all("programmes", programmes), 0, List.of());
    }
}
