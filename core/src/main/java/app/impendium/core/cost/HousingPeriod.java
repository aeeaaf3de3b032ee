package app.impendium.core.cost;

import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.rate.PaymentFrequency;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What the home costs a month from a payment on, until the next change: interest-only time or a reduced year ends, a rate
 * or an extra payment has the payment computed anew, mortgage insurance ends. Extra payments are no cost and left out.
 *
 * @param fromPayment the first payment at this cost, counted from 1
 */
public record HousingPeriod(int fromPayment, HousingCost cost) {
    private static final int MONTHS_A_YEAR = 12;

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
        Money lastPayment = null;
        Money lastPremium = null;
        for (int number = 1; number == 1 || number < schedule.payments(); number++) {
            Money payment = paid(schedule, frequency, buydown, number);
            Money premium = premium(insurance, number);
            if (!payment.equals(lastPayment) || !premium.equals(lastPremium)) {
                add(periods, new HousingPeriod(number, terms.month(price, aMonth(payment, frequency), premium)));
                lastPayment = payment;
                lastPremium = premium;
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

    private static Money paid(Schedule schedule, PaymentFrequency frequency, Optional<Buydown> buydown, int number) {
        Money due = schedule.line(number).payment();
        return buydown.map(reduced -> reduced.paidBy(number, frequency.perYear(), due))
                .orElse(due);
    }

    private static Money premium(Optional<MortgageInsurance> insurance, int number) {
        return insurance
                .filter(insured -> number < insured.firstPaymentWithout())
                .map(MortgageInsurance::monthlyPremium)
                .orElse(Money.ZERO);
    }

    private static Money aMonth(Money payment, PaymentFrequency frequency) {
        return payment.times(frequency.perYear()).dividedBy(MONTHS_A_YEAR);
    }
}
