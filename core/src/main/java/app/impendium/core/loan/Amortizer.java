package app.impendium.core.loan;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Field.Entry;
import app.impendium.core.finding.Patience;
import app.impendium.core.finding.Value;
import app.impendium.core.loan.PaymentPhase.Cause;
import app.impendium.core.money.Money;
import app.impendium.core.rate.PeriodicRate;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** Runs a loan from its first payment to zero, writing the running totals of a schedule. */
final class Amortizer {
    private static final long[] NO_EXTRAS = {};

    private final LoanTerms terms;
    private final LoanFeatures features;
    private final long[] extras;
    private final boolean recasts;

    final long[] balance;
    final long[] interestSoFar;

    /** Empty where the loan has no extra payments. */
    final long[] extraSoFar;

    /** The phases of the regular payment in order. */
    final List<PaymentPhase> phases = new ArrayList<>(2);

    private PeriodicRate rate;
    private long due;

    /** What had the payment come out as it did: where a refusal of it points. */
    private String dueFrom;

    private boolean isChosen;

    /**
     * Whether the payment due may be interest alone: no more is owed than is to be left at the end, or an extra left so
     * little that its level payment is no more than the interest when rounded. What is left waits for the next extra, or
     * for the last payment.
     */
    private boolean mayRepayNothing;

    /** The regular payment before anything recomputes it. */
    final long firstRegularPayment;

    private int nextChange;
    private int nextStep;
    private int line;

    Amortizer(LoanTerms terms) {
        this.terms = terms;
        this.features = terms.features();
        this.rate = terms.rate();
        this.recasts = features.extraEffect() == ExtraEffect.RECAST;
        this.extras = features.extras().isEmpty() ? NO_EXTRAS : extrasByPayment(terms);
        this.balance = new long[terms.payments() + 1];
        this.interestSoFar = new long[terms.payments() + 1];
        this.extraSoFar = extras.length == 0 ? NO_EXTRAS : new long[terms.payments() + 1];
        if (features.interestOnlyPayments() > 0) {
            phases.add(PaymentPhase.interestOnly());
        }
        int firstRegular = features.interestOnlyPayments() + 1;
        if (features.regular() instanceof RegularPayment.Custom custom) {
            this.dueFrom = Field.PAYMENT;
            this.isChosen = true;
            this.due = custom.amount().cents();
            begin(PaymentPhase.chosen(firstRegular, 0, Cause.CUSTOM, custom.amount()));
        } else {
            this.dueFrom = Field.AMORTIZATION;
            PaymentBasis basis = PaymentBasis.of(terms);
            Money level = LevelPayment.of(basis, terms.rounding());
            this.due = level.cents();
            begin(PaymentPhase.computed(firstRegular, 0, Cause.LEVEL, level, basis));
        }
        this.firstRegularPayment = due;
    }

    /** Pays line after line until nothing is owed; the number of lines. */
    int run() {
        Patience.check();
        balance[0] = terms.amount().cents();
        while (balance[line] > 0) {
            line++;
            if (nextChange < features.rateChanges().size()
                    && features.rateChanges().get(nextChange).fromPayment() == line) {
                changeRate(nextChange++);
            }
            if (nextStep < features.steps().size()
                    && features.steps().get(nextStep).fromPayment() == line) {
                step(nextStep++);
            }
            pay();
        }
        phases.removeIf(phase -> phase.from() > line);
        return line;
    }

    private void pay() {
        long owed = balance[line - 1];
        long interest = rate.interestOn(owed);
        boolean interestOnly = line <= features.interestOnlyPayments();
        long principal = interestOnly ? 0 : due - interest;
        if (line == terms.payments() || principal >= owed) {
            principal = owed;
        } else if (principal <= 0 && !interestOnly) {
            if (!mayRepayNothing) {
                throw isChosen ? chosenTooSmall(interest) : levelTooSmall(interest);
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
            recalculate(balance[line], line, Field.EXTRA_EFFECT, Cause.RECAST);
        }
    }

    private void changeRate(int change) {
        rate = features.rateChanges().get(change).rate();
        recalculate(balance[line - 1], line - 1, Field.entry(Field.RATE_CHANGES, change), Cause.RATE_CHANGE);
    }

    private void step(int step) {
        Money amount = features.steps().get(step).amount();
        due = amount.cents();
        dueFrom = Field.entry(Field.PAYMENT_STEPS, step) + "." + Entry.AMOUNT;
        isChosen = true;
        mayRepayNothing = false;
        begin(PaymentPhase.chosen(line, line - 1, Cause.STEP, amount));
    }

    /** A phase of which no payment is due before the next one takes its place is none. */
    private void begin(PaymentPhase phase) {
        if (!phases.isEmpty() && phases.get(phases.size() - 1).from() == phase.from()) {
            phases.remove(phases.size() - 1);
        }
        phases.add(phase);
    }

    /** Computes the payment again, on what is owed after so many payments. */
    private void recalculate(long owed, int paid, String because, Cause cause) {
        PaymentBasis basis = basis(owed, paid);
        if (!LevelPayment.isPossible(basis)) {
            throw splitMonths(basis.payments(), because);
        }
        Money level = LevelPayment.of(basis, terms.rounding());
        due = level.cents();
        dueFrom = because;
        isChosen = false;
        mayRepayNothing = cause == Cause.RECAST || basis.repaysNothing();
        int from = Math.max(paid, features.interestOnlyPayments()) + 1;
        begin(PaymentPhase.computed(from, paid, cause, level, basis));
    }

    private PaymentBasis basis(long owed, int paid) {
        return PaymentBasis.after(paid, terms, rate, Money.ofCents(owed));
    }

    /** A level payment that is rounded down to its interest: at a high rate over a long time, almost nothing is repaid. */
    private CaseException levelTooSmall(long interestCents) {
        return CaseException.of(
                dueFrom,
                Code.LEVEL_PAYMENT_BELOW_INTEREST,
                new Value.Amount(due),
                new Value.Amount(interestCents),
                new Value.Count(line),
                leastPayment().toValue());
    }

    private CaseException chosenTooSmall(long interestCents) {
        return CaseException.of(
                dueFrom,
                Code.PAYMENT_BELOW_INTEREST,
                new Value.Amount(due),
                new Value.Amount(interestCents),
                new Value.Count(line),
                leastPayment().toValue());
    }

    /** A change after which the accelerated payments left make no whole months, with the nearest payments that it could go with. */
    private CaseException splitMonths(int left, String because) {
        List<Value> values = new ArrayList<>(List.of(new Value.Count(left)));
        int whole = terms.rate().frequency().wholeMonths();
        int over = left % whole;
        Stream.of(line - (whole - over), line + over)
                .filter(payment -> payment > 1 && payment < terms.payments())
                .map(Value.Count::new)
                .forEach(values::add);
        return CaseException.of(because, Code.PAYMENTS_SPLIT_MONTHS, values.toArray(Value[]::new));
    }

    /** The least payment from this line on that ends the loan within the payments agreed. */
    private Money leastPayment() {
        BigDecimal exact = LevelPayment.exactCents(basis(balance[line - 1], line - 1));
        return Money.ofCents(PaymentRounding.UP_TO_CENT.cents(exact));
    }

    private static long[] extrasByPayment(LoanTerms terms) {
        long[] amounts = new long[terms.payments() + 1];
        for (ExtraPayment extra : terms.features().extras()) {
            int last = Math.min(extra.last(), terms.payments());
            for (int payment = extra.first(); payment <= last; payment += extra.every()) {
                amounts[payment] += extra.amount().cents();
            }
        }
        return amounts;
    }
}
