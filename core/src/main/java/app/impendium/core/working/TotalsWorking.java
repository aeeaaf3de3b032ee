package app.impendium.core.working;

import static app.impendium.core.working.Quantity.amount;
import static app.impendium.core.working.Quantity.exactAmount;
import static app.impendium.core.working.Quantity.number;

import app.impendium.core.loan.BalanceFormula;
import app.impendium.core.loan.ExtraEffect;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.RateChange;
import app.impendium.core.loan.Schedule;
import app.impendium.core.loan.Stretch;
import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.util.EnumMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Explains the totals of a loan beside what a client gets who multiplies the payment on the page: payment × number of
 * payments, and each cause of the difference by name. The causes add up to the difference exactly.
 */
final class TotalsWorking {
    private final LoanTerms terms;
    private final Schedule schedule;
    private final Stretch whole;

    /** By cause, what payments differ from the regular one, in cents; causes without a difference are absent. */
    private final Map<Name, BigDecimal> differences = new EnumMap<>(Name.class);

    TotalsWorking(LoanTerms terms, Schedule schedule) {
        this.terms = terms;
        this.schedule = schedule;
        this.whole = schedule.whole();
        addPaymentsBeforeTheLast();
        addLastPayment();
        add(Name.TOTAL_EXTRA, cents(whole.extra()));
    }

    Working totalInterest() {
        Money times = timesPayment();
        return beside(Working.of(Figure.TOTAL_INTEREST, Rule.SUM_OF_INTEREST)
                        .given(
                                amount(Name.PAYMENT, schedule.payment()),
                                number(Name.PAYMENTS, schedule.payments()),
                                amount(Name.LOAN, terms.amount()))
                        .then(amount(Name.PAYMENTS_LESS_LOAN, times.minus(terms.amount()))))
                .gives(amount(Name.TOTAL_INTEREST, whole.interest()), Rounding.EACH_LINE);
    }

    Working totalPaid() {
        return beside(Working.of(Figure.TOTAL_PAID, Rule.SUM_OF_PAYMENTS)
                        .given(amount(Name.PAYMENT, schedule.payment()), number(Name.PAYMENTS, schedule.payments()))
                        .then(amount(Name.PAYMENTS_TIMES_PAYMENT, timesPayment())))
                .gives(amount(Name.TOTAL_PAID, whole.paid()), Rounding.EACH_LINE);
    }

    private Working.Draft beside(Working.Draft draft) {
        differences.forEach((cause, cents) -> draft.then(exactAmount(cause, cents)));
        return draft;
    }

    private Money timesPayment() {
        return schedule.payment().times(schedule.payments());
    }

    private void addPaymentsBeforeTheLast() {
        Set<Integer> changes = terms.clauses().rateChanges().stream()
                .map(RateChange::fromPayment)
                .collect(Collectors.toSet());
        boolean recasts = terms.clauses().extraEffect() == ExtraEffect.RECAST;
        Name cause = Name.RATE_CHANGE_DIFFERENCE;
        for (int payment = 1; payment < schedule.payments(); payment++) {
            if (changes.contains(payment)) {
                cause = Name.RATE_CHANGE_DIFFERENCE;
            }
            boolean isInterestOnly = payment <= terms.clauses().interestOnlyPayments();
            add(isInterestOnly ? Name.INTEREST_ONLY_DIFFERENCE : cause, differenceOf(payment));
            if (recasts && !schedule.line(payment).extra().isZero()) {
                cause = Name.RECAST_DIFFERENCE;
            }
        }
    }

    /** Of a loan of level payments, the last takes up the cents that rounding left: those of the payment, and each line's. */
    private void addLastPayment() {
        BigDecimal difference = differenceOf(schedule.payments());
        if (terms.isPlain() && !terms.rate().frequency().isAccelerated()) {
            BigDecimal ofPayment = lastByFormula().subtract(cents(schedule.payment()));
            add(Name.ROUNDING_OF_PAYMENT, ofPayment);
            add(Name.ROUNDING_OF_LINES, difference.subtract(ofPayment));
        } else {
            add(Name.LAST_PAYMENT_DIFFERENCE, difference);
        }
    }

    /** What the last payment would be if no line's interest were rounded, in cents. */
    private BigDecimal lastByFormula() {
        int before = schedule.payments() - 1;
        return BalanceFormula.balanceCentsAfter(terms.amount(), terms.rate(), schedule.payment(), before)
                .multiply(BigDecimal.ONE.add(terms.rate().value()));
    }

    private BigDecimal differenceOf(int payment) {
        return cents(schedule.line(payment).payment().minus(schedule.payment()));
    }

    private void add(Name cause, BigDecimal cents) {
        if (cents.signum() != 0) {
            differences.merge(cause, cents, BigDecimal::add);
        }
    }

    private static BigDecimal cents(Money amount) {
        return BigDecimal.valueOf(amount.cents());
    }
}
