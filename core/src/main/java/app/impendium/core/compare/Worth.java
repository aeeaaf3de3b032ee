package app.impendium.core.compare;

import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;

/**
 * What money counts for when costs are compared. Both are named assumptions. Immutable.
 *
 * @param discount the annual rate at which later money is worth less today; 0 % counts money the same whenever it is paid
 * @param taxRelief the share of each payment's interest that comes back as tax relief; 0 % for none
 */
public record Worth(AnnualRate discount, Percent taxRelief) {

    /** Money as it is paid. */
    public static final Worth NOMINAL = new Worth(AnnualRate.ofPercent("0"), Percent.ZERO);

    /** Whether every amount counts as it is paid. */
    public boolean isNominal() {
        return discount.isZero() && !taxRelief.isPositive();
    }
}
