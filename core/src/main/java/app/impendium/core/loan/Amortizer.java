package app.impendium.core.loan;

import app.impendium.core.finding.CaseException;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.PeriodicRate;
import java.math.BigDecimal;

/** Runs a loan from its first payment to zero, writing the running totals of a schedule. */
final class Amortizer {
    private static final long[] NO_EXTRAS = {};

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
        this.due = clauses.regular() instanceof RegularPayment.Chosen chosen
                ? chosen.amount().cents()
                : LevelPayment.of(terms).cents();
        this.firstRegularPayment = due;
    }

    /** Pays line after line until nothing is owed; the number of lines. */
    int run() {
        balance[0] = terms.amount().cents();
        while (balance[line] > 0) {
            line++;
            if (nextChange < clauses.rateChanges().size()
                    && clauses.rateChanges().get(nextChange).fromPayment() == line) {
                changeRate(clauses.rateChanges().get(nextChange++).rate());
            }
            pay();
        }
        return line;
    }

    private void pay() {
        long owed = balance[line - 1];
        long interest = rate.interestOn(owed);
        boolean interestOnly = line <= clauses.interestOnlyPayments();
        long principal = interestOnly ? 0 : due - interest;
        if (line == terms.payments() || principal >= owed) {
            principal = owed;
        } else if (principal <= 0 && !interestOnly) {
            throw paymentTooSmall(interest);
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
            recompute(balance[line], line);
        }
    }

    private void changeRate(AnnualRate annual) {
        rate = rate.withAnnual(annual);
        recompute(balance[line - 1], line - 1);
    }

    /** The payment anew on what is owed after so many payments. */
    private void recompute(long owed, int paid) {
        due = LevelPayment.of(basis(owed, paid), terms.rounding()).cents();
    }

    private PaymentBasis basis(long owed, int paid) {
        return PaymentBasis.after(paid, terms, rate, Money.ofCents(owed));
    }

    private CaseException paymentTooSmall(long interestCents) {
        Money payment = Money.ofCents(due);
        Money interest = Money.ofCents(interestCents);
        Money least = leastPayment();
        return CaseException.of(
                "payment",
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
