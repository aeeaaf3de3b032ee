package app.impendium.core;

import app.impendium.core.money.Money;
import app.impendium.core.working.ChargeWorking;
import app.impendium.core.working.ClosingWorking;
import app.impendium.core.working.CostWorking;
import app.impendium.core.working.Figure;
import app.impendium.core.working.LineWorking;
import app.impendium.core.working.LoanWorking;
import app.impendium.core.working.Working;
import java.util.ArrayList;
import java.util.List;

/** How the figures of an option came about. */
public final class OptionWorkings {
    private OptionWorkings() {}

    /**
     * One working for each figure that the option has.
     *
     * @param figures the option's evaluation
     */
    public static List<Working> of(LoanOption option, OptionEvaluation figures) {
        int perYear = option.frequency().perYear();
        Money base = option.financing().loanAmount();
        Closing closing = option.closing();
        ClosingWorking closingWorking = new ClosingWorking(option.financing(), closing.upfrontPremium());
        LoanWorking loan = new LoanWorking(figures.terms(), figures.schedule(), figures.dates());
        CostWorking cost = new CostWorking(option.housing(), figures.housingCost(), option.price());
        Money due = figures.schedule().line(1).payment();
        Money firstPayment = figures.buydown()
                .map(reduced -> reduced.paidBy(1, perYear, due))
                .orElse(due);

        List<Working> workings = new ArrayList<>(closingWorking.borrowing());
        workings.addAll(loan.workings());
        figures.rateEnd()
                .ifPresent(end -> workings.add(loan.balanceAfter(Figure.RATE_END_BALANCE, end.afterPayment())));
        workings.addAll(cost.workings(firstPayment, option.frequency()));
        workings.addAll(cost.insurance(
                figures.mortgageInsurance(),
                figures.loanAmount(),
                option.financing().value()));
        workings.addAll(closingWorking.cash(closing.costs(), figures.cashToClose(), figures.buydown(), perYear));
        workings.addAll(new ChargeWorking(figures.schedule(), closing.costs())
                .workings(
                        figures.annualPercentageRate(),
                        figures.fiveYears(),
                        figures.totalInterestPercentage(),
                        closing.upfrontPremium().on(base)));
        return workings;
    }

    /**
     * One working for each figure of a line of the schedule.
     *
     * @param figures the option's evaluation
     * @param line the payment, counted from 1
     * @throws app.impendium.core.finding.CaseException if there is no such payment
     */
    public static List<Working> ofLine(OptionEvaluation figures, int line) {
        return new LineWorking(figures.terms(), figures.schedule(), figures.dates(), line).workings();
    }
}
