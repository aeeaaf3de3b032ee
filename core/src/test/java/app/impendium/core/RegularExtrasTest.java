package app.impendium.core;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.loan.ExtraEffect;
import app.impendium.core.loan.ExtraPayment;
import app.impendium.core.loan.LoanFeatures;
import app.impendium.core.money.Money;
import app.impendium.core.rate.PaymentFrequency;
import java.util.List;
import org.junit.jupiter.api.Test;

class RegularExtrasTest {

    @Test
    void addATwelfthOfAYearsExtrasToTheMonthInWhichTheyBegin() {
        OptionEvaluation figures = figures(
                new ExtraPayment.Regular(Money.of("40.01"), 5, 300),
                new ExtraPayment.Regular(Money.of("9.99"), 5, 300),
                new ExtraPayment.Regular(Money.of("500.00"), 60, 300),
                new ExtraPayment.Lump(Money.of("10000.00"), 5));

        RegularExtras extras = figures.regularExtras().orElseThrow();

        assertThat(extras.fromPayment()).isEqualTo(5);
        assertThat(extras.eachTime()).isEqualTo(Money.of("50.00"));
        // 50.00 × 26 / 12 is 108.3333.
        assertThat(extras.month())
                .isEqualTo(figures.monthlyCost().first().total().plus(Money.of("108.33")));
    }

    @Test
    void areNoneWithoutExtrasThatGoWithEachPayment() {
        assertThat(figures(new ExtraPayment.Lump(Money.of("10000.00"), 5)).regularExtras())
                .isEmpty();
    }

    private static OptionEvaluation figures(ExtraPayment... extras) {
        return CaseEvaluator.evaluate(Options.purchase("20", PaymentFrequency.BIWEEKLY, 300)
                .withFeatures(LoanFeatures.NONE.withExtras(List.of(extras), ExtraEffect.END_EARLY)));
    }
}
