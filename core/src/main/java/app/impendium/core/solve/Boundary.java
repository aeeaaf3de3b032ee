package app.impendium.core.solve;

import java.util.OptionalLong;
import java.util.function.LongPredicate;

/**
 * Finds where a condition on whole numbers (cents, payments, millionths of a percent) changes, by halving. The answer is
 * a fact and no approximation: it fits, and one step further does not.
 */
public final class Boundary {
    /** How much further each look goes while the boundary is not passed. */
    private static final int REACH_GROWTH = 8;

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

    /**
     * The largest number that fits, as {@link #largest}, looked for outwards from a guess: a good one takes a few looks.
     *
     * @param guess where to begin, between the two
     */
    public static OptionalLong largestNear(long guess, long least, long most, LongPredicate fits) {
        boolean upwards = fits.test(guess);
        long reach = 1;
        long nearer = guess;
        while (true) {
            long further = Math.max(least, Math.min(most, upwards ? nearer + reach : nearer - reach));
            if (further == nearer) {
                return upwards ? OptionalLong.of(most) : OptionalLong.empty();
            }
            if (fits.test(further) != upwards) {
                return upwards ? largest(nearer, further - 1, fits) : largest(further, nearer - 1, fits);
            }
            nearer = further;
            reach *= REACH_GROWTH;
        }
    }

    /** The smallest number that fits, as {@link #smallest}, looked for outwards from a guess. */
    public static OptionalLong smallestNear(long guess, long least, long most, LongPredicate fits) {
        OptionalLong mirrored = largestNear(-guess, -most, -least, number -> fits.test(-number));
        return mirrored.isPresent() ? OptionalLong.of(-mirrored.getAsLong()) : mirrored;
    }

    /** The smallest number that fits, where all from it on do and none below; empty where not even the most does. */
    public static OptionalLong smallest(long least, long most, LongPredicate fits) {
        OptionalLong mirrored = largest(-most, -least, number -> fits.test(-number));
        return mirrored.isPresent() ? OptionalLong.of(-mirrored.getAsLong()) : mirrored;
    }
}
