package app.impendium.server.document;

import app.impendium.server.document.Convention.Payer;
import java.math.BigDecimal;
import java.util.List;

/**
 * A temporary buydown.
 *
 * @param reductionsPercent what is taken off the rate in year 1, 2 and 3, in percentage points
 * @param paidBy who pays the subsidy in at closing
 */
public record BuydownDocument(List<BigDecimal> reductionsPercent, Payer paidBy) {}
