package app.impendium.core;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.loan.ExtraEffect;
import app.impendium.core.loan.ExtraPayment;
import app.impendium.core.loan.LoanFeatures;
import app.impendium.core.money.Money;
import app.impendium.core.rate.PaymentFrequency;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What extras save of 201,040.00 at 5.75 % in 300 payments. */
class ExtrasSavingTest {
    private static final ExtraPayment LUMP = new ExtraPayment.Lump(Money.of("20000.00"), 24);

    @Test
    void isTheDifferenceToTheSameLoanWithoutExtras() {
        OptionEvaluation with = figures(LoanFeatures.NONE.withExtras(List.of(LUMP), ExtraEffect.END_EARLY));
        OptionEvaluation without = figures(LoanFeatures.NONE);

        ExtrasSaving saving = with.extrasSaving().orElseThrow();
        assertThat(saving.payoffDate()).isEqualTo(without.loan().payoffDate());
        assertThat(saving.interest())
                .isEqualTo(without.loan().schedule().whole().interest());
        assertThat(saving.saved().plus(with.loan().schedule().whole().interest()))
                .isEqualTo(saving.interest());
        assertThat(saving.saved()).isGreaterThan(Money.of("20000.00"));
        assertThat(with.loan().payoffDate()).isBefore(saving.payoffDate());
    }

    @Test
    void endsNoEarlierWhereExtrasLowerThePayments() {
        OptionEvaluation recast = figures(LoanFeatures.NONE.withExtras(List.of(LUMP), ExtraEffect.RECAST));
        assertThat(recast.extrasSaving().orElseThrow().payoffDate())
                .isEqualTo(recast.loan().payoffDate());
    }

    @Test
    void isNoneWithoutExtras() {
        assertThat(figures(LoanFeatures.NONE).extrasSaving()).isEmpty();
    }

    private static OptionEvaluation figures(LoanFeatures features) {
        return CaseEvaluator.evaluate(
                Options.purchase("20", PaymentFrequency.MONTHLY, 300).withFeatures(features));
    }
}
