package app.impendium.server.evaluation;

import app.impendium.core.cost.Buydown;
import app.impendium.core.money.Money;
import java.util.List;

/**
 * A temporary buydown, in whole cents.
 *
 * @param paymentCentsByYear what the client pays in each reduced year, and after them
 * @param subsidyCents what is paid in at closing
 */
public record BuydownView(List<Long> paymentCentsByYear, long subsidyCents) {
    static BuydownView of(Buydown buydown) {
        return new BuydownView(
                buydown.paymentByYear().stream().map(Money::cents).toList(),
                buydown.subsidy().cents());
    }
}
