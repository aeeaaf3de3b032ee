package app.impendium.core.fit;

import app.impendium.core.afford.Allowance;
import app.impendium.core.afford.Allowance.Room;
import app.impendium.core.fit.CostAlong.Followed;
import app.impendium.core.solve.Boundary;
import app.impendium.core.solve.Ranges;
import java.math.BigDecimal;
import java.util.BitSet;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Stream;

/**
 * The search along one lever. An estimate leads to where the limits are reached, which is most often a step or two from the
 * answer; from there the boundary is found by asking exactly. Where loans have no figures on the way, or limits apply under
 * conditions, what fits need not be one range: the steps are then looked at by ranges in which the same tests apply, from the
 * best end on.
 */
final class FitSearch {
    private final Allowance allowance;
    private final FitLever lever;
    private final LoanVariants.Along loans;
    private final CostEstimate estimate;
    private final long least;
    private final long most;

    /** The last loan that was found to fit: that of the boundary, once it is found. */
    private QualifyingLoan fitting;

    /** The last loan that was looked at: a guess and the search that begins there look at the same. */
    private Optional<QualifyingLoan> looked;

    private long lookedAt;

    FitSearch(LoanVariants.Along loans, Allowance allowance) {
        this(loans, allowance, loans.most(allowance.set().longestTermYears()));
    }

    /**
     * @param most the last step that is looked at, not below the least
     */
    FitSearch(LoanVariants.Along loans, Allowance allowance, long most) {
        this.allowance = allowance;
        this.lever = loans.lever();
        this.loans = loans;
        this.estimate = loans.tested().estimate();
        this.least = loans.least();
        this.most = most;
    }

    FitAnswer answer() {
        boolean isOneRange = loans.haveFigures() && !allowance.isConditional();
        List<Ranges.Range> ranges = isOneRange ? List.of(new Ranges.Range(least, most)) : ranges();
        OptionalLong found = bestOf(ranges);
        if (found.isEmpty()) {
            return new FitAnswer.Short(lever, nearest());
        }
        QualifyingLoan best = fitting;
        Optional<BigDecimal> nearer =
                isOneRange || allowance.isMetBy(loans.tested().asItIs())
                        ? Optional.empty()
                        : nearer(ranges, found.getAsLong()).map(lever::value);
        return new FitAnswer.Found(lever, lever.value(found.getAsLong()), best, nearer);
    }

    /** The step that fits nearest to the option's own, where that is nearer than the best. */
    private Optional<Long> nearer(List<Ranges.Range> ranges, long best) {
        long own = loans.own();
        return ranges.stream()
                .flatMap(range -> Stream.of(OptionalLong.of(range.from()), bestIn(range), OptionalLong.of(range.to())))
                .flatMap(step -> step.stream().boxed())
                .filter(step -> Math.abs(step - own) < Math.abs(best - own))
                .filter(this::fits)
                .min(Comparator.comparing(step -> Math.abs(step - own)));
    }

    private OptionalLong bestOf(List<Ranges.Range> ranges) {
        for (Ranges.Range range : ranges) {
            OptionalLong best = bestIn(range);
            if (best.isPresent()) {
                return best;
            }
        }
        return OptionalLong.empty();
    }

    /** The best step of a range in which a step fits wherever a better one does. */
    private OptionalLong bestIn(Ranges.Range in) {
        long guess = Math.max(in.from(), Math.min(in.to(), guess()));
        return lever.isBestAtLargest()
                ? Boundary.largestNear(guess, in.from(), in.to(), this::fits)
                : Boundary.smallestNear(guess, in.from(), in.to(), this::fits);
    }

    /** The ranges in which the same tests apply, the best first. The option's own step parts two. */
    private List<Ranges.Range> ranges() {
        List<Ranges.Range> all = Ranges.partedAt(loans.own(), least, most, this::situation);
        if (lever.isBestAtLargest()) {
            Collections.reverse(all);
        }
        return all;
    }

    /** Which tests apply at a step; nothing where there is no such loan. */
    private Optional<BitSet> situation(long step) {
        return loan(step).map(allowance::applying);
    }

    private QualifyingLoan nearest() {
        return loan(lever.isBestAtLargest() ? least : most).orElseGet(loans.tested()::asItIs);
    }

    /** Where about the first limit is reached: by the tests that apply to the option as it is, then by those that apply there. */
    private long guess() {
        Room room = allowance.room(loans.tested().asItIs());
        long first = guess(room);
        if (!allowance.isConditional()) {
            return first;
        }
        return loan(first)
                .map(allowance::room)
                .filter(there -> !there.equals(room))
                .map(this::guess)
                .orElse(first);
    }

    private long guess(Room room) {
        if (room.housing().isEmpty() && room.loan().isEmpty()) {
            return Math.max(least, Math.min(most, loans.own()));
        }
        return Math.min(
                room.housing().isPresent() ? housingIs(room.housing().get().cents()) : most,
                room.loan().isPresent() ? reaching(room.loan().get().cents(), Followed.OWED) : most);
    }

    /** Where the housing cost comes to the room there is: insured or not as the option is, the other way, or where that changes. */
    private long housingIs(long allowed) {
        double room = allowed + estimate.roundedOff();
        boolean isInsured = estimate.isInsured(estimate.own());
        long alike = reaching(room, housing(isInsured));
        if (isInsuredAt(alike) == isInsured) {
            return alike;
        }
        long otherwise = reaching(room, housing(!isInsured));
        return isInsuredAt(otherwise) == isInsured ? reaching(0, Followed.BEYOND_UNINSURED) : otherwise;
    }

    private static Followed housing(boolean isInsured) {
        return isInsured ? Followed.INSURED_HOUSING : Followed.UNINSURED_HOUSING;
    }

    private boolean isInsuredAt(long step) {
        return estimate.isInsured(lever.estimated(estimate.own(), step));
    }

    private long reaching(double amount, Followed followed) {
        return loans.cost(followed).reaching(amount, least, most);
    }

    private boolean fits(long step) {
        Optional<QualifyingLoan> loan = loan(step).filter(allowance::isMetBy);
        fitting = loan.orElse(fitting);
        return loan.isPresent();
    }

    private Optional<QualifyingLoan> loan(long step) {
        if (looked == null || step != lookedAt) {
            lookedAt = step;
            looked = loans.at(step);
        }
        return looked;
    }
}
