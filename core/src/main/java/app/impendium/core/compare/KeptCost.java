package app.impendium.core.compare;

import app.impendium.core.money.Money;

/**
 * What an option costs in all if it is kept for m months: cash to close, everything paid by then, and what is owed then.
 * Where home costs count, m times their monthly sum is added. Under a {@link Worth} each flow counts for what it is worth on
 * the day the loan is paid out; the sum is exact and rounded once, half a cent up. Immutable.
 */
public final class KeptCost {
    private final long[] cents;

    private KeptCost(long[] cents) {
        this.cents = cents;
    }

    /**
     * The cost of an option for each length of stay.
     *
     * @param months the longest stay; from 0
     * @param homeCosts what the home costs a month besides, zero where it does not count
     */
    static KeptCost of(MoneyMoved moved, Worth worth, int months, Money homeCosts) {
        return new KeptCost(
                worth.isNominal()
                        ? nominal(moved, months, homeCosts)
                        : new PresentWorth(moved, worth, homeCosts).upTo(months));
    }

    /** The cost if it is kept for so many months; 0 is the day on which the loan is paid out. */
    public Money after(int month) {
        return Money.ofCents(cents[month]);
    }

    /** The same in whole cents, for those who look through many months. */
    public long centsAfter(int month) {
        return cents[month];
    }

    /** Without discounting, each cost is a sum of running totals. */
    private static long[] nominal(MoneyMoved moved, int months, Money homeCosts) {
        long[] costs = new long[months + 1];
        for (int month = 0; month <= months; month++) {
            costs[month] = moved.costCents(month, homeCosts.cents());
        }
        return costs;
    }
}
