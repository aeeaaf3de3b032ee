package app.impendium.core;

import app.impendium.core.compare.CostComparison;
import app.impendium.core.compare.MoneyMoved;
import app.impendium.core.compare.Worth;
import app.impendium.core.cost.CashToClose;
import app.impendium.core.cost.ClosingItem;
import app.impendium.core.cost.Financing;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.loan.PresentPayment;
import app.impendium.core.loan.RunningDebt;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.working.KeptWorking;
import app.impendium.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * The options of a case beside one another, for as long as the client keeps them. A debt that any of them pays off counts for
 * the others too, which go on paying it. Immutable.
 */
public final class CaseComparison {
    /** How long a loan is taken to be kept where nothing is said: seven years. */
    private static final int USUAL_MONTHS = 84;

    private final List<OptionEvaluation> options;
    private final List<RunningDebt> debts;
    private final CostComparison costs;
    private final int keptMonths;
    private final Optional<PresentPayment> today;

    private CaseComparison(List<OptionEvaluation> options, Assumptions assumptions, Optional<PresentPayment> today) {
        this.today = today;
        this.options = List.copyOf(options);
        this.debts = options.stream()
                .flatMap(option -> option.option().debtsPaidOff().stream())
                .distinct()
                .toList();
        this.keptMonths = keptMonths(assumptions);
        List<MoneyMoved> moved = options.stream()
                .map(option -> option.moneyMoved(beside(option)))
                .toList();
        this.costs = CostComparison.of(
                moved, new Worth(assumptions.discountRate(), assumptions.marginalTaxRate()), keptMonths);
    }

    /**
     * The comparison of evaluated options.
     *
     * @param options at least one; the first is the baseline
     * @param today what is paid today on the loan that ends or is replaced, where there is one
     */
    public static CaseComparison of(
            List<OptionEvaluation> options, Assumptions assumptions, Optional<PresentPayment> today) {
        return new CaseComparison(options, assumptions, today);
    }

    /** What differs between the options besides the way of financing. */
    public List<HomeDifference> homeDifferences() {
        return HomeDifference.between(options);
    }

    /** How long the client keeps the loan, in months: seven years where nothing is said. */
    public static int keptMonths(Assumptions assumptions) {
        return assumptions.kept().map(LoanTerm::months).orElse(USUAL_MONTHS);
    }

    /** How long the client keeps the loan, in months. */
    public int keptMonths() {
        return keptMonths;
    }

    /** What the options cost for each length of stay. */
    public CostComparison costs() {
        return costs;
    }

    /**
     * An option as it is kept.
     *
     * @param month what goes out in the first month, with debts that go on beside it
     * @param interestByThen all interest paid with the payments made by then
     * @param changeFromToday by how much more the loan takes a month than what is paid today, where that is known
     * @param payback how many months the saving of a month takes to make up for the costs, where it replaces another loan, or for
     *     the points that it pays beyond the baseline's
     */
    public record Kept(
            Money month,
            Money cost,
            Money balance,
            Money interestByThen,
            Optional<Money> changeFromToday,
            Optional<Payback> payback) {}

    /**
     * What replacing a loan costs, or more points do, and what it saves each month.
     *
     * @param costs all that is paid for replacing it at closing, financed or not; else the points beyond the baseline's
     * @param monthlySaving against the baseline; negative where more goes out
     * @param months after which the savings make up for the costs, rounded up; none without a saving, 0 without costs
     */
    public record Payback(Money costs, Money monthlySaving, OptionalLong months) {
        static Payback of(Money costs, Money monthlySaving) {
            if (!monthlySaving.isAbove(Money.ZERO)) {
                return new Payback(costs, monthlySaving, OptionalLong.empty());
            }
            long due = Math.max(0, costs.cents());
            long roundedUp = (due + monthlySaving.cents() - 1) / monthlySaving.cents();
            return new Payback(costs, monthlySaving, OptionalLong.of(roundedUp));
        }
    }

    /** An option as it is kept, by its place from 0. */
    public Kept kept(int option) {
        MoneyMoved moved = costs.moved(option);
        return new Kept(
                month(option),
                costs.cost(option).after(keptMonths),
                moved.owedAfter(keptMonths),
                Money.ofCents(moved.schedule().interestSoFarCents(moved.paymentsBy(keptMonths))),
                today.map(paid -> loanMonth(option).minus(paid.monthly())),
                payback(option));
    }

    /** How the figures of an option as it is kept are calculated. */
    public List<Working> workings(int option) {
        KeptWorking working = new KeptWorking(costs, option, keptMonths);
        List<Working> workings = new ArrayList<>(working.workings());
        workings.add(working.month(options.get(option).firstMonth()));
        today.map(paid -> KeptWorking.changeFromToday(loanMonth(option), paid.monthly()))
                .ifPresent(workings::add);
        payback(option)
                .filter(payback -> payback.months().isPresent())
                .map(payback -> KeptWorking.payback(
                        payback.costs(),
                        payback.monthlySaving(),
                        payback.months().getAsLong()))
                .ifPresent(workings::add);
        return workings;
    }

    private Money month(int option) {
        return beside(options.get(option)).stream()
                .map(debt -> debt.due(1))
                .reduce(options.get(option).firstMonth(), Money::plus);
    }

    /** What the loan itself takes in the first month. */
    private Money loanMonth(int option) {
        return options.get(option).monthlyCost().first().principalAndInterest();
    }

    private Optional<Payback> payback(int option) {
        CashToClose cash = options.get(option).cashToClose();
        boolean replaces = options.get(option).option().financing() instanceof Financing.Refinancing;
        Money paid = replaces
                ? cash.payable().minus(cash.lenderCredit()).minus(cash.sellerCreditUsed())
                : pointsOf(option).minus(pointsOf(0));
        return replaces || paid.isAbove(Money.ZERO)
                ? Optional.of(Payback.of(paid, month(0).minus(month(option))))
                : Optional.empty();
    }

    private Money pointsOf(int option) {
        return options.get(option).cashToClose().cost(ClosingItem.Kind.POINTS);
    }

    private List<Schedule> beside(OptionEvaluation option) {
        List<RunningDebt> paidOff = option.option().debtsPaidOff();
        return debts.stream()
                .filter(debt -> !paidOff.contains(debt))
                .flatMap(debt -> debt.schedule().stream())
                .toList();
    }
}
