package app.impendium.core.loan;

import app.impendium.core.rate.AnnualRate;

/**
 * Another rate from a payment on; the payment is computed anew on the balance for the payments left.
 *
 * @param fromPayment the first payment whose interest has the new rate, from 2
 * @param rate the new yearly rate, under the loan's conventions
 */
public record RateChange(int fromPayment, AnnualRate rate) {}
