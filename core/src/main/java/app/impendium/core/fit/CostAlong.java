package app.impendium.core.fit;

import app.impendium.core.fit.CostEstimate.Point;
import java.util.function.ToDoubleBiFunction;

/** What the estimate says along one lever. Where each search begins is looked at once. */
final class CostAlong {
    private static final int MOST_LEAPS = 8;

    /** A leap by less than this share of where it leads to is the last: the next would be by far less than a step. */
    private static final double LAST_LEAP = 0.002;

    /** How far from there the second look is: so many parts of the way from nothing. */
    private static final int PARTS = 16;

    /** What is followed; amounts in cents. */
    enum Followed {
        UNINSURED_HOUSING((estimate, at) -> estimate.housing(at, false)),
        INSURED_HOUSING((estimate, at) -> estimate.housing(at, true)),
        OWED(CostEstimate::owed),
        /** By how much the loan is above the largest that needs no insurance, times a hundred. */
        BEYOND_UNINSURED(CostEstimate::beyondUninsured);

        private final ToDoubleBiFunction<CostEstimate, Point> cost;

        Followed(ToDoubleBiFunction<CostEstimate, Point> cost) {
            this.cost = cost;
        }
    }

    private final CostEstimate estimate;
    private final FitLever lever;
    private final Followed followed;
    private final double start;
    private final double near;
    private final double atStart;
    private final double atNear;

    /**
     * @param own the step at or just below which the option stands: where every search begins
     */
    CostAlong(CostEstimate estimate, FitLever lever, Followed followed, long own) {
        this.estimate = estimate;
        this.lever = lever;
        this.followed = followed;
        this.start = own;
        this.near = own + Math.max(1, own / PARTS);
        this.atStart = at(start);
        this.atNear = at(near);
    }

    /** The step, of those from {@code least} to {@code most}, at which it comes to an amount, by secants; an end where it never does. */
    long reaching(double amount, long least, long most) {
        double from = start;
        double before = atStart - amount;
        double to = near;
        double there = atNear - amount;
        for (int leap = 0; leap < MOST_LEAPS; leap++) {
            double slope = (there - before) / (to - from);
            if (slope == 0 || !Double.isFinite(slope)) {
                return there > 0 == lever.isBestAtLargest() ? least : most;
            }
            from = to;
            before = there;
            to = Math.max(least, Math.min(most, to - there / slope));
            if (Math.abs(to - from) <= to * LAST_LEAP) {
                break;
            }
            there = at(to) - amount;
        }
        return (long) (lever.isBestAtLargest() ? Math.floor(to) : Math.ceil(to));
    }

    private double at(double step) {
        return followed.cost.applyAsDouble(estimate, lever.estimated(estimate.own(), step));
    }
}
