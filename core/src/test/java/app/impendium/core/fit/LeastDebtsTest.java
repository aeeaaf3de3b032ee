package app.impendium.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.fit.DebtChoice.Candidate;
import app.impendium.core.fit.DebtChoice.Order;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

class LeastDebtsTest {
    private static final int DEBTS = 60;

    @Test
    void tellsTheFewestOfSixtyDebtsAlike() {
        List<Candidate> debts = IntStream.range(0, DEBTS)
                .mapToObj(i -> new Candidate(i, 10_000 + i, 500_000))
                .toList();
        long payment = LongStream.range(25, DEBTS).map(i -> 10_000 + i).sum();

        assertThat(LeastDebts.of(debts, payment, 0, Order.FEWEST).orElseThrow()).isEqualTo(debts.subList(25, DEBTS));
        assertThat(LeastDebts.of(debts, payment, 36 * 500_000, Order.FEWEST).orElseThrow())
                .hasSize(36)
                .startsWith(debts.get(0));
    }

    @Test
    void tellsTheBestOfSixtyDebtsOfAnyAmounts() {
        Random amounts = new Random(7);
        List<Candidate> debts = IntStream.range(0, DEBTS)
                .mapToObj(i -> new Candidate(i, amounts.nextLong(1_000, 60_000), amounts.nextLong(50_000, 3_000_000)))
                .toList();
        long payment = debts.stream().mapToLong(Candidate::payment).sum() / 2;

        for (Order order : Order.values()) {
            List<Candidate> best = LeastDebts.of(debts, payment, 0, order).orElseThrow();

            assertThat(takenOff(best)).isGreaterThanOrEqualTo(payment);
            // No debt that it takes can be left out or changed for a cheaper one.
            assertThat(best)
                    .allSatisfy(taken -> assertThat(debts)
                            .filteredOn(other -> !best.contains(other) && order.cost(other) < order.cost(taken))
                            .allMatch(other -> takenOff(best) - taken.payment() + other.payment() < payment));
            assertThat(best).allMatch(taken -> takenOff(best) - taken.payment() < payment);
        }
    }

    @Test
    void tellsNothingWhereAllTogetherDoNotSuffice() {
        List<Candidate> debts = List.of(new Candidate(0, 100, 5_000), new Candidate(1, 200, 9_000));

        assertThat(LeastDebts.of(debts, 301, 0, Order.FEWEST)).isEqualTo(Optional.empty());
        assertThat(LeastDebts.of(debts, 300, 14_001, Order.LEAST_CASH)).isEqualTo(Optional.empty());
    }

    private static long takenOff(List<Candidate> debts) {
        return debts.stream().mapToLong(Candidate::payment).sum();
    }
}
