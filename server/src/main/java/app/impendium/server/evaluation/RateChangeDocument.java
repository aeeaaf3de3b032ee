package app.impendium.server.evaluation;

import java.math.BigDecimal;

/**
 * Another rate from a payment on.
 *
 * @param fromPayment the first payment whose interest has the new rate
 * @param ratePercent the new nominal yearly rate, in percent
 */
public record RateChangeDocument(Integer fromPayment, BigDecimal ratePercent) {}
