package app.impendium.core.alternative;

import app.impendium.core.LoanOption;
import app.impendium.core.finding.Finding;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.pricing.RateOffer;
import java.util.List;

/** What a seller's credit can be used for. */
public sealed interface CreditWay {

    /**
     * Points for a lower rate.
     *
     * @param offer of the rate table
     * @param option with the rate, its points and the credit
     * @param cost of the points
     */
    record Points(RateOffer offer, LoanOption option, Money cost, Money unused) implements CreditWay {}

    /**
     * A temporary buydown.
     *
     * @param reductions what is taken off the rate in each year, in percentage points
     * @param cost of the subsidy
     */
    record Reduced(List<Percent> reductions, LoanOption option, Money cost, Money unused) implements CreditWay {}

    /** A lower price instead of a credit, with the same share down. */
    record LowerPrice(Money price, LoanOption option) implements CreditWay {}

    /**
     * A way that is not open.
     *
     * @param way which
     * @param because why not, with the nearest that works
     */
    record None(Kind way, List<Finding> because) implements CreditWay {}

    /** The ways by name. */
    enum Kind {
        POINTS,
        BUYDOWN,
        PRICE
    }
}
