package app.impendium.core.compare;

import app.impendium.core.money.Money;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What options cost for as long as each is kept, beside one another. The first is the baseline. What the home costs besides is
 * left out where it is the same for all. Immutable.
 */
public final class CostComparison {
    private final List<MoneyMoved> options;
    private final Worth worth;
    private final List<KeptCost> costs;
    private final int horizon;
    private final boolean homeCostsCount;
    private final List<CheapestRun> cheapest;

    private CostComparison(List<MoneyMoved> options, Worth worth, int atLeast) {
        this.options = List.copyOf(options);
        this.worth = worth;
        this.horizon = options.stream().mapToInt(MoneyMoved::lifeInMonths).max().orElseThrow();
        this.homeCostsCount =
                options.stream().map(MoneyMoved::monthlyHomeCosts).distinct().count() > 1;
        int months = Math.max(horizon, atLeast);
        this.costs = options.stream()
                .map(moved -> KeptCost.of(moved, worth, months, homeCostsCount ? moved.monthlyHomeCosts() : Money.ZERO))
                .toList();
        this.cheapest = CheapestRun.of(costs, horizon);
    }

    /**
     * The comparison of some options, at least one.
     *
     * @param atLeast how many months it reaches at least, where all loans end before
     */
    public static CostComparison of(List<MoneyMoved> options, Worth worth, int atLeast) {
        return new CostComparison(options, worth, atLeast);
    }

    /** The months of the longest option's life, rounded up. */
    public int horizonMonths() {
        return horizon;
    }

    /** Whether what the home costs besides differs between options, and so counts for all. */
    public boolean homeCostsCount() {
        return homeCostsCount;
    }

    /** What money counts for. */
    public Worth worth() {
        return worth;
    }

    /** What moves for an option, by its place from 0. */
    public MoneyMoved moved(int option) {
        return options.get(option);
    }

    /** What an option costs for each length of stay, by its place from 0. */
    public KeptCost cost(int option) {
        return costs.get(option);
    }

    /** Which option costs least for each length of stay up to the horizon: runs of months without gaps. */
    public List<CheapestRun> cheapest() {
        return cheapest;
    }

    /** The places of the options that cost least if they are kept for so many months; more than one where they tie. */
    public List<Integer> cheapestAfter(int month) {
        Money least = costs.get(CheapestRun.cheapestAfter(costs, month)).after(month);
        return IntStream.range(0, costs.size())
                .filter(option -> costs.get(option).after(month).equals(least))
                .boxed()
                .toList();
    }

    /** When an option is ahead of the baseline. */
    public Lead leadOverBaseline(int option) {
        return Lead.of(costs.get(option), costs.get(0), horizon);
    }
}
