package app.impendium.core.cost;

import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.PaymentFrequency;

/**
 * Mortgage insurance on a loan above 80 % of the home's value, and when it ends: on request at 80 % of the original
 * value, by itself at 78 %, and no later than the middle of the amortization (12 U.S.C. 4902), all on the schedule
 * without extra payments.
 *
 * @param monthlyPremium a twelfth of the yearly percent of the original loan, to the nearest cent
 * @param firstPaymentWithoutOnRequest the first payment that need not carry the premium if the client asks
 * @param firstPaymentWithout the first payment that no longer carries it in any case
 * @param months how many months carry the premium until it ends by itself; a month that has begun counts
 */
public record MortgageInsurance(
        Money monthlyPremium, int firstPaymentWithoutOnRequest, int firstPaymentWithout, int months) {

    /** Loans up to this percentage of the value are not insured, and from it on the client may ask for the end. */
    public static final int ON_REQUEST_PERCENT = 80;

    /** At this percentage of the value the insurance ends by itself. */
    public static final int AUTOMATIC_PERCENT = 78;

    private static final int MONTHS_A_YEAR = 12;

    /** Whether a loan is so large a part of the value that it is insured. */
    public static boolean isDue(Money loan, Money value) {
        return isAbove(loan, value, ON_REQUEST_PERCENT);
    }

    /**
     * The insurance of a loan for which it is due.
     *
     * @param plain the schedule without extra payments
     * @param value what the home is worth at the start, in cents
     * @param aYear the yearly premium in percent of the original loan
     */
    public static MortgageInsurance of(Schedule plain, PaymentFrequency frequency, Money value, Percent aYear) {
        Money premium = aYear.of(plain.balanceAfter(0)).dividedBy(MONTHS_A_YEAR);
        int afterMiddle = (plain.payments() + 1) / 2 + 1;
        int onRequest = Math.min(firstAtMost(plain, value, ON_REQUEST_PERCENT), afterMiddle);
        int automatic = Math.min(firstAtMost(plain, value, AUTOMATIC_PERCENT), afterMiddle);
        int perYear = frequency.perYear();
        int months = ((automatic - 1) * MONTHS_A_YEAR + perYear - 1) / perYear;
        return new MortgageInsurance(premium, onRequest, automatic, months);
    }

    /** The balance from which on the client may ask for the end, for a home of this value. */
    public Money onRequestThreshold(Money value) {
        return value.times(ON_REQUEST_PERCENT).dividedBy(100);
    }

    /** The balance at which the insurance ends by itself, for a home of this value. */
    public Money automaticThreshold(Money value) {
        return value.times(AUTOMATIC_PERCENT).dividedBy(100);
    }

    /** The premiums paid until it ends by itself. */
    public Money premiumsPaid() {
        return monthlyPremium.times(months);
    }

    /** The premium that goes with a payment, counted from 1; where they are not monthly, its share of a year's. */
    public Money with(int payment, PaymentFrequency frequency) {
        return payment >= firstPaymentWithout
                ? Money.ZERO
                : monthlyPremium.times(MONTHS_A_YEAR).dividedBy(frequency.perYear());
    }

    private static int firstAtMost(Schedule schedule, Money value, int percent) {
        int payment = 1;
        while (payment <= schedule.payments() && isAbove(schedule.balanceAfter(payment - 1), value, percent)) {
            payment++;
        }
        return payment;
    }

    private static boolean isAbove(Money balance, Money value, int percent) {
        return balance.cents() * 100 > value.cents() * percent;
    }
}
