package app.impendium.core.fit;

import app.impendium.core.finding.Patience;
import app.impendium.core.fit.DebtChoice.Candidate;
import app.impendium.core.fit.DebtChoice.Order;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * The best set of debts that takes so much off the month and off what is owed, where nothing else decides. Goes through the
 * debts one by one and keeps the sets that no other beats in all that counts, so that sixty debts take no longer than their
 * amounts allow.
 */
final class LeastDebts {
    private static final int MOST_CANDIDATES = Long.SIZE - 1;

    /** More than sets of real amounts come to; what is above is not told rather than told wrong. */
    private static final int MOST_SETS = 200_000;

    /**
     * A set of debts.
     *
     * @param payment what it takes off the month, up to what is needed, in cents
     * @param balance what it takes off what is owed, up to what is needed, in cents
     * @param cost less is better
     * @param members a bit for each candidate, the first the highest: of equal sets, the one with earlier debts is larger
     */
    private record Taken(long payment, long balance, long cost, long members) {
        boolean isBefore(Taken other) {
            return cost < other.cost || cost == other.cost && members > other.members;
        }
    }

    private final List<Candidate> candidates;
    private final long payment;
    private final long balance;
    private final Order order;

    private LeastDebts(List<Candidate> candidates, long payment, long balance, Order order) {
        if (candidates.size() > MOST_CANDIDATES) {
            throw new IllegalArgumentException("More debts than a set has bits for: " + candidates.size());
        }
        this.candidates = candidates;
        this.payment = payment;
        this.balance = balance;
        this.order = order;
    }

    /**
     * The best set that takes at least {@code payment} off the month and {@code balance} off what is owed, in cents; none where
     * all together do not, or so many sets are alike that the best cannot be told. Of equal ones, that with the earlier debts.
     */
    static Optional<List<Candidate>> of(List<Candidate> candidates, long payment, long balance, Order order) {
        return new LeastDebts(candidates, payment, balance, order).best();
    }

    private Optional<List<Candidate>> best() {
        List<Taken> sets = List.of(new Taken(0, 0, 0, 0));
        for (int place = 0; place < candidates.size(); place++) {
            sets = unbeaten(sets, place);
            if (sets.size() > MOST_SETS) {
                return Optional.empty();
            }
        }
        return sets.stream()
                .filter(set -> set.payment() >= payment && set.balance() >= balance)
                .findFirst()
                .map(this::members);
    }

    /** The sets of before, and the same with one more candidate, cheapest first and without those that another beats. */
    private List<Taken> unbeaten(List<Taken> before, int place) {
        Candidate candidate = candidates.get(place);
        List<Taken> kept = new ArrayList<>(before.size() * 2);
        TreeMap<Long, Long> balanceByPayment = new TreeMap<>();
        int without = 0;
        int with = 0;
        while (with < before.size()) {
            Patience.check();
            Taken more = and(before.get(with), candidate, place);
            boolean isOldFirst = without < before.size() && !more.isBefore(before.get(without));
            Taken next = isOldFirst ? before.get(without) : more;
            without += isOldFirst ? 1 : 0;
            with += isOldFirst ? 0 : 1;
            if (isUnbeaten(balanceByPayment, next)) {
                kept.add(next);
            }
        }
        return kept;
    }

    private Taken and(Taken set, Candidate candidate, int place) {
        return new Taken(
                Math.min(payment, set.payment() + candidate.payment()),
                Math.min(balance, set.balance() + candidate.balance()),
                set.cost() + order.cost(candidate),
                set.members() | bit(place));
    }

    /** Whether no cheaper set takes off as much of both; the set then stands for those it beats. */
    private static boolean isUnbeaten(TreeMap<Long, Long> balanceByPayment, Taken set) {
        Map.Entry<Long, Long> asMuch = balanceByPayment.ceilingEntry(set.payment());
        if (asMuch != null && asMuch.getValue() >= set.balance()) {
            return false;
        }
        Map.Entry<Long, Long> less = balanceByPayment.floorEntry(set.payment());
        while (less != null && less.getValue() <= set.balance()) {
            balanceByPayment.remove(less.getKey());
            less = balanceByPayment.floorEntry(set.payment());
        }
        balanceByPayment.put(set.payment(), set.balance());
        return true;
    }

    private List<Candidate> members(Taken set) {
        List<Candidate> members = new ArrayList<>();
        for (int i = 0; i < candidates.size(); i++) {
            if ((set.members() & bit(i)) != 0) {
                members.add(candidates.get(i));
            }
        }
        return members;
    }

    private static long bit(int place) {
        return 1L << MOST_CANDIDATES - 1 - place;
    }
}
