package app.impendium.core.loan;

import app.impendium.core.rate.PeriodicRate;

/**
 * Another rate from a payment on; the payment is recalculated on the balance for the payments left.
 *
 * @param fromPayment the first payment whose interest has the new rate, from 2
 * @param rate the new rate, under the loan's conventions
 */
public record RateChange(int fromPayment, PeriodicRate rate) {}
