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
                .map(solver::solve)
                .toList();
    }

    private WishAnswer solve(Lever lever) {
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
        OptionalLong best = lever.best(wish, new Search(lever, least, most));
        if (best.isEmpty()) {
            return new WishAnswer.None(lever, "the nearest comes to " + nearest(lever, least, most) + ".");
        }
        long step = best.getAsLong();
        return new WishAnswer.Found(
                lever, lever.value(option, step), figures(lever, step).orElseThrow());
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
        long end = lever.best(wish, new Ends(least, most)).orElseThrow();
        return figures(lever, end).map(wish::measure).orElseThrow();
    }

    private final class Search implements Lever.Range {
        private final Lever lever;
        private final long least;
        private final long most;

        Search(Lever lever, long least, long most) {
            this.lever = lever;
            this.least = least;
            this.most = most;
        }

        @Override
        public OptionalLong largest() {
            return Boundary.largest(least, most, step -> meets(lever, step));
        }

        @Override
        public OptionalLong smallest() {
            return Boundary.smallest(least, most, step -> meets(lever, step));
        }
    }

    /** The end of a range that is the last to fit when nothing in between does. */
    private record Ends(long least, long most) implements Lever.Range {
        @Override
        public OptionalLong largest() {
            return OptionalLong.of(least);
        }

        @Override
        public OptionalLong smallest() {
            return OptionalLong.of(most);
        }
    }
}
