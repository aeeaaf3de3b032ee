package app.impendium.core.wish;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.finding.CaseException;
import app.impendium.core.solve.Boundary;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.LongStream;

/**
 * Solves a wish by each lever alone. Every answer is sharp: it meets the wish, and one step more (a unit of the currency,
 * a thousandth of a percent, a month) does not. Total interest moves by some cents with the rounding of the payment, so
 * that further steps may by chance keep to it again.
 */
public final class WishSolver {
    /** Further from either end of a lever's range than this there is an answer, or there is none at all. */
    private static final int MOST_SKIPPED = 4000;

    private final Wish wish;
    private final LoanOption option;

    private WishSolver(Wish wish, LoanOption option) {
        this.wish = wish;
        this.option = option;
    }

    /** What each lever that the option has can do for the wish. */
    public static List<WishAnswer> solve(Wish wish, LoanOption option) {
        WishSolver solver = new WishSolver(wish, option);
        return Arrays.stream(Lever.values())
                .filter(lever -> lever.appliesTo(option))
                .map(solver::by)
                .toList();
    }

    /** What one lever can do for the wish; nothing where the option has no such lever. */
    public static Optional<WishAnswer> solve(Wish wish, LoanOption option, Lever lever) {
        return lever.appliesTo(option) ? Optional.of(new WishSolver(wish, option).by(lever)) : Optional.empty();
    }

    private WishAnswer by(Lever lever) {
        OptionalLong least = firstWithFigures(lever, LongStream.rangeClosed(lever.least(option), lever.most(option)));
        OptionalLong most = firstWithFigures(
                lever,
                LongStream.rangeClosed(-lever.most(option), -lever.least(option))
                        .map(step -> -step));
        if (least.isEmpty() || most.isEmpty()) {
            return new WishAnswer.None(lever, "the loan has no figures there.");
        }
        return within(lever, least.getAsLong(), most.getAsLong());
    }

    private WishAnswer within(Lever lever, long least, long most) {
        boolean leastMeets = meets(lever, least);
        boolean mostMeets = meets(lever, most);
        if (leastMeets && mostMeets) {
            return new WishAnswer.None(lever, "it is met whatever this is.");
        }
        if (!leastMeets && !mostMeets) {
            return new WishAnswer.None(lever, "the nearest comes to " + nearest(lever, least, most) + ".");
        }
        OptionalLong best = lever.isBestAtLargest(wish)
                ? Boundary.largest(least, most, step -> meets(lever, step))
                : Boundary.smallest(least, most, step -> meets(lever, step));
        if (best.isEmpty()) {
            return new WishAnswer.None(lever, "the nearest comes to " + nearest(lever, least, most) + ".");
        }
        return found(lever, best.getAsLong());
    }

    private WishAnswer.Found found(Lever lever, long step) {
        LoanOption applied = lever.applied(option, step);
        OptionEvaluation figures = CaseEvaluator.evaluate(applied);
        boolean isLargest = lever.isBestAtLargest(wish);
        long further = isLargest ? step + 1 : step - 1;
        return new WishAnswer.Found(
                lever,
                lever.value(option, step),
                isLargest,
                applied,
                figures,
                wish.reached(figures, lever.extraAMonth(option, step)),
                figures(lever, further).map(beyond -> wish.reached(beyond, lever.extraAMonth(option, further))));
    }

    private OptionalLong firstWithFigures(Lever lever, LongStream steps) {
        return steps.limit(MOST_SKIPPED)
                .filter(step -> figures(lever, step).isPresent())
                .findFirst();
    }

    private boolean meets(Lever lever, long step) {
        return figures(lever, step)
                .filter(figures -> wish.isMetBy(figures, lever.extraAMonth(option, step)))
                .isPresent();
    }

    private Optional<OptionEvaluation> figures(Lever lever, long step) {
        try {
            return Optional.of(CaseEvaluator.evaluate(lever.applied(option, step)));
        } catch (CaseException noFigures) {
            return Optional.empty();
        }
    }

    /** What the option comes to at the end of the range that the lever would have gone to. */
    private String nearest(Lever lever, long least, long most) {
        long end = lever.isBestAtLargest(wish) ? least : most;
        return figures(lever, end).map(wish::measure).orElseThrow();
    }
}
