package app.impendium.core.working;

import static app.impendium.core.working.Quantity.amount;
import static app.impendium.core.working.Quantity.number;

import app.impendium.core.finding.CaseException;
import app.impendium.core.loan.Schedule;
import app.impendium.core.loan.Stretch;
import app.impendium.core.money.Money;
import java.util.List;

/** Explains the sums of a run of payments. */
public final class StretchWorking {
    private final Schedule schedule;
    private final Stretch stretch;

    /**
     * @param first the first payment counted, from 1
     * @param last the last payment counted
     * @throws CaseException if the two are not payments of the loan, in order
     */
    public StretchWorking(Schedule schedule, int first, int last) {
        if (first < 1 || first > schedule.payments()) {
            throw CaseException.of("first", String.valueOf(first), "1 to " + schedule.payments());
        }
        if (last < first || last > schedule.payments()) {
            throw CaseException.of("last", String.valueOf(last), first + " to " + schedule.payments());
        }
        this.schedule = schedule;
        this.stretch = schedule.stretch(first, last);
    }

    /** The workings of the stretch's sums. */
    public List<Working> workings() {
        return List.of(interest(), repaid(), extra(), principal(), paid());
    }

    private Working interest() {
        Money before = stretch.first() == 1
                ? Money.ZERO
                : schedule.stretch(1, stretch.first() - 1).interest();
        return over(Figure.STRETCH_INTEREST, Rule.INTEREST_OF_STRETCH)
                .then(
                        amount(Name.INTEREST_THROUGH, before.plus(stretch.interest())),
                        amount(Name.INTEREST_BEFORE, before))
                .gives(amount(Name.INTEREST_OF_STRETCH, stretch.interest()), Rounding.EACH_LINE);
    }

    private Working repaid() {
        return over(Figure.STRETCH_REPAID, Rule.REPAID_IN_STRETCH)
                .given(
                        amount(Name.BALANCE_BEFORE, schedule.balanceAfter(stretch.first() - 1)),
                        amount(Name.BALANCE, stretch.balance()))
                .gives(amount(Name.REPAID, stretch.principal()), Rounding.NONE);
    }

    private Working extra() {
        long times = 0;
        for (int number = stretch.first(); number <= stretch.last(); number++) {
            times += schedule.line(number).extra().isZero() ? 0 : 1;
        }
        return over(Figure.STRETCH_EXTRA, Rule.EXTRAS_OF_STRETCH)
                .then(number(Name.PAYMENTS_WITH_EXTRA, times))
                .gives(amount(Name.EXTRAS, stretch.extra()), Rounding.NONE);
    }

    private Working principal() {
        return over(Figure.STRETCH_PRINCIPAL, Rule.PRINCIPAL_OF_STRETCH)
                .given(amount(Name.REPAID, stretch.principal()), amount(Name.EXTRAS, stretch.extra()))
                .gives(amount(Name.PRINCIPAL_OF_STRETCH, stretch.principal().minus(stretch.extra())), Rounding.NONE);
    }

    private Working paid() {
        return over(Figure.STRETCH_PAID, Rule.PAID_IN_STRETCH)
                .given(amount(Name.INTEREST_OF_STRETCH, stretch.interest()), amount(Name.REPAID, stretch.principal()))
                .gives(amount(Name.PAID, stretch.paid()), Rounding.NONE);
    }

    private Working.Draft over(Figure figure, Rule rule) {
        return Working.of(figure, rule)
                .given(number(Name.FROM_PAYMENT, stretch.first()), number(Name.TO_PAYMENT, stretch.last()));
    }
}
