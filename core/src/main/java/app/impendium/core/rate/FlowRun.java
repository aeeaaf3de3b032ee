package app.impendium.core.rate;

import app.impendium.core.money.Money;

/**
 * Equal amounts of money that move one unit-period apart.
 *
 * @param amount of each, advanced to the client or paid by them
 * @param first when the first moves
 * @param times how many there are, at least 1
 */
public record FlowRun(Money amount, UnitPeriods first, int times) {

    /** A single amount. */
    public static FlowRun once(Money amount, UnitPeriods time) {
        return new FlowRun(amount, time, 1);
    }

    Money sum() {
        return amount.times(times);
    }

    boolean isAtStart() {
        return times == 1 && first.equals(UnitPeriods.whole(0));
    }
}
