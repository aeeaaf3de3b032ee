package app.impendium.core.fit;

import app.impendium.core.finding.Patience;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * The best set of debts that takes a payment off the month: the fewest, or those that take the least cash. Where the money
 * that is left decides what is accepted, it looks at every set that could be better than the best so far.
 */
final class DebtChoice {
    /** Far more than debts as people have them ever need. */
    private static final int MOST_LOOKS = 200_000;

    /** The doubles that only help to look less err by far less than this share. */
    private static final double ROUNDING_SHARE = 1e-9;

    /**
     * A debt that can be paid off.
     *
     * @param place among the debts of the household, from 0
     * @param payment what it counts a month, in cents
     * @param balance what paying it off takes, in cents
     */
    record Candidate(int place, long payment, long balance) {}

    /**
     * Debts to pay off.
     *
     * @param places among the debts of the household, in order
     */
    record Chosen(List<Integer> places, long payment, long balance) {
        static Chosen of(List<Candidate> debts) {
            return new Chosen(
                    debts.stream().map(Candidate::place).toList(),
                    debts.stream().mapToLong(Candidate::payment).sum(),
                    debts.stream().mapToLong(Candidate::balance).sum());
        }
    }

    /** What is better than what. */
    enum Order {
        FEWEST {
            @Override
            long cost(int count, long balance) {
                return count * LARGEST_BALANCE + balance;
            }
        },
        LEAST_CASH {
            @Override
            long cost(int count, long balance) {
                return balance * MOST_DEBTS + count;
            }
        };

        /** Above what all debts of a household owe together, in cents. */
        private static final long LARGEST_BALANCE = 1L << 44;

        private static final int MOST_DEBTS = 64;

        /** What so many debts that owe so much, in cents, count: less is better. */
        abstract long cost(int count, long balance);

        /** What one more debt counts. */
        long cost(Candidate debt) {
            return cost(1, debt.balance());
        }
    }

    private final List<Candidate> candidates;
    // By the place from which on debts are still to be looked at: what they come to, and what the best of them does.
    private final long[] paymentsFrom;
    private final long[] balancesFrom;
    private final long[] largestPaymentFrom;
    private final double[] cheapestCentFrom;
    private final long payment;
    private final long balance;
    private final Predicate<List<Integer>> accepts;
    private final Order order;
    private final List<Integer> taken = new ArrayList<>();
    private Chosen best;
    private int looks;

    private DebtChoice(
            List<Candidate> candidates, long payment, long balance, Predicate<List<Integer>> accepts, Order order) {
        this.candidates = candidates;
        this.payment = payment;
        this.balance = balance;
        this.accepts = accepts;
        this.order = order;
        int places = candidates.size();
        this.paymentsFrom = new long[places + 1];
        this.balancesFrom = new long[places + 1];
        this.largestPaymentFrom = new long[places + 1];
        this.cheapestCentFrom = new double[places + 1];
        largestPaymentFrom[places] = 1;
        cheapestCentFrom[places] = Double.POSITIVE_INFINITY;
        for (int i = places - 1; i >= 0; i--) {
            Candidate each = candidates.get(i);
            paymentsFrom[i] = paymentsFrom[i + 1] + each.payment();
            balancesFrom[i] = balancesFrom[i + 1] + each.balance();
            largestPaymentFrom[i] = Math.max(largestPaymentFrom[i + 1], each.payment());
            cheapestCentFrom[i] = Math.min(cheapestCentFrom[i + 1], (double) each.balance() / each.payment());
        }
    }

    /**
     * The best set that takes at least {@code payment} off the month and {@code balance} off what is owed, and that is accepted;
     * none where all together do not. Of equal ones, that with the earlier debts. Where too many sets would have to be looked
     * at, the best of those that were.
     *
     * @param accepts whether a set that takes off as much does: it is asked about the places of its debts
     */
    static Optional<Chosen> best(
            List<Candidate> candidates, long payment, long balance, Predicate<List<Integer>> accepts, Order order) {
        Optional<Chosen> least =
                LeastDebts.of(candidates, payment, balance, order).map(Chosen::of);
        if (least.isPresent() && accepts.test(least.get().places())) {
            return least;
        }
        DebtChoice choice = new DebtChoice(candidates, payment, balance, accepts, order);
        choice.from(0, 0, 0);
        return Optional.ofNullable(choice.best);
    }

    private void from(int next, long paid, long cash) {
        Patience.check();
        looks++;
        boolean isEnough = paid >= payment && cash >= balance;
        int count = isEnough ? taken.size() : taken.size() + fewestMore(next, paid);
        if (looks > MOST_LOOKS || isNoBetter(count, isEnough ? cash : cash + leastMore(next, paid))) {
            return;
        }
        if (isEnough && accepts.test(taken)) {
            best = new Chosen(List.copyOf(taken), paid, cash);
            return;
        }
        if (next == candidates.size() || paid + paymentsFrom[next] < payment || cash + balancesFrom[next] < balance) {
            return;
        }
        Candidate candidate = candidates.get(next);
        taken.add(candidate.place());
        from(next + 1, paid + candidate.payment(), cash + candidate.balance());
        taken.remove(taken.size() - 1);
        from(next + 1, paid, cash);
    }

    /** Whether no set with so many debts or more, and so much cash or more, is better than the best so far. */
    private boolean isNoBetter(int count, long cash) {
        return best != null
                && order.cost(count, cash) >= order.cost(best.places().size(), best.balance());
    }

    /** At least so many more are needed: as many as if each took off the largest payment that is left. */
    private int fewestMore(int next, long paid) {
        long largest = largestPaymentFrom[next];
        return (int) Math.max(1, (payment - paid + largest - 1) / largest);
    }

    /** At least so much more cash is needed: as much as if every cent cost what it costs where it is cheapest. */
    private long leastMore(int next, long paid) {
        double cheapest = cheapestCentFrom[next];
        if (Double.isInfinite(cheapest)) {
            return 0;
        }
        return (long) Math.floor(Math.max(0, payment - paid) * cheapest * (1 - ROUNDING_SHARE));
    }
}
