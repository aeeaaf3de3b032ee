package app.impendium.core.working;

import static app.impendium.core.working.Quantity.amount;
import static app.impendium.core.working.Quantity.number;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field.Parameter;
import app.impendium.core.finding.Findings;
import app.impendium.core.loan.PaymentRange;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import java.util.List;

/** Explains the sums of a run of payments. */
public final class RangeWorking {
    private final Schedule schedule;
    private final PaymentRange range;

    /**
     * @param first the first payment counted, from 1
     * @param last the last payment counted
     * @throws CaseException if the two are not payments of the loan, in order
     */
    public RangeWorking(Schedule schedule, int first, int last) {
        Findings findings = new Findings();
        if (findings.inRange(Parameter.FIRST, first, 1, schedule.payments())) {
            findings.inRange(Parameter.LAST, last, first, schedule.payments());
        }
        findings.throwIfAny();
        this.schedule = schedule;
        this.range = schedule.range(first, last);
    }

    /** The workings of the range's sums. */
    public List<Working> workings() {
        return List.of(interest(), repaid(), extra(), principal(), paid());
    }

    private Working interest() {
        Money before = range.first() == 1
                ? Money.ZERO
                : schedule.range(1, range.first() - 1).interest();
        return over(Figure.RANGE_INTEREST, Rule.INTEREST_OF_RANGE)
                .then(
                        amount(Name.INTEREST_THROUGH, before.plus(range.interest())),
                        amount(Name.INTEREST_BEFORE, before))
                .gives(amount(Name.INTEREST_OF_RANGE, range.interest()), Rounding.EACH_LINE);
    }

    private Working repaid() {
        return over(Figure.RANGE_PRINCIPAL_PAID, Rule.PRINCIPAL_PAID_IN_RANGE)
                .given(
                        amount(Name.BALANCE_BEFORE, schedule.balanceAfter(range.first() - 1)),
                        amount(Name.BALANCE, range.balance()))
                .gives(amount(Name.PRINCIPAL_PAID, range.principal()), Rounding.NONE);
    }

    private Working extra() {
        long times = 0;
        for (int number = range.first(); number <= range.last(); number++) {
            times += schedule.line(number).extra().isZero() ? 0 : 1;
        }
        return over(Figure.RANGE_EXTRA, Rule.EXTRAS_OF_RANGE)
                .then(number(Name.PAYMENTS_WITH_EXTRA, times))
                .gives(amount(Name.EXTRAS, range.extra()), Rounding.NONE);
    }

    private Working principal() {
        return over(Figure.RANGE_PRINCIPAL, Rule.PRINCIPAL_OF_RANGE)
                .given(amount(Name.PRINCIPAL_PAID, range.principal()), amount(Name.EXTRAS, range.extra()))
                .gives(amount(Name.PRINCIPAL_OF_RANGE, range.principal().minus(range.extra())), Rounding.NONE);
    }

    private Working paid() {
        return over(Figure.RANGE_PAID, Rule.PAID_IN_RANGE)
                .given(amount(Name.INTEREST_OF_RANGE, range.interest()), amount(Name.PRINCIPAL_PAID, range.principal()))
                .gives(amount(Name.PAID, range.paid()), Rounding.NONE);
    }

    private Working.Draft over(Figure figure, Rule rule) {
        return Working.of(figure, rule)
                .given(number(Name.FROM_PAYMENT, range.first()), number(Name.TO_PAYMENT, range.last()));
    }
}
