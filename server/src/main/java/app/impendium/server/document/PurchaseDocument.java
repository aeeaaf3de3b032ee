package app.impendium.server.document;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.function.Function;

/**
 * A home bought with a down payment.
 *
 * @param priceCents the price, in whole cents
 * @param down the down payment, as an amount or in percent of the price
 * @param appraisalCents what an appraiser says the home is worth; absent before that
 * @param appraisalEstimate where that comes from, while it is an estimate
 */
public record PurchaseDocument(
        Long priceCents,
        AmountOrShare down,
        @Schema(nullable = true) Long appraisalCents,
        @Schema(nullable = true) EstimateDocument appraisalEstimate)
        implements FinancingDocument {
    static final String KIND = "PURCHASE";

    @Override
    public <T> T match(
            Function<PurchaseDocument, T> purchase,
            Function<LoanOnlyDocument, T> loanOnly,
            Function<RefinancingDocument, T> refinancing) {
        return purchase.apply(this);
    }
}
