package app.impendium.core.afford;

import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.PeriodicRate;
import java.math.BigDecimal;

/**
 * The rate at which a lender tests a loan instead of its own: so much above it, and at least the floor. Immutable.
 *
 * @param added to the loan's own rate, in percentage points
 * @param floor the least rate that is tested
 */
public record StressedRate(Percent added, AnnualRate floor) {
    /** No other rate than the loan's own. */
    public static final StressedRate NONE = new StressedRate(Percent.ZERO, AnnualRate.ofPercent("0"));

    /** The rate for a loan at {@code own}; never above the highest rate there is. */
    public AnnualRate of(AnnualRate own) {
        BigDecimal raised = own.percent().value().add(added.value());
        BigDecimal tested = raised.max(floor.percent().value()).min(AnnualRate.HIGHEST);
        return tested.compareTo(own.percent().value()) == 0 ? own : AnnualRate.ofPercent(tested);
    }

    /** The same for a rate per payment, under its conventions. */
    public PeriodicRate of(PeriodicRate own) {
        AnnualRate tested = of(own.annual());
        return tested.equals(own.annual()) ? own : own.withAnnual(tested);
    }
}
