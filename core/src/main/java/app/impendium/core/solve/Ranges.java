package app.impendium.core.solve;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalLong;
import java.util.function.LongFunction;

/** Parts whole numbers into ranges within which something stays the same, each boundary found by halving. */
public final class Ranges {
    /** More changes than any question has; what comes after is one range. */
    private static final int MOST = 24;

    private Ranges() {}

    /**
     * Numbers between which nothing changes.
     *
     * @param from the first, counted
     * @param to the last, counted
     */
    public record Range(long from, long to) {}

    /**
     * The ranges from one number to another, in order; none where there are no numbers between.
     *
     * @param least the first, counted
     * @param most the last, counted
     * @param what is to stay the same; what has changed is not back before the last number
     */
    public static List<Range> of(long least, long most, LongFunction<?> what) {
        List<Range> ranges = new ArrayList<>();
        long from = least;
        while (from <= most) {
            long to = ranges.size() + 1 < MOST ? lastLike(from, most, what) : most;
            ranges.add(new Range(from, to));
            from = to + 1;
        }
        return ranges;
    }

    /**
     * The ranges from one number to another, in order, of which each lies on one side of a number: what is the same below and above
     * it may differ in between.
     *
     * @param at the last number of the ranges below
     */
    public static List<Range> partedAt(long at, long least, long most, LongFunction<?> what) {
        long last = Math.max(least, Math.min(most, at));
        List<Range> ranges = new ArrayList<>(of(least, last, what));
        ranges.addAll(of(last + 1, most, what));
        return ranges;
    }

    private static long lastLike(long from, long most, LongFunction<?> what) {
        Object here = what.apply(from);
        if (what.apply(most).equals(here)) {
            return most;
        }
        OptionalLong last =
                Boundary.largest(from, most, number -> what.apply(number).equals(here));
        return last.orElse(from);
    }
}
