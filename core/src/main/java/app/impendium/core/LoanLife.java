package app.impendium.core;

import app.impendium.core.cost.HomeValue;
import app.impendium.core.cost.MortgageInsurance;
import app.impendium.core.loan.Instalment;
import app.impendium.core.loan.Reconciliation;
import app.impendium.core.loan.Schedule;
import app.impendium.core.loan.ScheduleYear;
import app.impendium.core.money.Money;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A loan from its first payment to its last, with what goes along with its payments.
 *
 * @param start what the home is worth and what is owed before the first payment
 * @param lines every payment, in order
 * @param years the payments of each calendar year, added up
 * @param milestones what happens, in order
 * @param reconciliation what shows that the schedule is right
 */
public record LoanLife(
        Start start,
        List<Line> lines,
        List<ScheduleYear> years,
        List<Milestone> milestones,
        Reconciliation reconciliation) {

    public LoanLife {
        lines = List.copyOf(lines);
        years = List.copyOf(years);
        milestones = List.copyOf(milestones);
    }

    /**
     * The loan before its first payment.
     *
     * @param homeValue where a price is known
     */
    public record Start(Money balance, Optional<Money> homeValue) {}

    /**
     * A payment and what goes along with it.
     *
     * @param day when it falls due
     * @param paidByClient what the client pays of it: less than is due while a buydown's subsidy pays the rest
     * @param insurance the premium that goes with it
     * @param homeValue what the home is worth then, where a price is known
     */
    public record Line(
            LocalDate day, Instalment instalment, Money paidByClient, Money insurance, Optional<Money> homeValue) {}

    static LoanLife of(OptionEvaluation figures) {
        LoanFigures loan = figures.loan();
        Schedule schedule = loan.schedule();
        Optional<List<Money>> values = figures.option()
                .financing()
                .value()
                .map(value -> HomeValue.through(
                        value, figures.assumptions().homeValue(), loan.dates().frequency(), schedule.payments()));
        return new LoanLife(
                new Start(loan.amount(), values.map(all -> all.get(0))),
                IntStream.rangeClosed(1, schedule.payments())
                        .mapToObj(number -> line(figures, number, values.map(all -> all.get(number))))
                        .toList(),
                figures.years(),
                Milestone.of(figures),
                Reconciliation.of(loan.terms(), schedule));
    }

    private static Line line(OptionEvaluation figures, int number, Optional<Money> homeValue) {
        LoanFigures loan = figures.loan();
        Optional<MortgageInsurance> insurance = figures.monthlyCost().insurance();
        return new Line(
                loan.dates().of(number),
                loan.schedule().line(number),
                loan.paidByClient(number),
                insurance.map(due -> due.with(number)).orElse(Money.ZERO),
                homeValue);
    }
}
