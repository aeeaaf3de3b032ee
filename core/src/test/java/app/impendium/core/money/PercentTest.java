package app.impendium.core.money;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.core.finding.CaseException;
import app.impendium.core.rate.YearlyChange;
import java.math.BigDecimal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PercentTest {

    @ParameterizedTest
    @CsvSource({
        // A rounded year would give 138.25, 3,479.14 and 42.02.
        "0.55, 301625.00, 138.24",
        "3.85, 1084405.71, 3479.13",
        "0.335, 150500.00, 42.01",
        "12, 50.50, 0.51",
        "12, 49.49, 0.49",
    })
    void aMonthOfAYearlyShareIsRoundedOnce(String percent, String amount, String month) {
        assertThat(Percent.of(percent).monthlyOf(Money.of(amount))).isEqualTo(Money.of(month));
    }

    @ParameterizedTest
    @ValueSource(strings = {"1e999999999", "-1e999999999", "1e-999999999", "7e2147483600"})
    void isRefusedInFewWordsHoweverManyDigitsItStandsFor(String huge) {
        BigDecimal value = new BigDecimal(huge);

        assertThatThrownBy(() -> new Percent(value))
                .isInstanceOfSatisfying(
                        CaseException.class,
                        refusal -> assertThat(refusal.getMessage()).hasSizeLessThan(120));
        assertThatThrownBy(() -> new YearlyChange(value))
                .isInstanceOfSatisfying(
                        CaseException.class,
                        refusal -> assertThat(refusal.getMessage()).hasSizeLessThan(120));
    }

    @Test
    void aZeroOfManyDecimalsIsZero() {
        BigDecimal zero = new BigDecimal("0e-10000000");

        assertThat(new Percent(zero).value()).isEqualTo(BigDecimal.ZERO);
        assertThat(new YearlyChange(zero).percent()).isEqualTo(BigDecimal.ZERO);
    }
}
