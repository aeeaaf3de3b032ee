package app.impendium.core.solve;

import java.util.OptionalLong;
import java.util.function.LongPredicate;

/**
 * Finds where a condition on whole numbers (cents, payments, millionths of a percent) changes, by halving. The answer is
 * a fact and no approximation: it fits, and one step further does not.
 */
public final class Boundary {
    private Boundary() {}

    /**
     * The largest number that fits, where all up to it do and none above; empty where not even the least does.
     *
     * @param least the smallest number asked about
     * @param most the largest, counted
     */
    public static OptionalLong largest(long least, long most, LongPredicate fits) {
        if (!fits.test(least)) {
            return OptionalLong.empty();
        }
        long fitting = least;
        long above = most + 1;
        while (above - fitting > 1) {
            long middle = fitting + (above - fitting) / 2;
            if (fits.test(middle)) {
                fitting = middle;
            } else {
                above = middle;
            }
        }
        return OptionalLong.of(fitting);
    }

    /** The smallest number that fits, where all from it on do and none below; empty where not even the most does. */
    public static OptionalLong smallest(long least, long most, LongPredicate fits) {
        OptionalLong mirrored = largest(-most, -least, number -> fits.test(-number));
        return mirrored.isPresent() ? OptionalLong.of(-mirrored.getAsLong()) : mirrored;
    }
}
