package app.impendium.core.fit;

import app.impendium.core.afford.Allowance;
import app.impendium.core.cost.MortgageInsurance;
import app.impendium.core.fit.CostEstimate.Point;
import app.impendium.core.money.Money;
import app.impendium.core.solve.Boundary;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.ToDoubleFunction;

/**
 * The search along one lever. An estimate leads to where the limits are reached, which is most often a step or two from the
 * answer; from there the boundary is found by asking exactly.
 */
final class FitSearch {
    private static final int MOST_LEAPS = 8;

    private final Allowance allowance;
    private final FitLever lever;
    private final LoanVariants.Along loans;
    private final CostEstimate estimate;
    private final long least;
    private final long most;

    FitSearch(LoanVariants.Along loans, Allowance allowance) {
        this.allowance = allowance;
        this.lever = loans.lever();
        this.loans = loans;
        this.estimate = loans.tested().estimate();
        this.least = loans.least();
        this.most = loans.most(allowance.set().longestTermYears());
    }

    FitAnswer answer() {
        OptionalLong found = lever.isBestAtLargest()
                ? Boundary.largestNear(guess(), least, most, this::fits)
                : Boundary.smallestNear(guess(), least, most, this::fits);
        long step = found.orElse(lever.isBestAtLargest() ? least : most);
        QualifyingLoan there = loan(step).orElseGet(loans.tested()::asItIs);
        return found.isPresent()
                ? new FitAnswer.Found(lever, lever.value(step), there)
                : new FitAnswer.Short(lever, there);
    }

    /** Where about the first limit is reached: by the tests that apply to the option as it is, then by those that apply there. */
    private long guess() {
        long first = guess(loans.tested().asItIs());
        return allowance.isConditional() ? loan(first).map(this::guess).orElse(first) : first;
    }

    private long guess(QualifyingLoan applying) {
        Optional<Money> housing = allowance.mostHousing(applying);
        Optional<Money> borrowed = allowance.mostLoan(applying);
        if (housing.isEmpty() && borrowed.isEmpty()) {
            return within(loans.own());
        }
        return Math.min(
                housing.isPresent() ? housingIs(housing.get().cents()) : most,
                borrowed.isPresent() ? owedIs(borrowed.get().cents()) : most);
    }

    private long owedIs(long room) {
        return crossing(at -> estimate.owed(at) - room);
    }

    /** Where the housing cost comes to the room there is: without insurance, with it, or where it begins. */
    private long housingIs(long allowed) {
        double room = allowed + estimate.roundedOff();
        long plain = crossing(at -> estimate.housing(at, false) - room);
        if (!estimate.isInsured(at(plain))) {
            return plain;
        }
        long insured = crossing(at -> estimate.housing(at, true) - room);
        return estimate.isInsured(at(insured)) ? insured : crossing(this::beyondUninsured);
    }

    private double beyondUninsured(Point at) {
        double value = at.price();
        return at.base() * 100 - value * MortgageInsurance.ON_REQUEST_PERCENT;
    }

    /** Where what exceeds a limit becomes nothing, by secants from where the option stands; an end where it never does. */
    private long crossing(ToDoubleFunction<Point> excess) {
        double from = within(loans.own());
        double before = excess.applyAsDouble(at(from));
        double to = within(Math.round(from + (before > 0 ? -1 : 1) * Math.max(1, from / 16)));
        for (int leap = 0; leap < MOST_LEAPS && to != from; leap++) {
            double there = excess.applyAsDouble(at(to));
            double slope = (there - before) / (to - from);
            if (slope == 0 || !Double.isFinite(slope)) {
                return there > 0 == lever.isBestAtLargest() ? least : most;
            }
            from = to;
            before = there;
            to = Math.max(least, Math.min(most, to - there / slope));
            if (Math.abs(to - from) < 0.1) {
                break;
            }
        }
        return within((long) (lever.isBestAtLargest() ? Math.floor(to) : Math.ceil(to)));
    }

    private Point at(double step) {
        return lever.estimated(estimate.own(), step);
    }

    private long within(long step) {
        return Math.max(least, Math.min(most, step));
    }

    private boolean fits(long step) {
        return loan(step).filter(allowance::isMetBy).isPresent();
    }

    private Optional<QualifyingLoan> loan(long step) {
        return loans.at(step);
    }
}
