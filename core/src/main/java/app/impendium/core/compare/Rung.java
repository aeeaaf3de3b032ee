package app.impendium.core.compare;

import app.impendium.core.finding.Finding;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import java.util.List;

/** One rate of a {@link RateLadder}. */
public sealed interface Rung {

    AnnualRate rate();

    /**
     * A rate at which the loan has figures. Negative differences are cheaper.
     *
     * @param payment the regular payment
     * @param perPayment its difference to the payment that the ladder compares with
     * @param perYear that of a year's regular payments
     * @param wholeLoan what is paid in all, less what is paid at the loan's own rate
     */
    record Priced(AnnualRate rate, Money payment, Money perPayment, Money perYear, Money wholeLoan) implements Rung {}

    /**
     * A rate at which the loan has no figures.
     *
     * @param because why not
     */
    record Unpriced(AnnualRate rate, List<Finding> because) implements Rung {}
}
