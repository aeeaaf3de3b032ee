package app.impendium.core.target;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.finding.CaseException;
import app.impendium.core.solve.Boundary;
import app.impendium.core.target.TargetAnswer.Reason;
import app.impendium.core.working.Quantity;
import java.util.Comparator;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.LongPredicate;
import java.util.stream.LongStream;

/**
 * The search along one lever. The steps at which the loan has figures lie around the one where the option stands: from
 * there both ends of that range are found by halving, and between them the step at which the target begins or ceases to be
 * met. Where it is missed at both ends and where the option stands, the step between that misses it least is looked for.
 * That takes at most three halvings of a billion steps and some looks, whatever the loan.
 */
final class LeverSearch {
    private static final int MOST_LOOKS = 14;

    private final Target target;
    private final LoanOption option;
    private final Lever lever;
    private final Map<Long, Optional<OptionEvaluation>> evaluated = new HashMap<>();

    LeverSearch(Target target, LoanOption option, Lever lever) {
        this.target = target;
        this.option = option;
        this.lever = lever;
    }

    /** How many evaluations the search has taken so far. */
    int evaluations() {
        return evaluated.size();
    }

    TargetAnswer answer() {
        OptionalLong start = start();
        if (start.isEmpty()) {
            return none(Reason.NO_FIGURES);
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

    private TargetAnswer between(long least, long start, long most) {
        boolean leastMeets = meets(least);
        boolean mostMeets = meets(most);
        if (leastMeets && mostMeets) {
            return atTheEnd(least, most);
        }
        if (leastMeets) {
            return found(largest(least, most, this::meets), true);
        }
        if (mostMeets && lever.isAimedAt()) {
            return found(smallest(least, most, this::meets), false);
        }
        long between = meets(start) ? start : leastExcess(least, most);
        if (meets(between)) {
            // Too little and too much both miss it: the better of the two limits counts.
            return lever.isBestAtLargest(target)
                    ? found(largest(between, most, this::meets), true)
                    : found(smallest(least, between, this::meets), false);
        }
        return new TargetAnswer.None(lever, Reason.NEVER_MET, Optional.of(nearest(least, start, between, most)));
    }

    /** Met wherever the loan has figures: the limit is where they end, if they end within the lever's range. */
    private TargetAnswer atTheEnd(long least, long most) {
        boolean toLargest = lever.isBestAtLargest(target);
        boolean isOpen = toLargest ? most >= lever.most(option) : least <= lever.least(option);
        return isOpen ? none(Reason.ALWAYS_MET) : found(toLargest ? most : least, toLargest);
    }

    private TargetAnswer.None none(Reason because) {
        return new TargetAnswer.None(lever, because, Optional.empty());
    }

    private TargetAnswer.Found found(long step, boolean isLargest) {
        long further = isLargest ? step + 1 : step - 1;
        OptionEvaluation figures = figures(step).orElseThrow();
        return new TargetAnswer.Found(
                lever,
                lever.value(option, step),
                isLargest,
                figures,
                target.reached(figures, lever.monthlyExtra(option, step)),
                figures(further).map(beyond -> target.reached(beyond, lever.monthlyExtra(option, further))));
    }

    /** The step between two at which the target is missed least, if what it is missed by falls and then rises. */
    private long leastExcess(long least, long most) {
        long low = least;
        long high = most;
        for (int look = 0; look < MOST_LOOKS && high - low > 2; look++) {
            long third = (high - low) / 3;
            if (excess(low + third) <= excess(high - third)) {
                high -= third;
            } else {
                low += third;
            }
        }
        return LongStream.rangeClosed(low, Math.min(high, low + 2))
                .boxed()
                .min(Comparator.comparingLong(this::excess))
                .orElseThrow();
    }

    private long excess(long step) {
        return figures(step)
                .map(found -> target.excess(found, lever.monthlyExtra(option, step)))
                .orElse(Long.MAX_VALUE);
    }

    private Quantity nearest(long... steps) {
        long nearest = LongStream.of(steps)
                .boxed()
                .min(Comparator.comparingLong(this::excess))
                .orElseThrow();
        return target.reached(figures(nearest).orElseThrow(), lever.monthlyExtra(option, nearest));
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
                .filter(figures -> target.isMetBy(figures, lever.monthlyExtra(option, step)))
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
