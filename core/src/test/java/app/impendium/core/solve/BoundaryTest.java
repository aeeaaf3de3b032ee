package app.impendium.core.solve;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalLong;
import java.util.function.LongPredicate;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;

class BoundaryTest {
    private static final long LEAST = -40;
    private static final long MOST = 1_000;

    private final List<Long> asked = new ArrayList<>();
    private final List<Long> fitting = new ArrayList<>();

    @Property
    void findsTheLargestFromAnyGuess(
            @ForAll @LongRange(min = LEAST - 1, max = MOST) long boundary,
            @ForAll @LongRange(min = LEAST, max = MOST) long guess) {
        OptionalLong found = Boundary.largestNear(guess, LEAST, MOST, remembering(number -> number <= boundary));

        assertThat(found).isEqualTo(Boundary.largest(LEAST, MOST, number -> number <= boundary));
        assertThat(found).isEqualTo(boundary < LEAST ? OptionalLong.empty() : OptionalLong.of(boundary));
        assertThat(asked).doesNotHaveDuplicates().allMatch(number -> number >= LEAST && number <= MOST);
        found.ifPresent(last -> assertThat(fitting).endsWith(last));
    }

    @Property
    void findsTheSmallestFromAnyGuess(
            @ForAll @LongRange(min = LEAST, max = MOST + 1) long boundary,
            @ForAll @LongRange(min = LEAST, max = MOST) long guess) {
        OptionalLong found = Boundary.smallestNear(guess, LEAST, MOST, remembering(number -> number >= boundary));

        assertThat(found).isEqualTo(Boundary.smallest(LEAST, MOST, number -> number >= boundary));
        assertThat(found).isEqualTo(boundary > MOST ? OptionalLong.empty() : OptionalLong.of(boundary));
        found.ifPresent(last -> assertThat(fitting).endsWith(last));
    }

    @Test
    void looksTwiceFromAnExactGuessAndOnceMoreFromOneThatIsOffByOne() {
        Boundary.largestNear(500, LEAST, MOST, remembering(number -> number <= 500));
        assertThat(asked).containsExactly(500L, 501L);

        asked.clear();
        Boundary.largestNear(499, LEAST, MOST, remembering(number -> number <= 500));
        assertThat(asked).containsExactly(499L, 500L, 501L);
    }

    private LongPredicate remembering(LongPredicate fits) {
        asked.clear();
        fitting.clear();
        return number -> {
            asked.add(number);
            boolean does = fits.test(number);
            if (does) {
                fitting.add(number);
            }
            return does;
        };
    }
}
