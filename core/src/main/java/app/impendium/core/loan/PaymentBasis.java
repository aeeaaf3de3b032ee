package app.impendium.core.loan;

import app.impendium.core.money.Money;
import app.impendium.core.rate.PeriodicRate;

/**
 * What a level payment is computed on.
 *
 * @param balance what is owed
 * @param balloon what is paid with the last payment beyond the payment itself, at most the balance
 * @param payments the payments left that repay, at least 1
 */
public record PaymentBasis(Money balance, Money balloon, PeriodicRate rate, int payments) {

    /** That of a loan as it begins. */
    public static PaymentBasis of(LoanTerms terms) {
        return after(0, terms, terms.rate(), terms.amount());
    }

    /**
     * That of a loan whose payment is recalculated.
     *
     * @param paid after so many payments
     * @param rate from then on
     * @param balance what is then owed
     */
    public static PaymentBasis after(int paid, LoanTerms terms, PeriodicRate rate, Money balance) {
        LoanFeatures features = terms.features();
        int left = terms.payments() - Math.max(paid, features.interestOnlyPayments());
        // What is owed may have fallen to or below what was to be left at the end: then only interest is due until it.
        Money balloon = features.balloon().isAbove(balance) ? balance : features.balloon();
        return new PaymentBasis(balance, balloon, rate, left);
    }

    /** The same at another rate per payment. */
    public PaymentBasis withRate(PeriodicRate other) {
        return new PaymentBasis(balance, balloon, other, payments);
    }

    /** Whether all that is owed is to be left at the end, so that the payment is interest alone. */
    public boolean repaysNothing() {
        return balloon.equals(balance);
    }
}
