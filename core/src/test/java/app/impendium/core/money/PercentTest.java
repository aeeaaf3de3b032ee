package app.impendium.core.money;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.core.finding.CaseException;
import app.impendium.core.rate.YearlyChange;
import java.math.BigDecimal;
import java.math.RoundingMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.BigRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import net.jqwik.api.constraints.Scale;
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

    @Property(tries = 500)
    void aMonthsShareIsTheExactOneRounded(
            @ForAll @LongRange(max = 99_999_999_999L) long cents,
            @ForAll @BigRange(min = "0", max = "100") @Scale(6) BigDecimal percent) {
        Percent share = new Percent(percent);
        Money amount = Money.ofCents(cents);

        assertThat(share.monthlyOf(amount)).isEqualTo(Money.nearest(share.exactMonthlyCentsOf(amount)));
    }

    @Property(tries = 500)
    void aPartIsTheExactOneRoundedAwayFromZero(
            @ForAll @LongRange(min = -9_999_999_999_999L, max = 9_999_999_999_999L) long cents,
            @ForAll @IntRange(min = 1, max = 52) int divisor) {
        BigDecimal exact = BigDecimal.valueOf(cents).divide(BigDecimal.valueOf(divisor), 20, RoundingMode.HALF_EVEN);

        assertThat(Money.ofCents(cents).dividedBy(divisor)).isEqualTo(Money.nearest(exact));
    }
}
