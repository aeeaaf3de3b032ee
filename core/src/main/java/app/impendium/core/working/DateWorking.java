package app.impendium.core.working;

import static app.impendium.core.working.Quantity.amount;
import static app.impendium.core.working.Quantity.day;
import static app.impendium.core.working.Quantity.number;

import app.impendium.core.loan.Instalment;
import app.impendium.core.loan.PaymentDates;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import java.util.ArrayList;
import java.util.List;

/** Explains when something happens in a loan's life. */
public final class DateWorking {
    private final Schedule schedule;
    private final PaymentDates dates;

    public DateWorking(Schedule schedule, PaymentDates dates) {
        this.schedule = schedule;
        this.dates = dates;
    }

    /** The workings of the payoff date, and of the days from which the loan weighs less, as far as there are such. */
    public List<Working> workings(int paymentsPerYear) {
        List<Working> workings = new ArrayList<>();
        workings.add(payoffDate(paymentsPerYear));
        schedule.firstWithMorePrincipalThanInterest().ifPresent(payment -> workings.add(morePrincipal(payment)));
        schedule.firstWithHalfRepaid().ifPresent(payment -> workings.add(halfRepaid(payment)));
        return workings;
    }

    /** What is owed when the rate's term ends, after a payment. */
    public Working rateEndBalance(int payment) {
        return Working.of(Figure.RATE_END_BALANCE, Rule.BALANCE_OF_LINE)
                .given(
                        number(Name.PAYMENT_NUMBER, payment),
                        day(Name.PAYMENT_DATE, dates.of(payment)),
                        amount(Name.LOAN, schedule.balanceAfter(0)))
                .gives(amount(Name.BALANCE, schedule.balanceAfter(payment)), Rounding.EACH_LINE);
    }

    private Working payoffDate(int paymentsPerYear) {
        return Working.of(Figure.PAYOFF_DATE, Rule.PAYOFF_DATE)
                .given(
                        day(Name.FIRST_PAYMENT_DATE, dates.first()),
                        number(Name.PAYMENTS, schedule.payments()),
                        number(Name.PAYMENTS_PER_YEAR, paymentsPerYear))
                .gives(day(Name.PAYOFF_DATE, dates.of(schedule.payments())), Rounding.NONE);
    }

    private Working morePrincipal(int payment) {
        Instalment line = schedule.line(payment);
        return Working.of(Figure.MORE_PRINCIPAL_FROM, Rule.MORE_PRINCIPAL_FROM)
                .given(amount(Name.PAYMENT, line.payment()))
                .then(
                        number(Name.PAYMENT_NUMBER, payment),
                        amount(Name.INTEREST_OF_LINE, line.interest()),
                        amount(Name.PRINCIPAL_OF_LINE, line.principal()))
                .gives(day(Name.PAYMENT_DATE, dates.of(payment)), Rounding.NONE);
    }

    private Working halfRepaid(int payment) {
        Money loan = schedule.balanceAfter(0);
        return Working.of(Figure.HALF_REPAID_ON, Rule.HALF_REPAID_ON)
                .given(amount(Name.LOAN, loan))
                .then(
                        number(Name.PAYMENT_NUMBER, payment),
                        amount(Name.BALANCE_BEFORE, schedule.balanceAfter(payment - 1)),
                        amount(Name.BALANCE, schedule.balanceAfter(payment)))
                .gives(day(Name.PAYMENT_DATE, dates.of(payment)), Rounding.NONE);
    }
}
