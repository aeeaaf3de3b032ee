package app.impendium.core.fit;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.afford.Allowance;
import app.impendium.core.afford.Assessment;
import app.impendium.core.afford.Household;
import app.impendium.core.afford.LimitSet;
import app.impendium.core.afford.Measure;
import app.impendium.core.afford.Reading;
import app.impendium.core.cost.DownPayment;
import app.impendium.core.cost.Financing;
import app.impendium.core.finding.CaseException;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.solve.Boundary;
import app.impendium.core.solve.Ranges;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.LongFunction;
import java.util.stream.Stream;

/**
 * What a household can borrow without a home in mind: the largest price in whole units of the currency that a limit set allows,
 * on the terms of an option, with as much paid down, in whole units too, as buys the most. Immutable.
 */
public final class Borrowing {
    private static final long UNIT = 100;
    private static final long PER_MILLE = 1000;
    private static final Money ONE = Money.ofCents(UNIT);
    private static final Money LEAST_LOAN = Money.ofCents(1000 * UNIT);

    private final LoanOption terms;
    private final Household household;
    private final LimitSet set;

    /**
     * @param terms rate, term, closing and housing costs that are taken for granted; its price and down payment are not
     */
    public Borrowing(LoanOption terms, Household household, LimitSet set) {
        this.terms = terms.atLevelPayment();
        this.household = household;
        this.set = set;
    }

    /**
     * The most that can be borrowed.
     *
     * @param loan as the lender looks at it
     */
    public record Most(Money price, Money down, QualifyingLoan loan) {}

    /**
     * The largest price over every down payment that the money allows after the other cash at closing, reserves counted in what is left;
     * of as much, with the least paid down. None where the set allows none, or the money does not cover the costs.
     */
    public Optional<Most> most() {
        Money free = household.funds().free();
        if (free.cents() < 0) {
            return Optional.empty();
        }
        Map<Long, At> known = new HashMap<>();
        LongFunction<At> at = down -> known.computeIfAbsent(down, units -> at(Money.ofCents(units * UNIT)));
        // Where the same tests apply and bind, and the money suffices or does not, more paid down buys ever more or
        // ever less: the best of each range is an end.
        return Ranges.of(0, free.cents() / UNIT, down -> at.apply(down).situation()).stream()
                .map(range -> best(range, down -> paidFor(at.apply(down))))
                .flatMap(Optional::stream)
                .max(Comparator.comparing(Most::price)
                        .thenComparing(Comparator.comparing(Most::down).reversed()));
    }

    /** The better end of a range, or as little down as buys as much. */
    private static Optional<Most> best(Ranges.Range in, LongFunction<Optional<Most>> at) {
        Optional<Most> ends = Stream.of(at.apply(in.from()), at.apply(in.to()))
                .flatMap(Optional::stream)
                .max(Comparator.comparing(Most::price));
        return ends.filter(most -> at.apply(in.to()).filter(most::equals).isPresent())
                .flatMap(most -> at.apply(Boundary.smallestNear(
                                in.to(),
                                in.from(),
                                in.to(),
                                down -> at.apply(down)
                                        .filter(less -> !most.price().isAbove(less.price()))
                                        .isPresent())
                        .orElse(in.to())))
                .or(() -> ends);
    }

    /**
     * What can be bought with so much paid down.
     *
     * @param most whatever closing then takes
     * @param solver that found it
     * @param situation what stays the same over a range of down payments
     */
    private record At(Optional<Most> most, Optional<FitSolver> solver, Optional<Situation> situation) {}

    /**
     * What decides how much can be bought.
     *
     * @param missed the tests that the least loan misses
     * @param standings of the least loan, of the largest and of one of a unit more
     * @param isPaidFor whether the money covers what closing takes
     */
    private record Situation(List<BitSet> missed, List<Standing> standings, boolean isPaidFor) {}

    /**
     * How a loan stands.
     *
     * @param applying the tests that apply to it
     * @param isInsured whether it asks for mortgage insurance
     */
    private record Standing(BitSet applying, boolean isInsured) {}

    private At at(Money down) {
        Optional<FitSolver> solver = solver(down);
        Optional<Most> most = solver.flatMap(there -> most(down, there.lever(FitLever.PRICE_KEEPING_AMOUNT)));
        return new At(most, solver, solver.map(there -> situation(there.allowance(), down, most)));
    }

    private Situation situation(Allowance allowance, Money down, Optional<Most> most) {
        List<QualifyingLoan> least = qualifying(down.plus(LEAST_LOAN), down).toList();
        Stream<QualifyingLoan> largest =
                most.stream().flatMap(found -> Stream.concat(Stream.of(found.loan()), atOneMore(found)));
        return new Situation(
                least.stream().map(allowance::missedBy).toList(),
                Stream.concat(least.stream(), largest)
                        .map(loan -> new Standing(allowance.applying(loan), loan.isInsured()))
                        .toList(),
                most.filter(found -> !isPaidFor(found.loan())).isEmpty());
    }

    private static Optional<Most> most(Money down, Optional<FitAnswer> answer) {
        return answer.filter(FitAnswer.Found.class::isInstance)
                .map(found -> new Most(found.loan().option().price(), down, found.loan()));
    }

    /** What the money pays for too: the costs at closing that are a share of the loan fall with it. */
    private Optional<Most> paidFor(At at) {
        return at.most().flatMap(most -> {
            if (isPaidFor(most.loan())) {
                return at.most();
            }
            long least = most.down().plus(LEAST_LOAN).cents() / UNIT;
            OptionalLong price = Boundary.largest(
                    least,
                    most.price().cents() / UNIT,
                    units ->
                            qualifying(Money.ofCents(units * UNIT), most.down()).anyMatch(this::isPaidFor));
            return price.isEmpty()
                    ? Optional.empty()
                    : most(
                            most.down(),
                            at.solver()
                                    .flatMap(solver -> solver.lever(FitLever.PRICE_KEEPING_AMOUNT, price.getAsLong())));
        });
    }

    private boolean isPaidFor(QualifyingLoan loan) {
        return loan.moneyLeft().cents() >= 0;
    }

    /** What the set allows with so much paid down; nothing where the terms have no figures then. */
    private Optional<FitSolver> solver(Money down) {
        try {
            // The option's own loan has figures where the option has: what is agreed of it may leave a small one
            // without any.
            LoanOption start = withPrice(down.plus(terms.financing().loanAmount()), down);
            return Optional.of(new FitSolver(new LoanVariants(CaseEvaluator.evaluate(start), household), set));
        } catch (CaseException noFigures) {
            return Optional.empty();
        }
    }

    /** The largest price with so much paid down, whatever closing then takes; none where the set allows none. */
    public Optional<Most> withDown(Money down) {
        return at(down).most();
    }

    /**
     * What keeps it from being more: the tests of the set that a price of a thousandth more misses. Where more paid down eases one
     * and tightens another, the most lies where they meet, and both decide.
     */
    public List<Measure> decidedBy(Most most) {
        Money more =
                Money.ofCents(most.price().cents() + Math.max(UNIT, most.price().cents() / PER_MILLE));
        return solver(most.down()).map(FitSolver::allowance).stream()
                .flatMap(allowance -> qualifying(more, most.down())
                        .flatMap(loan -> Assessment.of(allowance, loan).readings().stream()))
                .filter(reading -> !reading.isMet() && reading instanceof Reading.Measured)
                .map(reading -> reading.test().measure())
                .filter(Measure::followsTheLoan)
                .distinct()
                .toList();
    }

    /** The same for a unit more, unless that is above every price there is. */
    private Stream<QualifyingLoan> atOneMore(Most most) {
        return qualifying(most.price().plus(ONE), most.down());
    }

    private Stream<QualifyingLoan> qualifying(Money price, Money down) {
        try {
            return Stream.of(new QualifyingLoan(withPrice(price, down), set.stressed(), household.funds()));
        } catch (CaseException noSuchLoan) {
            return Stream.empty();
        }
    }

    private LoanOption withPrice(Money price, Money down) {
        return terms.withFinancing(new Financing.Purchase(price, new DownPayment.Amount(down), Optional.empty()));
    }

    /** The same at another rate. */
    public Borrowing at(AnnualRate rate) {
        return new Borrowing(terms.withRate(rate), household, set);
    }
}
