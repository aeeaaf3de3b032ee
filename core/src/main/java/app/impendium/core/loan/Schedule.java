package app.impendium.core.loan;

import app.impendium.core.finding.CaseException;
import app.impendium.core.money.Money;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.IntPredicate;

/**
 * Every payment of a loan, exact to the cent. Each line's interest is the balance before it times the rate per payment,
 * rounded half up; the last line clears the balance to exactly zero. Immutable.
 */
public final class Schedule {
    private final Money payment;
    private final int payments;
    private final List<PaymentPhase> phases;

    // Running totals, line 0 included, tell every line and every range by a difference.
    private final long[] balance;
    private final long[] interestSoFar;
    private final long[] extraSoFar;

    private Schedule(Amortizer run) {
        this.payments = run.run();
        this.payment = Money.ofCents(run.firstRegularPayment);
        this.phases = List.copyOf(run.phases);
        this.balance = run.balance;
        this.interestSoFar = run.interestSoFar;
        this.extraSoFar = run.extraSoFar;
    }

    /**
     * The schedule of a loan.
     *
     * @throws CaseException if a payment does not exceed its interest, or cannot be recalculated where it must be
     */
    public static Schedule of(LoanTerms terms) {
        return new Schedule(new Amortizer(terms));
    }

    /** The regular payment after any interest-only time, before a rate change or an extra payment recomputes it. */
    public Money payment() {
        return payment;
    }

    /** The phases of the regular payment, in order; the first begins with payment 1. */
    public List<PaymentPhase> phases() {
        return phases;
    }

    /** The phase in which a payment falls, counted from 1. */
    public PaymentPhase phaseOf(int number) {
        PaymentPhase found = phases.get(0);
        for (PaymentPhase phase : phases) {
            found = phase.from() <= number ? phase : found;
        }
        return found;
    }

    /** What is due with a payment, counted from 1: interest and principal without any extra. */
    public Money due(int number) {
        return Money.ofCents(dueCents(number));
    }

    /** The same in whole cents, for those who look through many payments. */
    public long dueCents(int number) {
        long extra = extraSoFar.length == 0 ? 0 : extraSoFar[number] - extraSoFar[number - 1];
        return paidCents(number) - extra;
    }

    /** All that is paid with a payment, extras included, in whole cents. */
    public long paidCents(int number) {
        return interestSoFar[number] - interestSoFar[number - 1] + balance[number - 1] - balance[number];
    }

    /** All interest of the payments up to one, 0 included, in whole cents. */
    public long interestSoFarCents(int number) {
        return interestSoFar[number];
    }

    /** All that is paid with the payments up to one, 0 included, extras with them, in whole cents. */
    public long paidSoFarCents(int number) {
        return interestSoFar[number] + balance[0] - balance[number];
    }

    /** What is owed after a payment, in whole cents. */
    public long balanceCents(int number) {
        return balance[number];
    }

    /** How many payments there are: fewer than agreed where the loan ends early. */
    public int payments() {
        return payments;
    }

    /**
     * A line by its number, 0 included.
     *
     * @throws IndexOutOfBoundsException if there is no such line
     */
    public Instalment line(int number) {
        if (number == 0) {
            return new Instalment(0, Money.ZERO, Money.ZERO, Money.ZERO, Money.ZERO, Money.ZERO, balanceAfter(0));
        }
        PaymentRange single = range(number, number);
        return new Instalment(
                number,
                single.paid().minus(single.extra()),
                single.interest(),
                single.principal().minus(single.extra()),
                single.extra(),
                Money.ofCents(interestSoFar[number]),
                single.balance());
    }

    /**
     * The sums of the payments {@code first} to {@code last}, both counted.
     *
     * @throws IndexOutOfBoundsException if the two are not payments of this loan, in order
     */
    public PaymentRange range(int first, int last) {
        if (first < 1 || last < first || last > payments) {
            throw new IndexOutOfBoundsException(
                    "payments " + first + " to " + last + " do not lie within 1 to " + payments);
        }
        long extra = extraSoFar.length == 0 ? 0 : extraSoFar[last] - extraSoFar[first - 1];
        return new PaymentRange(
                first,
                last,
                Money.ofCents(interestSoFar[last] - interestSoFar[first - 1]),
                Money.ofCents(balance[first - 1] - balance[last]),
                Money.ofCents(extra),
                balanceAfter(last));
    }

    /** What is owed after a payment; after payment 0, the loan amount. */
    public Money balanceAfter(int number) {
        if (number < 0 || number > payments) {
            throw new IndexOutOfBoundsException("payment " + number + " does not lie within 0 to " + payments);
        }
        return Money.ofCents(balance[number]);
    }

    /** The sums of all payments. */
    public PaymentRange whole() {
        return range(1, payments);
    }

    /** The payment that clears the loan, which may differ from the others. */
    public Money lastPayment() {
        return line(payments).payment();
    }

    /** The first payment with more principal than interest, extras left out; none where interest prevails to the end. */
    public OptionalInt firstWithMorePrincipalThanInterest() {
        return first(number -> {
            Instalment line = line(number);
            return line.principal().isAbove(line.interest());
        });
    }

    /** The first payment after which half the loan or less is owed. */
    public OptionalInt firstWithHalfRepaid() {
        return first(number -> 2 * balance[number] <= balance[0]);
    }

    private OptionalInt first(IntPredicate test) {
        for (int number = 1; number <= payments; number++) {
            if (test.test(number)) {
                return OptionalInt.of(number);
            }
        }
        return OptionalInt.empty();
    }
}
