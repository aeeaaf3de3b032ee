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
 * @param monthlyPremium a twelfth of the yearly percent of the original loan, rounded once to the nearest cent
 * @param premium what goes with each payment: that, or its share of a year's premiums where payments are not monthly
 * @param endsOnRequestAtPayment the first payment that need not carry the premium if the client asks
 * @param endsAtPayment the first payment that no longer carries it in any case
 */
public record MortgageInsurance(Money monthlyPremium, Money premium, int endsOnRequestAtPayment, int endsAtPayment) {

    /** Loans up to this percentage of the value are not insured, and from it on the client may ask for the end. */
    public static final int ON_REQUEST_PERCENT = 80;

    /** At this percentage of the value the insurance ends by itself. */
    public static final int AUTOMATIC_PERCENT = 78;

    private static final int MONTHS_PER_YEAR = 12;

    /** Whether a loan is so large a part of the value that it is insured. */
    public static boolean isDue(Money loan, Money value) {
        return loan.cents() * 100 > value.cents() * ON_REQUEST_PERCENT;
    }

    /**
     * The insurance of a loan for which it is due.
     *
     * @param plain the schedule without extra payments
     * @param value what the home is worth at the start, in cents
     * @param yearly the yearly premium in percent of the original loan
     */
    public static MortgageInsurance of(Schedule plain, PaymentFrequency frequency, Money value, Percent yearly) {
        Money monthly = yearly.monthlyOf(plain.balanceAfter(0));
        // No later than the middle: of an odd number of payments, the one in the middle carries none any more.
        int afterMiddle = plain.payments() / 2 + 1;
        return new MortgageInsurance(
                monthly,
                monthly.times(MONTHS_PER_YEAR).dividedBy(frequency.perYear()),
                Math.min(firstAtMost(plain, value, ON_REQUEST_PERCENT), afterMiddle),
                Math.min(firstAtMost(plain, value, AUTOMATIC_PERCENT), afterMiddle));
    }

    /** The balance from which on the client may ask for the end, for a home of this value. */
    public static Money onRequestThreshold(Money value) {
        return value.times(ON_REQUEST_PERCENT).dividedBy(100);
    }

    /** The balance at which the insurance ends by itself, for a home of this value. */
    public static Money automaticThreshold(Money value) {
        return value.times(AUTOMATIC_PERCENT).dividedBy(100);
    }

    /** The premium that goes with a payment, counted from 1. */
    public Money with(int payment) {
        return payment >= endsAtPayment ? Money.ZERO : premium;
    }

    /** How many of the payments {@code first} to {@code last}, both counted, carry a premium. */
    public int insuredPayments(int first, int last) {
        return Math.max(0, Math.min(last, endsAtPayment - 1) - first + 1);
    }

    /** The premiums that go with the payments {@code first} to {@code last}, both counted. */
    public Money premiums(int first, int last) {
        return premium.times(insuredPayments(first, last));
    }

    private static int firstAtMost(Schedule schedule, Money value, int percent) {
        long threshold = value.cents() * percent;
        int payment = 1;
        while (payment <= schedule.payments() && schedule.balanceCents(payment - 1) * 100 > threshold) {
            payment++;
        }
        return payment;
    }
}
