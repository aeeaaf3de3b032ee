package app.impendium.core.loan;

import app.impendium.core.finding.CaseException;
import app.impendium.core.money.Money;
import app.impendium.core.rate.PeriodicRate;

/**
 * Every payment of a loan, exact to the cent. Each line's interest is the balance before it times the rate per payment,
 * rounded half up; the last line clears the balance to exactly zero. Immutable.
 */
public final class Schedule {
    private final Money payment;
    private final int payments;

    // Two running totals, line 0 included, tell every line and every stretch by a difference.
    private final long[] balance;
    private final long[] interestSoFar;

    private Schedule(Money payment, int payments, long[] balance, long[] interestSoFar) {
        this.payment = payment;
        this.payments = payments;
        this.balance = balance;
        this.interestSoFar = interestSoFar;
    }

    /**
     * The schedule of a loan at its level payment.
     *
     * @throws CaseException if the payment does not exceed its interest
     */
    public static Schedule of(LoanTerms terms) {
        PeriodicRate rate = terms.periodicRate();
        Money level = LevelPayment.of(terms);
        int agreed = terms.payments();
        long[] balance = new long[agreed + 1];
        long[] interestSoFar = new long[agreed + 1];
        balance[0] = terms.amount().cents();
        int line = 0;
        while (balance[line] > 0) {
            line++;
            long owed = balance[line - 1];
            long interest = rate.interestOn(owed);
            boolean interestOnly = line <= terms.interestOnlyPayments();
            long principal = interestOnly ? 0 : level.cents() - interest;
            if (line == agreed || principal >= owed) {
                principal = owed;
            } else if (!interestOnly && principal <= 0) {
                throw tooSmall(level, Money.ofCents(interest), line);
            }
            balance[line] = owed - principal;
            interestSoFar[line] = interestSoFar[line - 1] + interest;
        }
        return new Schedule(level, line, balance, interestSoFar);
    }

    private static CaseException tooSmall(Money payment, Money interest, int line) {
        return CaseException.of(
                "payment",
                payment.toString(),
                "more than " + interest,
                "The payment of " + payment + " does not cover the interest of " + interest + " due with payment "
                        + line + ".");
    }

    /** The regular payment, after any interest-only time. */
    public Money payment() {
        return payment;
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
            return new Instalment(0, Money.ZERO, Money.ZERO, Money.ZERO, Money.ZERO, balanceAfter(0));
        }
        Stretch single = stretch(number, number);
        return new Instalment(
                number,
                single.paid(),
                single.interest(),
                single.principal(),
                Money.ofCents(interestSoFar[number]),
                single.balance());
    }

    /**
     * The sums of the payments {@code first} to {@code last}, both counted.
     *
     * @throws IndexOutOfBoundsException if the two are not payments of this loan, in order
     */
    public Stretch stretch(int first, int last) {
        if (first < 1 || last < first || last > payments) {
            throw new IndexOutOfBoundsException(
                    "payments " + first + " to " + last + " do not lie within 1 to " + payments);
        }
        return new Stretch(
                first,
                last,
                Money.ofCents(interestSoFar[last] - interestSoFar[first - 1]),
                Money.ofCents(balance[first - 1] - balance[last]),
                balanceAfter(last));
    }

    /** What is owed after a payment; after payment 0, the loan amount. */
    public Money balanceAfter(int number) {
        return Money.ofCents(balance[number]);
    }

    /** The sums of all payments. */
    public Stretch whole() {
        return stretch(1, payments);
    }

    /** The payment that clears the loan, which may differ from the others. */
    public Money lastPayment() {
        return line(payments).payment();
    }
}
