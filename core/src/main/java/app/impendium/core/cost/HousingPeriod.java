package app.impendium.core.cost;

import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.rate.PaymentFrequency;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What the home costs a month from a payment on, until the next change: interest-only time or a reduced year ends, a rate
 * or an extra payment has the payment recalculated, mortgage insurance ends. Extra payments are no cost and left out.
 *
 * @param fromPayment the first payment at this cost, counted from 1
 */
public record HousingPeriod(int fromPayment, HousingCost cost) {
    private static final int MONTHS_PER_YEAR = 12;

    /** No payment: they are never negative. */
    private static final long NONE = -1;

    /**
     * The periods of a loan in order, the first from payment 1. The last payment, which clears the loan, opens none.
     *
     * @param price of the home, zero where it is not known
     */
    public static List<HousingPeriod> of(
            HousingTerms terms,
            Money price,
            Schedule schedule,
            PaymentFrequency frequency,
            Optional<MortgageInsurance> insurance,
            Optional<Buydown> buydown) {
        List<HousingPeriod> periods = new ArrayList<>();
        int insuranceEnds = insurance.map(MortgageInsurance::endsAtPayment).orElse(1);
        Money premium = insurance.map(MortgageInsurance::monthlyPremium).orElse(Money.ZERO);
        long lastPayment = NONE;
        for (int number = 1; number == 1 || number < schedule.payments(); number++) {
            long payment = paidCents(schedule, frequency, buydown, number);
            if (payment != lastPayment || number == insuranceEnds) {
                Money monthly = monthly(Money.ofCents(payment), frequency);
                Money insured = number < insuranceEnds ? premium : Money.ZERO;
                add(periods, new HousingPeriod(number, terms.month(price, monthly, insured)));
                lastPayment = payment;
            }
        }
        return periods;
    }

    /** Payments that differ by less than a cent a month cost the same. */
    private static void add(List<HousingPeriod> periods, HousingPeriod next) {
        boolean isSame =
                !periods.isEmpty() && periods.get(periods.size() - 1).cost().equals(next.cost());
        if (!isSame) {
            periods.add(next);
        }
    }

    private static long paidCents(
            Schedule schedule, PaymentFrequency frequency, Optional<Buydown> buydown, int number) {
        return buydown.isEmpty()
                ? schedule.dueCents(number)
                : buydown.get()
                        .paidBy(number, frequency.perYear(), schedule.due(number))
                        .cents();
    }

    private static Money monthly(Money payment, PaymentFrequency frequency) {
        return payment.times(frequency.perYear()).dividedBy(MONTHS_PER_YEAR);
    }
}
