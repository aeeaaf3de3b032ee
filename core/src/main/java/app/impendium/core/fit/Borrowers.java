package app.impendium.core.fit;

import app.impendium.core.afford.CountedHousehold;
import app.impendium.core.afford.Debt;
import app.impendium.core.afford.DebtRule;
import app.impendium.core.afford.Household;
import app.impendium.core.afford.LimitSet;
import app.impendium.core.money.Money;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Those who borrow as a limit set counts them, and the debts that they could pay off beside those that they do. Immutable. */
final class Borrowers {
    private final DebtRule rule;
    private final Set<String> paidOff;
    private final CountedHousehold counted;
    private final List<DebtChoice.Candidate> candidates;
    private final List<Integer> places;

    /**
     * @param set whose rules count them; its tests are not asked
     * @param paidOff the ids of debts that are paid off at closing as it is
     */
    Borrowers(Household household, LimitSet set, Set<String> paidOff) {
        this.rule = set.debtRule();
        this.paidOff = paidOff;
        this.counted = CountedHousehold.of(household, set, paidOff);
        this.candidates = candidates(counted, paidOff);
        this.places = candidates.stream().map(DebtChoice.Candidate::place).toList();
    }

    /** How they are counted as it is. */
    CountedHousehold counted() {
        return counted;
    }

    /** The debts that could be paid off, in order. */
    List<DebtChoice.Candidate> candidates() {
        return candidates;
    }

    /** The places of all debts that could be paid off. */
    List<Integer> places() {
        return places;
    }

    /** How they would be counted if all debts were paid off that could be. */
    CountedHousehold withoutAny() {
        return without(places);
    }

    /** How they would be counted if the debts at some places were paid off. */
    CountedHousehold without(List<Integer> gone) {
        Set<String> ids = new HashSet<>(paidOff);
        gone.forEach(place -> ids.add(debt(place).id()));
        return counted.with(rule, ids);
    }

    /** What it takes to pay off the debts at some places. */
    Money cash(List<Integer> gone) {
        Money cash = Money.ZERO;
        for (int place : gone) {
            cash = cash.plus(debt(place).balance());
        }
        return cash;
    }

    /** The debt at a place. */
    Debt debt(int place) {
        return counted.household().debts().get(place);
    }

    private static List<DebtChoice.Candidate> candidates(CountedHousehold counted, Set<String> paidOff) {
        List<Debt> debts = counted.household().debts();
        List<DebtChoice.Candidate> candidates = new ArrayList<>();
        for (int i = 0; i < debts.size(); i++) {
            Debt debt = debts.get(i);
            boolean canBePaidOff = debt.counts() && debt.balance().isAbove(Money.ZERO) && !paidOff.contains(debt.id());
            if (canBePaidOff) {
                long monthly = counted.debts().get(i).monthly().cents();
                candidates.add(
                        new DebtChoice.Candidate(i, monthly, debt.balance().cents()));
            }
        }
        return List.copyOf(candidates);
    }
}
