package app.impendium.core.solve;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalLong;
import java.util.function.LongFunction;

/** Parts whole numbers into stretches within which something stays the same, each boundary found by halving. */
public final class Stretches {
    /** More changes than any question has; what comes after is one stretch. */
    private static final int MOST = 24;

    private Stretches() {}

    /**
     * Numbers between which nothing changes.
     *
     * @param from the first, counted
     * @param to the last, counted
     */
    public record Stretch(long from, long to) {}

    /**
     * The stretches from one number to another, in order; none where there are no numbers between.
     *
     * @param least the first, counted
     * @param most the last, counted
     * @param what is to stay the same; what has changed is not back before the last number
     */
    public static List<Stretch> of(long least, long most, LongFunction<?> what) {
        List<Stretch> stretches = new ArrayList<>();
        long from = least;
        while (from <= most) {
            long to = stretches.size() + 1 < MOST ? lastLike(from, most, what) : most;
            stretches.add(new Stretch(from, to));
            from = to + 1;
        }
        return stretches;
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
