package app.impendium.core.working;

import static app.impendium.core.working.Quantity.amount;
import static app.impendium.core.working.Quantity.exactAmount;
import static app.impendium.core.working.Quantity.number;

import app.impendium.core.loan.BalanceFormula;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.PaymentPhase;
import app.impendium.core.loan.PaymentRange;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * Explains the totals of a loan beside what a client gets who multiplies the payment on the page: payment × number of
 * payments, and each cause of the difference by name. The causes add up to the difference exactly.
 */
final class TotalsWorking {
    private final LoanTerms terms;
    private final Schedule schedule;
    private final PaymentRange whole;

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
        List<PaymentPhase> phases = schedule.phases();
        int last = schedule.payments() - 1;
        for (int i = phases.size() - 1; i >= 0; i--) {
            int first = phases.get(i).from();
            if (first <= last) {
                add(causeOf(phases.get(i)), differenceOf(first, last));
            }
            last = Math.min(last, first - 1);
        }
    }

    private static Name causeOf(PaymentPhase phase) {
        return switch (phase.cause()) {
            case INTEREST_ONLY -> Name.INTEREST_ONLY_DIFFERENCE;
            case STEP -> Name.STEP_DIFFERENCE;
            case RECAST -> Name.RECAST_DIFFERENCE;
            // Payments of the first phase are the regular ones, from which none of them differs.
            case RATE_CHANGE, LEVEL, CUSTOM -> Name.RATE_CHANGE_DIFFERENCE;
        };
    }

    /** Of a loan of level payments, the last takes up the cents that rounding left: those of the payment, and each line's. */
    private void addLastPayment() {
        BigDecimal difference = differenceOf(schedule.payments(), schedule.payments());
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

    private BigDecimal differenceOf(int first, int last) {
        PaymentRange payments = schedule.range(first, last);
        Money regular = schedule.payment().times(last - first + 1);
        return cents(payments.paid().minus(payments.extra()).minus(regular));
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
