package app.impendium.core.wish;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.finding.CaseException;
import app.impendium.core.solve.Boundary;
import java.util.Comparator;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.LongPredicate;
import java.util.stream.LongStream;

/**
 * The search along one lever. The steps at which the loan has figures lie around the one where the option stands: from
 * there both ends of that range are found by halving, and between them the step at which the wish begins or ceases to be
 * met. That takes at most three halvings of a billion steps, whatever the loan.
 */
final class LeverSearch {
    private final Wish wish;
    private final LoanOption option;
    private final Lever lever;
    private final Map<Long, Optional<OptionEvaluation>> evaluated = new HashMap<>();

    LeverSearch(Wish wish, LoanOption option, Lever lever) {
        this.wish = wish;
        this.option = option;
        this.lever = lever;
    }

    /** How many evaluations the search has taken so far. */
    int evaluations() {
        return evaluated.size();
    }

    WishAnswer answer() {
        OptionalLong start = start();
        if (start.isEmpty()) {
            return new WishAnswer.None(lever, "the loan has no figures there.");
        }
        return between(
                smallest(Math.min(lever.least(option), start.getAsLong()), start.getAsLong(), this::hasFigures),
                start.getAsLong(),
                largest(start.getAsLong(), Math.max(lever.most(option), start.getAsLong()), this::hasFigures));
    }

    /** The step where the option stands. Where it lies between two steps, one of them may have no figures. */
    private OptionalLong start() {
        long own = lever.own(option);
        return LongStream.of(own, own + 1).filter(this::hasFigures).findFirst();
    }

    private WishAnswer between(long least, long start, long most) {
        boolean leastMeets = meets(least);
        boolean mostMeets = meets(most);
        if (leastMeets && mostMeets) {
            return atTheEnd(least, most);
        }
        if (leastMeets) {
            return found(largest(least, most, this::meets), true);
        }
        if (mostMeets) {
            return found(smallest(least, most, this::meets), false);
        }
        if (meets(start)) {
            // Too little and too much both miss it: the better of the two limits counts.
            return lever.isBestAtLargest(wish)
                    ? found(largest(start, most, this::meets), true)
                    : found(smallest(least, start, this::meets), false);
        }
        return new WishAnswer.None(lever, "the nearest comes to " + nearest(least, start, most) + ".");
    }

    /** Met wherever the loan has figures: the limit is where they end, if they end within the lever's range. */
    private WishAnswer atTheEnd(long least, long most) {
        boolean toLargest = lever.isBestAtLargest(wish);
        boolean isOpen = toLargest ? most >= lever.most(option) : least <= lever.least(option);
        return isOpen
                ? new WishAnswer.None(lever, "it is met whatever this is.")
                : found(toLargest ? most : least, toLargest);
    }

    private WishAnswer.Found found(long step, boolean isLargest) {
        long further = isLargest ? step + 1 : step - 1;
        OptionEvaluation figures = figures(step).orElseThrow();
        return new WishAnswer.Found(
                lever,
                lever.value(option, step),
                isLargest,
                lever.applied(option, step),
                figures,
                wish.reached(figures, lever.extraAMonth(option, step)),
                figures(further).map(beyond -> wish.reached(beyond, lever.extraAMonth(option, further))));
    }

    private String nearest(long... steps) {
        long nearest = LongStream.of(steps)
                .boxed()
                .min(Comparator.comparingLong(
                        step -> wish.excess(figures(step).orElseThrow(), lever.extraAMonth(option, step))))
                .orElseThrow();
        return wish.measure(figures(nearest).orElseThrow(), lever.extraAMonth(option, nearest));
    }

    /** The largest step that fits, where the least does. Most often all do, which one look at the end tells. */
    private static long largest(long least, long most, LongPredicate fits) {
        return fits.test(most) ? most : Boundary.largest(least, most, fits).orElseThrow();
    }

    /** The smallest step that fits, where the most does. */
    private static long smallest(long least, long most, LongPredicate fits) {
        return fits.test(least) ? least : Boundary.smallest(least, most, fits).orElseThrow();
    }

    private boolean meets(long step) {
        return figures(step)
                .filter(figures -> wish.isMetBy(figures, lever.extraAMonth(option, step)))
                .isPresent();
    }

    private boolean hasFigures(long step) {
        return figures(step).isPresent();
    }

    private Optional<OptionEvaluation> figures(long step) {
        return evaluated.computeIfAbsent(step, this::evaluate);
    }

    private Optional<OptionEvaluation> evaluate(long step) {
        try {
            return Optional.of(CaseEvaluator.evaluate(lever.applied(option, step)));
        } catch (CaseException noFigures) {
            return Optional.empty();
        }
    }
}
