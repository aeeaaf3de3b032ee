package app.impendium.core.afford;

import app.impendium.core.money.Money;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** A household as a lender counts it. Immutable. */
public final class CountedHousehold {
    private static final int MONTHS_PER_YEAR = 12;

    private final Household household;
    private final List<Money> properties;
    private final List<DebtRule.Counted> debts;
    private final Earnings earned;
    private final Money monthlyIncome;
    private final Money yearlyIncome;
    private final Money monthlyDebts;
    private final Money owed;

    /** What is earned, which stays whatever debts are paid off. */
    private record Earnings(Money monthly, Money yearly) {
        static Earnings of(Household household) {
            return new Earnings(household.monthlyEarnings(), household.yearlyEarnings());
        }
    }

    private CountedHousehold(
            Household household, List<Money> properties, List<DebtRule.Counted> debts, Money owed, Earnings earned) {
        long left = 0;
        long monthly = 0;
        for (DebtRule.Counted debt : debts) {
            monthly += debt.monthly().cents();
        }
        for (Money net : properties) {
            left += Math.max(0, net.cents());
            monthly -= Math.min(0, net.cents());
        }
        this.household = household;
        this.properties = properties;
        this.debts = debts;
        this.earned = earned;
        this.monthlyIncome = earned.monthly().plus(Money.ofCents(left));
        this.yearlyIncome = earned.yearly().plus(Money.ofCents(left).times(MONTHS_PER_YEAR));
        this.monthlyDebts = Money.ofCents(monthly);
        this.owed = owed;
    }

    /**
     * A household as a limit set counts it.
     *
     * @param paidOff the ids of debts that are paid off at closing
     */
    public static CountedHousehold of(Household household, LimitSet set, Set<String> paidOff) {
        List<Money> properties = household.properties().stream()
                .map(property -> property.net(set.rentCounted()))
                .toList();
        return counted(household, set.debtRule(), paidOff, properties, Earnings.of(household));
    }

    /**
     * The same when other debts are paid off.
     *
     * @param paidOff the ids of all debts that are then paid off at closing
     */
    public CountedHousehold with(DebtRule rule, Set<String> paidOff) {
        return counted(household, rule, paidOff, properties, earned);
    }

    private static CountedHousehold counted(
            Household household, DebtRule rule, Set<String> paidOff, List<Money> properties, Earnings earned) {
        List<DebtRule.Counted> counted = new ArrayList<>();
        long balances = 0;
        for (Debt debt : household.debts()) {
            boolean isPaidOff = paidOff.contains(debt.id());
            counted.add(rule.count(debt, isPaidOff));
            balances += debt.counts() && !isPaidOff ? debt.balance().cents() : 0;
        }
        return new CountedHousehold(household, properties, List.copyOf(counted), Money.ofCents(balances), earned);
    }

    /** Whom it counts. */
    public Household household() {
        return household;
    }

    /** What is left a month of each other home; negative where it takes more than counts of its rent. */
    public List<Money> properties() {
        return properties;
    }

    /** What counts a month of each debt, and why. */
    public List<DebtRule.Counted> debts() {
        return debts;
    }

    /** All that counts as income a month: what is earned, and what other homes leave. */
    public Money monthlyIncome() {
        return monthlyIncome;
    }

    /** The same in a year: of what is earned by its year, not twelve times a rounded month. */
    public Money yearlyIncome() {
        return yearlyIncome;
    }

    /** All that counts as debts a month: theirs, and what other homes take. */
    public Money monthlyDebts() {
        return monthlyDebts;
    }

    /** The balances of all debts that stay. */
    public Money owed() {
        return owed;
    }
}
