package app.impendium.core.rate;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.RoundingMode;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.BigRange;
import net.jqwik.api.constraints.LongRange;
import net.jqwik.api.constraints.Scale;

class PeriodicRateTest {

    @Property
    void interestIsTheExactProductRoundedHalfUp(
            @ForAll @BigRange(min = "0", max = "30") @Scale(6) BigDecimal percent,
            @ForAll Compounding compounding,
            @ForAll PaymentFrequency frequency,
            @ForAll @LongRange(min = 0, max = 99_999_999_999L) long balance) {
        PeriodicRate rate = PeriodicRate.of(AnnualRate.ofPercent(percent), compounding, frequency);

        BigDecimal exact = rate.value().multiply(BigDecimal.valueOf(balance));

        // Fifty digits of the rate leave thirty decimals of the product: enough to tell a half cent from its
        // neighbours.
        assertThat(rate.interestOn(balance))
                .isEqualTo(exact.setScale(30, RoundingMode.HALF_EVEN)
                        .setScale(0, RoundingMode.HALF_UP)
                        .longValueExact());
    }

    @Property
    void conversionThereAndBackIsTheIdentity(
            @ForAll @BigRange(min = "0", max = "30") @Scale(6) BigDecimal percent,
            @ForAll Compounding compounding,
            @ForAll PaymentFrequency frequency) {
        PeriodicRate rate = PeriodicRate.of(AnnualRate.ofPercent(percent), compounding, frequency);

        assertThat(rate.nominalPercent(compounding).setScale(40, RoundingMode.HALF_EVEN))
                .isEqualByComparingTo(percent);
    }

    @Example
    void aTrueHalfCentGoesUp() {
        PeriodicRate quarterPercent =
                PeriodicRate.of(AnnualRate.ofPercent("3"), Compounding.MONTHLY, PaymentFrequency.MONTHLY);

        assertThat(quarterPercent.interestOn(200)).isEqualTo(1);
        assertThat(quarterPercent.interestOn(199)).isZero();
    }

    @Example
    void statesAHalfYearlyRateForOtherCompoundings() {
        PeriodicRate rate =
                PeriodicRate.of(AnnualRate.ofPercent("6"), Compounding.SEMI_ANNUAL, PaymentFrequency.MONTHLY);

        assertThat(rate.effectiveYearlyPercent().setScale(30, RoundingMode.HALF_EVEN))
                .isEqualByComparingTo("6.09");
        assertThat(rate.nominalPercent(Compounding.YEARLY).setScale(30, RoundingMode.HALF_EVEN))
                .isEqualByComparingTo("6.09");
    }
}
