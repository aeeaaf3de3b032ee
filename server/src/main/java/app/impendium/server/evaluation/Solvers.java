package app.impendium.server.evaluation;

import app.impendium.core.LoanOption;
import app.impendium.core.afford.Household;
import app.impendium.core.afford.LimitSet;
import app.impendium.core.fit.FitSolver;
import app.impendium.core.fit.LoanVariants;
import app.impendium.core.loan.RunningDebt;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Asks limit sets about an option. */
final class Solvers {
    private Solvers() {}

    /** A solver for each set, which share the loans that their levers lead to. */
    static List<FitSolver> of(LoanOption option, Household household, List<LimitSet> sets) {
        LoanVariants variants = new LoanVariants(option, household.funds());
        Set<String> paidOff =
                option.debtsPaidOff().stream().map(RunningDebt::id).collect(Collectors.toSet());
        return sets.stream()
                .map(set -> new FitSolver(variants, household, set, paidOff))
                .toList();
    }
}
