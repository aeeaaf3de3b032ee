package app.impendium.core;

import app.impendium.core.compare.RateLadder;
import app.impendium.core.cost.HousingPeriod;
import app.impendium.core.finding.CaseException;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.YearlyChange;
import app.impendium.core.working.ChargeWorking;
import app.impendium.core.working.ClosingWorking;
import app.impendium.core.working.CostWorking;
import app.impendium.core.working.DateWorking;
import app.impendium.core.working.EquityWorking;
import app.impendium.core.working.InsuranceWorking;
import app.impendium.core.working.LineWorking;
import app.impendium.core.working.LoanWorking;
import app.impendium.core.working.RungWorking;
import app.impendium.core.working.StretchWorking;
import app.impendium.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How the figures of an option came about: its own, and those of a line, of a stretch and of another rate. */
public final class OptionWorkings {
    private final LoanOption option;
    private final OptionEvaluation figures;

    /** @param figures the option's evaluation */
    public OptionWorkings(LoanOption option, OptionEvaluation figures) {
        this.option = option;
        this.figures = figures;
    }

    /** One working for each figure that the option has as a whole, its month being the first. */
    public List<Working> whole() {
        Money base = option.financing().loanAmount();
        int perYear = option.frequency().perYear();
        Closing closing = option.closing();
        ClosingWorking closingWorking = new ClosingWorking(option.financing(), closing.upfrontPremium());
        DateWorking dates = new DateWorking(figures.schedule(), figures.dates());

        List<Working> workings = new ArrayList<>(closingWorking.borrowing());
        workings.addAll(new LoanWorking(figures.terms(), figures.schedule()).workings());
        workings.addAll(dates.workings(perYear));
        figures.rateEnd().ifPresent(end -> workings.add(dates.rateEndBalance(end.afterPayment())));
        workings.addAll(month(figures.housingPeriods().get(0)));
        workings.addAll(closingWorking.cash(closing.costs(), figures.cashToClose(), figures.buydown(), perYear));
        workings.addAll(new ChargeWorking(figures.charges(), closing.costs())
                .workings(
                        option.creditCostRate(),
                        figures.creditCostRate(),
                        figures.fiveYears(),
                        figures.totalInterestPercentage(),
                        closing.upfrontPremium().paidAtClosing(base)));
        return workings;
    }

    /**
     * One working for each figure of a line of the schedule and of the month in which it falls.
     *
     * @param line the payment, counted from 1; 0 for the loan before its first
     * @param valueChange of the home
     * @throws CaseException if there is no such line
     */
    public List<Working> ofLine(int line, YearlyChange valueChange) {
        List<Working> workings = new ArrayList<>();
        if (line != 0) {
            workings.addAll(new LineWorking(figures.terms(), figures.schedule(), figures.dates(), line).workings());
            workings.addAll(monthOf(line));
            insurance(line).ifPresent(insurance -> workings.add(insurance.with(line)));
        }
        option.financing()
                .value()
                .map(value -> new EquityWorking(value, valueChange, option.frequency()))
                .ifPresent(equity ->
                        workings.add(equity.after(line, figures.schedule().balanceAfter(line))));
        return workings;
    }

    /**
     * One working for each sum of the payments {@code first} to {@code last}, both counted.
     *
     * @throws CaseException if the two are not payments of the loan, in order
     */
    public List<Working> ofStretch(int first, int last) {
        List<Working> workings = new ArrayList<>(new StretchWorking(figures.schedule(), first, last).workings());
        insurance(1).ifPresent(insurance -> workings.add(insurance.with(first, last)));
        return workings;
    }

    /**
     * One working for each figure of a loan at another rate, and for its differences to what the ladder compares with.
     *
     * @throws CaseException if the loan has no figures there
     */
    public static List<Working> atRate(AnnualRate rate, RateLadder ladder) {
        LoanTerms other = ladder.termsAt(rate);
        Schedule schedule = Schedule.of(other);
        List<Working> workings = new ArrayList<>(new RungWorking(ladder.at(rate))
                .workings(other.rate().frequency(), schedule.whole().paid()));
        workings.addAll(new LoanWorking(other, schedule).workings());
        return workings;
    }

    /** The month in which a payment falls; its change too, where it changes with that payment. */
    private List<Working> monthOf(int line) {
        List<HousingPeriod> periods = figures.housingPeriods();
        int last = 0;
        while (last + 1 < periods.size() && periods.get(last + 1).fromPayment() <= line) {
            last++;
        }
        HousingPeriod period = periods.get(last);
        List<Working> workings = new ArrayList<>(month(period));
        if (last > 0 && period.fromPayment() == line) {
            workings.add(cost(period).changeFrom(periods.get(last - 1).cost()));
        }
        return workings;
    }

    private List<Working> month(HousingPeriod period) {
        List<Working> workings =
                new ArrayList<>(cost(period).workings(paidWith(period.fromPayment()), option.frequency()));
        insurance(period.fromPayment())
                .ifPresent(insurance -> workings.addAll(insurance.workings(
                        figures.loanAmount(),
                        option.housing().mortgageInsuranceAYear(),
                        option.financing().value().orElseThrow(),
                        figures.dates())));
        return workings;
    }

    private CostWorking cost(HousingPeriod period) {
        return new CostWorking(option.housing(), period.cost(), option.price());
    }

    /** What the client pays, a buydown's subsidy taken off. */
    private Money paidWith(int payment) {
        Money due = figures.schedule().line(payment).payment();
        return figures.buydown()
                .map(reduced -> reduced.paidBy(payment, option.frequency().perYear(), due))
                .orElse(due);
    }

    /** The insurance that a payment carries; none where there is none or it has ended. */
    private Optional<InsuranceWorking> insurance(int payment) {
        return figures.mortgageInsurance()
                .filter(insurance -> payment < insurance.firstPaymentWithout())
                .map(insurance -> new InsuranceWorking(insurance, option.frequency()));
    }
}
