package app.impendium.core.target;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.finding.CaseException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Solves a target by each lever alone. Every answer is sharp: it meets the target, and one step more (a unit of the currency,
 * a thousandth of a percent, a month) does not. Total interest moves by some cents with the rounding of the payment, so
 * that further steps may by chance keep to it again.
 */
public final class TargetSolver {
    private TargetSolver() {}

    /**
     * What each lever that the option has can do for the target.
     *
     * @throws CaseException if the option as it stands has no figures
     */
    public static List<TargetAnswer> solve(Target target, LoanOption option) {
        CaseEvaluator.evaluate(option);
        return Arrays.stream(Lever.values())
                .filter(lever -> lever.appliesTo(option))
                .map(lever -> new LeverSearch(target, option, lever).answer())
                .toList();
    }

    /**
     * What one lever can do for the target; nothing where the option has no such lever.
     *
     * @throws CaseException if the option as it stands has no figures
     */
    public static Optional<TargetAnswer> solve(Target target, LoanOption option, Lever lever) {
        CaseEvaluator.evaluate(option);
        return lever.appliesTo(option)
                ? Optional.of(new LeverSearch(target, option, lever).answer())
                : Optional.empty();
    }
}
