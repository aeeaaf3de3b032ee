package app.impendium.server.evaluation;

import app.impendium.core.cost.BuydownTerms;
import java.math.BigDecimal;
import java.util.List;

/**
 * A temporary buydown.
 *
 * @param reductionsPercent what is taken off the rate in year 1, 2 and 3, in percentage points
 * @param payer who pays the subsidy in at closing
 */
public record BuydownDocument(List<BigDecimal> reductionsPercent, BuydownTerms.Payer payer) {}
