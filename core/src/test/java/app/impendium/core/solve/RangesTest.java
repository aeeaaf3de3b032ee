package app.impendium.core.solve;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.solve.Ranges.Range;
import org.junit.jupiter.api.Test;

class RangesTest {

    @Test
    void partsNumbersWhereSomethingChanges() {
        assertThat(Ranges.of(1, 1_000_000, number -> number < 312_234 ? "low" : number < 365_000 ? "middle" : "high"))
                .containsExactly(new Range(1, 312_233), new Range(312_234, 364_999), new Range(365_000, 1_000_000));
        assertThat(Ranges.of(-5, 5, number -> "always")).containsExactly(new Range(-5, 5));
        assertThat(Ranges.of(7, 7, number -> number)).containsExactly(new Range(7, 7));
        assertThat(Ranges.of(8, 7, number -> number)).isEmpty();
    }

    @Test
    void leavesOffPartingWhatNeverStaysTheSame() {
        assertThat(Ranges.of(0, 1_000_000, number -> number))
                .hasSizeLessThan(50)
                .last()
                .isEqualTo(new Range(23, 1_000_000));
    }
}
