package app.impendium.server.evaluation;

import app.impendium.core.OptionEvaluation;
import app.impendium.core.afford.Household;
import app.impendium.core.afford.LimitSet;
import app.impendium.core.fit.FitSolver;
import app.impendium.core.fit.LoanVariants;
import java.util.List;

/** Asks limit sets about an option. */
final class Solvers {
    private Solvers() {}

    /** A solver for each set, which share the loans that their levers lead to. */
    static List<FitSolver> of(OptionEvaluation option, Household household, List<LimitSet> sets) {
        LoanVariants variants = new LoanVariants(option, household);
        return sets.stream().map(set -> new FitSolver(variants, set)).toList();
    }
}
