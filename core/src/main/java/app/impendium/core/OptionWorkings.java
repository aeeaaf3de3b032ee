package app.impendium.core;

import app.impendium.core.compare.RateLadder;
import app.impendium.core.cost.HousingPeriod;
import app.impendium.core.cost.MonthlyCost;
import app.impendium.core.finding.CaseException;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.Schedule;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.working.ClosingWorking;
import app.impendium.core.working.CostWorking;
import app.impendium.core.working.DateWorking;
import app.impendium.core.working.DisclosureWorking;
import app.impendium.core.working.EquityWorking;
import app.impendium.core.working.InsuranceWorking;
import app.impendium.core.working.LineWorking;
import app.impendium.core.working.LoanWorking;
import app.impendium.core.working.RangeWorking;
import app.impendium.core.working.RungWorking;
import app.impendium.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How the figures of an option are calculated: its own, and those of a line, of a range and of another rate. */
public final class OptionWorkings {
    private final LoanOption option;
    private final OptionEvaluation figures;
    private final LoanFigures loan;

    public OptionWorkings(OptionEvaluation figures) {
        this.option = figures.option();
        this.figures = figures;
        this.loan = figures.loan();
    }

    /** One working for each figure that the option has as a whole, its month being the first. */
    public List<Working> whole() {
        int perYear = option.frequency().perYear();
        Closing closing = option.closing();
        ClosingWorking closingWorking = new ClosingWorking(option.financing(), closing.upfrontPremium());
        DateWorking dates = new DateWorking(loan.schedule(), loan.dates());

        List<Working> workings = new ArrayList<>(closingWorking.borrowing());
        LoanWorking loanWorking = new LoanWorking(loan.terms(), loan.schedule());
        workings.addAll(loanWorking.workings());
        figures.extrasSaving().ifPresent(saving -> workings.add(loanWorking.interestSaved(saving.interest())));
        workings.addAll(dates.workings(perYear));
        loan.rateEnd().ifPresent(end -> workings.add(dates.rateEndBalance(end.afterPayment())));
        workings.addAll(month(figures.monthlyCost().periods().get(0)));
        figures.regularExtras().ifPresent(extras -> workings.add(withExtras(extras)));
        workings.addAll(closingWorking.cash(figures.cashToClose(), loan.buydown(), perYear));
        workings.addAll(new DisclosureWorking(figures.disclosure(), closing.costs())
                .workings(closing.upfrontPremium().paidAtClosing(loan.base())));
        return workings;
    }

    /**
     * One working for each figure of a line of the schedule and of the month in which it falls.
     *
     * @param line the payment, counted from 1; 0 for the loan before its first
     * @throws CaseException if there is no such line
     */
    public List<Working> ofLine(int line) {
        List<Working> workings = new ArrayList<>();
        if (line != 0) {
            workings.addAll(new LineWorking(loan.terms(), loan.schedule(), loan.dates(), line).workings());
            workings.addAll(monthOf(line));
            insurance(line).ifPresent(insurance -> workings.add(insurance.with(line)));
        }
        option.financing()
                .value()
                .map(value -> new EquityWorking(value, figures.assumptions().homeValue(), option.frequency()))
                .ifPresent(equity ->
                        workings.add(equity.after(line, loan.schedule().balanceAfter(line))));
        return workings;
    }

    /** The working of the rate as it is stated for another compounding, and of the rate per payment that it comes from. */
    public List<Working> ofRateRestated(Compounding stated) {
        LoanWorking working = new LoanWorking(loan.terms(), loan.schedule());
        return List.of(working.restatedFor(stated), working.periodicRate());
    }

    /**
     * One working for each sum of the payments {@code first} to {@code last}, both counted.
     *
     * @throws CaseException if the two are not payments of the loan, in order
     */
    public List<Working> ofRange(int first, int last) {
        List<Working> workings = new ArrayList<>(new RangeWorking(loan.schedule(), first, last).workings());
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
        List<HousingPeriod> periods = figures.monthlyCost().periods();
        int last = figures.monthlyCost().periodOf(line);
        HousingPeriod period = periods.get(last);
        List<Working> workings = new ArrayList<>(month(period));
        if (last > 0 && period.fromPayment() == line) {
            workings.add(cost(period).changeFrom(periods.get(last - 1).cost()));
        }
        return workings;
    }

    private List<Working> month(HousingPeriod period) {
        List<Working> workings =
                new ArrayList<>(cost(period).workings(loan.paidByClient(period.fromPayment()), option.frequency()));
        insurance(period.fromPayment())
                .ifPresent(insurance -> workings.addAll(insurance.workings(
                        loan.amount(),
                        option.housing().yearlyMortgageInsurance(),
                        option.financing().value().orElseThrow(),
                        loan.dates())));
        return workings;
    }

    private Working withExtras(RegularExtras extras) {
        MonthlyCost monthly = figures.monthlyCost();
        return cost(monthly.periods().get(monthly.periodOf(extras.fromPayment())))
                .withExtras(extras.eachTime(), option.frequency(), extras.month());
    }

    private CostWorking cost(HousingPeriod period) {
        return new CostWorking(option.housing(), period.cost(), option.price());
    }

    /** The insurance that a payment carries; none where there is none or it has ended. */
    private Optional<InsuranceWorking> insurance(int payment) {
        return figures.monthlyCost()
                .insurance()
                .filter(insurance -> payment < insurance.endsAtPayment())
                .map(insurance -> new InsuranceWorking(insurance, option.frequency()));
    }
}
