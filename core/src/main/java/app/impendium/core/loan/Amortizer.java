package app.impendium.core.loan;

import app.impendium.core.finding.CaseException;
import app.impendium.core.money.Money;
import app.impendium.core.rate.PeriodicRate;
import java.math.BigDecimal;

/** Runs a loan from its first payment to zero, writing the running totals of a schedule. */
final class Amortizer {
    private static final long[] NO_EXTRAS = {};
    private static final String CHOSEN = "payment";
    private static final String RECAST = "extraEffect";

    private final LoanTerms terms;
    private final LoanClauses clauses;
    private final long[] extras;
    private final boolean recasts;

    final long[] balance;
    final long[] interestSoFar;

    /** Empty where the loan has no extra payments. */
    final long[] extraSoFar;

    private PeriodicRate rate;
    private long due;

    /** What had the payment come out as it did: where a refusal of it points. */
    private String dueFrom;

    /**
     * Whether the payment due may be interest alone: no more is owed than is to be left at the end, or an extra left so
     * little that its level payment is no more than the interest when rounded. What is left waits for the next extra, or
     * for the last payment.
     */
    private boolean mayRepayNothing;

    /** The regular payment before anything recomputes it. */
    final long firstRegularPayment;

    private int nextChange;
    private int line;

    Amortizer(LoanTerms terms) {
        this.terms = terms;
        this.clauses = terms.clauses();
        this.rate = terms.rate();
        this.recasts = clauses.extraEffect() == ExtraEffect.RECAST;
        this.extras = clauses.extras().isEmpty() ? NO_EXTRAS : extrasByPayment(terms);
        this.balance = new long[terms.payments() + 1];
        this.interestSoFar = new long[terms.payments() + 1];
        this.extraSoFar = extras.length == 0 ? NO_EXTRAS : new long[terms.payments() + 1];
        if (clauses.regular() instanceof RegularPayment.Chosen chosen) {
            this.due = chosen.amount().cents();
            this.dueFrom = CHOSEN;
        } else {
            this.due = LevelPayment.of(terms).cents();
            this.dueFrom = "payments";
        }
        this.firstRegularPayment = due;
    }

    /** Pays line after line until nothing is owed; the number of lines. */
    int run() {
        balance[0] = terms.amount().cents();
        while (balance[line] > 0) {
            line++;
            if (nextChange < clauses.rateChanges().size()
                    && clauses.rateChanges().get(nextChange).fromPayment() == line) {
                changeRate(nextChange++);
            }
            pay();
        }
        return line;
    }

    /** The regular payment as it was last computed. */
    long lastRegularPayment() {
        return due;
    }

    private void pay() {
        long owed = balance[line - 1];
        long interest = rate.interestOn(owed);
        boolean interestOnly = line <= clauses.interestOnlyPayments();
        long principal = interestOnly ? 0 : due - interest;
        if (line == terms.payments() || principal >= owed) {
            principal = owed;
        } else if (principal <= 0 && !interestOnly) {
            if (!mayRepayNothing) {
                throw dueFrom.equals(CHOSEN) ? chosenTooSmall(interest) : levelTooSmall(interest);
            }
            principal = 0;
        }
        balance[line] = owed - principal;
        interestSoFar[line] = interestSoFar[line - 1] + interest;
        if (extras.length > 0) {
            payExtra();
        }
    }

    private void payExtra() {
        long extra = Math.min(extras[line], balance[line]);
        balance[line] -= extra;
        extraSoFar[line] = extraSoFar[line - 1] + extra;
        if (recasts && extra > 0 && balance[line] > 0) {
            recompute(balance[line], line, RECAST);
        }
    }

    private void changeRate(int change) {
        rate = rate.withAnnual(clauses.rateChanges().get(change).rate());
        recompute(balance[line - 1], line - 1, "rateChanges[" + change + "]");
    }

    /** Computes the payment again, on what is owed after so many payments. */
    private void recompute(long owed, int paid, String because) {
        PaymentBasis basis = basis(owed, paid);
        try {
            due = LevelPayment.of(basis, terms.rounding()).cents();
        } catch (CaseException noPayment) {
            throw noPayment.at(because);
        }
        dueFrom = because;
        mayRepayNothing = because.equals(RECAST) || basis.repaysNothing();
    }

    private PaymentBasis basis(long owed, int paid) {
        return PaymentBasis.after(paid, terms, rate, Money.ofCents(owed));
    }

    /** A level payment that is rounded down to its interest: at a high rate over a long time, almost nothing is repaid. */
    private CaseException levelTooSmall(long interestCents) {
        Money payment = Money.ofCents(due);
        return CaseException.of(
                dueFrom,
                "a level payment of " + payment,
                "a shorter term or a lower rate",
                "The level payment of " + payment + " does not exceed the interest of " + Money.ofCents(interestCents)
                        + " due with payment " + line
                        + ", so nothing would be repaid before the end. A shorter term or a"
                        + " lower rate is needed.");
    }

    private CaseException chosenTooSmall(long interestCents) {
        Money payment = Money.ofCents(due);
        Money interest = Money.ofCents(interestCents);
        Money least = leastPayment();
        return CaseException.of(
                CHOSEN,
                payment.toString(),
                least + " or more",
                "The payment of " + payment + " does not cover the interest of " + interest + " due with payment "
                        + line + ". The least that repays the loan in its term is " + least + ".");
    }

    /** The least payment from this line on that ends the loan within the payments agreed. */
    private Money leastPayment() {
        BigDecimal exact = LevelPayment.exactCents(basis(balance[line - 1], line - 1));
        return Money.ofCents(PaymentRounding.UP_TO_CENT.cents(exact));
    }

    private static long[] extrasByPayment(LoanTerms terms) {
        long[] amounts = new long[terms.payments() + 1];
        for (ExtraPayment extra : terms.clauses().extras()) {
            int last = Math.min(extra.last(), terms.payments());
            for (int payment = extra.first(); payment <= last; payment += extra.every()) {
                amounts[payment] += extra.amount().cents();
            }
        }
        return amounts;
    }
}
