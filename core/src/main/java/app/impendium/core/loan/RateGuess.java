package app.impendium.core.loan;

import app.impendium.core.money.Money;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;

/**
 * About which annual rate a level payment comes from, by halving in doubles: where to begin to look for the exact one, which
 * takes full computations of the payment.
 */
final class RateGuess {
    private static final int HALVINGS = 40;
    private static final double MILLIONTHS = 1e8;
    private static final int MONTHS_PER_YEAR = PaymentFrequency.MONTHLY.perYear();

    private final Money amount;
    private final Money balloon;
    private final int compoundings;
    private final int perYear;
    private final int payments;
    private final int shares;

    RateGuess(Money amount, PeriodicRate conventions, int payments, Money balloon) {
        PaymentFrequency frequency = conventions.frequency();
        boolean isShare = frequency.isAccelerated();
        this.amount = amount;
        this.balloon = balloon;
        this.compoundings = conventions.compounding().perYear();
        // An accelerated payment is a share of the monthly one.
        this.perYear = isShare ? MONTHS_PER_YEAR : frequency.perYear();
        this.payments = isShare ? payments * MONTHS_PER_YEAR / frequency.perYear() : payments;
        this.shares = frequency.sharesOfMonth();
    }

    /** The annual rate in millionths of a percent, from 0 to {@code highest}. */
    long millionths(Money payment, long highest) {
        double low = 0;
        double high = highest / MILLIONTHS;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (cents(middle) <= payment.cents()) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return Math.round(low * MILLIONTHS);
    }

    private double cents(double yearly) {
        double perPayment = Math.expm1(Math.log1p(yearly / compoundings) * compoundings / perYear);
        return LevelPayment.estimateCents(amount, balloon, perPayment, payments) / shares;
    }
}
