package app.impendium.server.evaluation;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.afford.Household;
import app.impendium.core.finding.CaseException;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.evaluation.CaseReader.Attempt;
import java.util.List;
import java.util.Optional;

/**
 * How many limit sets a case keeps to with its first option.
 *
 * @param sets how many it was held against
 * @param met how many of them it keeps to
 */
public record LimitsMet(int sets, int met) {

    /**
     * What sets say of a case.
     *
     * @return none where nobody earns anything yet, or no answer can be given
     */
    public static Optional<LimitsMet> of(CaseDocument document, List<LimitSetDocument> sets) {
        if (sets.isEmpty() || document.household().incomes().isEmpty()) {
            return Optional.empty();
        }
        try {
            OptionEvaluation asked = Attempt.madeOf(CaseReader.attempts(document, CaseEvaluator::evaluate), 0);
            Household household = HouseholdReader.read(document);
            long met = Solvers.of(asked, household, LimitSetReader.all("sets", sets)).stream()
                    .filter(solver -> solver.assessment().isMet())
                    .count();
            return Optional.of(new LimitsMet(sets.size(), (int) met));
        } catch (CaseException e) {
            // A household that cannot be read yet: its own page says what is missing.
            return Optional.empty();
        }
    }
}
