package app.impendium.core.compare;

import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;

/** One rate of a {@link RateLadder}. */
public sealed interface Rung {

    AnnualRate rate();

    /**
     * A rate at which the loan has figures. Negative differences are cheaper.
     *
     * @param payment the regular payment
     * @param perPayment its difference to the payment that the ladder compares with
     * @param perYear that of a year's regular payments
     * @param overTheLife what is paid in all, less what is paid at the loan's own rate
     */
    record Priced(AnnualRate rate, Money payment, Money perPayment, Money perYear, Money overTheLife) implements Rung {}

    /**
     * A rate at which the loan has no figures.
     *
     * @param because why not, as a sentence for the user
     */
    record Unpriced(AnnualRate rate, String because) implements Rung {}
}
