package app.impendium.core.solve;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.solve.Stretches.Stretch;
import org.junit.jupiter.api.Test;

class StretchesTest {

    @Test
    void partsNumbersWhereSomethingChanges() {
        assertThat(Stretches.of(
                        1, 1_000_000, number -> number < 312_234 ? "low" : number < 365_000 ? "middle" : "high"))
                .containsExactly(
                        new Stretch(1, 312_233), new Stretch(312_234, 364_999), new Stretch(365_000, 1_000_000));
        assertThat(Stretches.of(-5, 5, number -> "always")).containsExactly(new Stretch(-5, 5));
        assertThat(Stretches.of(7, 7, number -> number)).containsExactly(new Stretch(7, 7));
        assertThat(Stretches.of(8, 7, number -> number)).isEmpty();
    }

    @Test
    void leavesOffPartingWhatNeverStaysTheSame() {
        assertThat(Stretches.of(0, 1_000_000, number -> number))
                .hasSizeLessThan(50)
                .last()
                .isEqualTo(new Stretch(23, 1_000_000));
    }
}
