package app.impendium.core.solve;

import java.util.OptionalLong;
import java.util.function.LongPredicate;

/**
 * Finds where a condition on whole numbers (cents, payments, millionths of a percent) changes, by halving. The answer is
 * a fact and no approximation: it fits, and one step further does not. It is the last number that was found to fit.
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
        return fits.test(least) ? OptionalLong.of(between(least, most + 1, fits)) : OptionalLong.empty();
    }

    /**
     * The largest number that fits, as {@link #largest}, looked for outwards from a guess: a good one takes a few looks.
     *
     * @param guess where to begin, between the two
     */
    public static OptionalLong largestNear(long guess, long least, long most, LongPredicate fits) {
        boolean upwards = fits.test(guess);
        long nearer = guess;
        while (true) {
            // As far again as from the guess: a guess that is off by one costs one look more.
            long reach = Math.max(1, Math.abs(nearer - guess));
            long further = Math.max(least, Math.min(most, upwards ? nearer + reach : nearer - reach));
            if (further == nearer) {
                return upwards ? OptionalLong.of(most) : OptionalLong.empty();
            }
            if (fits.test(further) != upwards) {
                return OptionalLong.of(upwards ? between(nearer, further, fits) : between(further, nearer, fits));
            }
            nearer = further;
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

    /** The largest number that fits, between one that is known to fit and one that is known not to. */
    private static long between(long fits, long fitsNot, LongPredicate test) {
        long fitting = fits;
        long above = fitsNot;
        while (above - fitting > 1) {
            long middle = fitting + (above - fitting) / 2;
            if (test.test(middle)) {
                fitting = middle;
            } else {
                above = middle;
            }
        }
        return fitting;
    }
}
