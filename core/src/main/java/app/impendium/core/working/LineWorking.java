package app.impendium.core.working;

import static app.impendium.core.working.Quantity.amount;
import static app.impendium.core.working.Quantity.day;
import static app.impendium.core.working.Quantity.exactAmount;
import static app.impendium.core.working.Quantity.number;
import static app.impendium.core.working.Quantity.percent;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field.Parameter;
import app.impendium.core.finding.Value;
import app.impendium.core.loan.BalanceFormula;
import app.impendium.core.loan.Instalment;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.PaymentBasis;
import app.impendium.core.loan.PaymentDates;
import app.impendium.core.loan.PaymentPhase;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.rate.PeriodicRate;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/** Explains one line of a schedule. */
public final class LineWorking {
    private final LoanTerms terms;
    private final Schedule schedule;
    private final PaymentDates dates;
    private final Instalment line;

    /**
     * @param number of the line, from 1 to the last
     * @throws CaseException if there is no such line
     */
    public LineWorking(LoanTerms terms, Schedule schedule, PaymentDates dates, int number) {
        if (number < 1 || number > schedule.payments()) {
            throw CaseException.of(
                    Parameter.LINE,
                    Code.OUT_OF_RANGE,
                    new Value.Count(number),
                    new Value.Count(1),
                    new Value.Count(schedule.payments()));
        }
        this.terms = terms;
        this.schedule = schedule;
        this.dates = dates;
        this.line = schedule.line(number);
    }

    /** The workings of what the line says of the loan. */
    public List<Working> workings() {
        List<Working> workings = new ArrayList<>(List.of(payment(), interest(), principal()));
        if (!line.extra().isZero()) {
            workings.add(extra());
        }
        workings.add(paid());
        workings.add(balance());
        return workings;
    }

    private Working payment() {
        Quantity result = amount(Name.PAYMENT, line.payment());
        Quantity interest = amount(Name.INTEREST_OF_LINE, line.interest());
        if (line.number() == schedule.payments()) {
            return LoanWorking.lastPayment(Figure.LINE_PAYMENT, before(), line).gives(result, Rounding.NONE);
        }
        PaymentPhase phase = schedule.phaseOf(line.number());
        return switch (phase.cause()) {
            case INTEREST_ONLY ->
                Working.of(Figure.LINE_PAYMENT, Rule.INTEREST_ONLY_PAYMENT)
                        .given(interest)
                        .gives(result, Rounding.NONE);
            case LEVEL, CUSTOM, STEP ->
                Working.of(Figure.LINE_PAYMENT, Rule.REGULAR_PAYMENT)
                        .given(amount(Name.PAYMENT, phase.payment().orElseThrow()))
                        .gives(result, Rounding.NONE);
            case RATE_CHANGE, RECAST -> recalculated(phase);
        };
    }

    private Working recalculated(PaymentPhase phase) {
        PaymentBasis basis = phase.basis().orElseThrow();
        return new PaymentWorking(Figure.LINE_PAYMENT, basis, terms.rounding())
                .working(
                        number(Name.RECALCULATED_AFTER_PAYMENT, phase.setAfter()),
                        amount(Name.BALANCE_THEN, basis.balance()));
    }

    private Working interest() {
        PeriodicRate rate = terms.rateOf(line.number());
        BigDecimal exact = rate.value().multiply(BigDecimal.valueOf(before().cents()));
        return Working.of(Figure.LINE_INTEREST, Rule.INTEREST_OF_LINE)
                .given(
                        number(Name.PAYMENT_NUMBER, line.number()),
                        day(Name.PAYMENT_DATE, dates.of(line.number())),
                        amount(Name.BALANCE_BEFORE, before()),
                        percent(Name.RATE_PER_PAYMENT, rate.value().movePointRight(2)))
                .then(exactAmount(Name.EXACT_INTEREST, exact))
                .gives(amount(Name.INTEREST_OF_LINE, line.interest()), Rounding.NEAREST_CENT);
    }

    private Working principal() {
        return Working.of(Figure.LINE_PRINCIPAL, Rule.PRINCIPAL_OF_LINE)
                .given(amount(Name.PAYMENT, line.payment()), amount(Name.INTEREST_OF_LINE, line.interest()))
                .gives(amount(Name.PRINCIPAL_OF_LINE, line.principal()), Rounding.NONE);
    }

    private Working extra() {
        Working.Draft draft = Working.of(Figure.LINE_EXTRA, Rule.EXTRA_UP_TO_BALANCE);
        terms.features().extras().stream()
                .filter(extra -> extra.goesWith(line.number()))
                .forEach(extra -> draft.given(amount(Name.EXTRA_AGREED, extra.amount())));
        return draft.then(amount(Name.BALANCE_BEFORE_EXTRA, line.balance().plus(line.extra())))
                .gives(amount(Name.EXTRA_OF_LINE, line.extra()), Rounding.NONE);
    }

    private Working paid() {
        return Working.of(Figure.LINE_PAID, Rule.PAYMENT_AND_EXTRA)
                .given(amount(Name.PAYMENT, line.payment()), amount(Name.EXTRA_OF_LINE, line.extra()))
                .gives(amount(Name.PAID, line.payment().plus(line.extra())), Rounding.NONE);
    }

    private Working balance() {
        Working.Draft draft = Working.of(Figure.LINE_BALANCE, Rule.BALANCE_AFTER_LINE)
                .given(
                        amount(Name.BALANCE_BEFORE, before()),
                        amount(Name.PRINCIPAL_OF_LINE, line.principal()),
                        amount(Name.EXTRA_OF_LINE, line.extra()));
        if (terms.isPlain() && line.number() < schedule.payments()) {
            draft.then(exactAmount(
                    Name.BALANCE_BY_FORMULA,
                    BalanceFormula.balanceCentsAfter(terms.amount(), terms.rate(), schedule.payment(), line.number())));
        }
        return draft.gives(amount(Name.BALANCE, line.balance()), Rounding.NONE);
    }

    private Money before() {
        return schedule.balanceAfter(line.number() - 1);
    }
}
