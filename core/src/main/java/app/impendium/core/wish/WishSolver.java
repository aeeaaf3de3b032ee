package app.impendium.core.wish;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.finding.CaseException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Solves a wish by each lever alone. Every answer is sharp: it meets the wish, and one step more (a unit of the currency,
 * a thousandth of a percent, a month) does not. Total interest moves by some cents with the rounding of the payment, so
 * that further steps may by chance keep to it again.
 */
public final class WishSolver {
    private WishSolver() {}

    /**
     * What each lever that the option has can do for the wish.
     *
     * @throws CaseException if the option as it stands has no figures
     */
    public static List<WishAnswer> solve(Wish wish, LoanOption option) {
        CaseEvaluator.evaluate(option);
        return Arrays.stream(Lever.values())
                .filter(lever -> lever.appliesTo(option))
                .map(lever -> new LeverSearch(wish, option, lever).answer())
                .toList();
    }

    /**
     * What one lever can do for the wish; nothing where the option has no such lever.
     *
     * @throws CaseException if the option as it stands has no figures
     */
    public static Optional<WishAnswer> solve(Wish wish, LoanOption option, Lever lever) {
        CaseEvaluator.evaluate(option);
        return lever.appliesTo(option) ? Optional.of(new LeverSearch(wish, option, lever).answer()) : Optional.empty();
    }
}
