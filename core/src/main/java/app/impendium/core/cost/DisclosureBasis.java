package app.impendium.core.cost;

import app.impendium.core.loan.PaymentDates;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.rate.FlowRun;
import app.impendium.core.rate.UnitPeriods;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntToLongFunction;
import java.util.stream.IntStream;

/**
 * A loan with all that is charged for having it: what the rate of its whole cost is worked out from. Immutable.
 *
 * @param closing the day of the advance; without it, one period before the first payment
 * @param paidAtClosing points, fees of the loan and prepaid interest
 * @param upfrontPremium a premium or guarantee fee due once, financed or not
 * @param insurance mortgage insurance, where it is due
 * @param paymentsAtRate how many payments fall into the time for which the rate is agreed: all of them, where that is the
 *     whole term
 */
public record DisclosureBasis(
        Schedule schedule,
        PaymentDates dates,
        Optional<LocalDate> closing,
        Money paidAtClosing,
        Money upfrontPremium,
        Optional<MortgageInsurance> insurance,
        int paymentsAtRate) {

    /** Payments in a year. */
    public int perYear() {
        return dates.frequency().perYear();
    }

    /** What the client receives: the loan less what the lender charges at closing and an upfront premium. */
    public Money received() {
        return receivedBeforePremium().minus(upfrontPremium);
    }

    /** The loan less what the lender charges at closing. */
    public Money receivedBeforePremium() {
        return schedule.balanceAfter(0).minus(paidAtClosing);
    }

    /** All premiums of running insurance. */
    public Money premiums() {
        return insurance
                .map(insured -> insured.premiums(1, schedule.payments()))
                .orElse(Money.ZERO);
    }

    /** The interest of the time for which the rate is agreed. */
    public Money interestAtRate() {
        return schedule.range(1, paymentsAtRate).interest();
    }

    /** What borrowing costs in the time for which the rate is agreed: its interest and what is paid at closing. */
    public Money costAtRate() {
        return interestAtRate().plus(paidAtClosing);
    }

    /** The balances before each payment of the time for which the rate is agreed, added up. */
    public Money sumOfBalancesAtRate() {
        return IntStream.range(0, paymentsAtRate)
                .mapToObj(schedule::balanceAfter)
                .reduce(Money.ZERO, Money::plus);
    }

    /** Every payment, extras included, the first after so many periods. */
    List<FlowRun> payments(UnitPeriods toFirst) {
        return runs(toFirst, schedule::paidCents);
    }

    /** Every payment with its premium, the first after so many periods. */
    List<FlowRun> insuredPayments(UnitPeriods toFirst) {
        return insurance
                .map(insured -> runs(
                        toFirst,
                        number -> schedule.paidCents(number)
                                + insured.with(number).cents()))
                .orElseGet(() -> payments(toFirst));
    }

    /** Equal payments in a row as one run: a loan of level payments has two, its last being another. */
    private List<FlowRun> runs(UnitPeriods toFirst, IntToLongFunction paidCents) {
        List<FlowRun> runs = new ArrayList<>();
        int first = 1;
        long amount = paidCents.applyAsLong(first);
        for (int number = 2; number <= schedule.payments(); number++) {
            long next = paidCents.applyAsLong(number);
            if (next != amount) {
                runs.add(new FlowRun(Money.ofCents(amount), toFirst.plus(first - 1), number - first));
                first = number;
                amount = next;
            }
        }
        runs.add(new FlowRun(Money.ofCents(amount), toFirst.plus(first - 1), schedule.payments() - first + 1));
        return runs;
    }
}
