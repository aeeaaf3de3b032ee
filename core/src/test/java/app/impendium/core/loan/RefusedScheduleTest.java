package app.impendium.core.loan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Finding;
import app.impendium.core.finding.GivenUpException;
import app.impendium.core.finding.Patience;
import app.impendium.core.finding.Value;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A schedule that cannot be is refused where the cause lies. */
class RefusedScheduleTest {

    @Test
    void anAcceleratedLoanCannotChangeItsRateWithinAMonth() {
        LoanFeatures features = LoanFeatures.NONE.withRateChanges(List.of(
                new RateChange(27, rate(PaymentFrequency.ACCELERATED_BIWEEKLY, "5")),
                new RateChange(41, rate(PaymentFrequency.ACCELERATED_BIWEEKLY, "6"))));

        Finding finding = refusal(PaymentFrequency.ACCELERATED_BIWEEKLY, "4", 650, features);

        assertThat(finding.path()).isEqualTo("features.rateChanges[1]");
        assertThat(finding.code()).isEqualTo(Code.PAYMENTS_SPLIT_MONTHS);
        // 610 payments are left from payment 41 on; 611 and 598 are 47 and 46 times 13.
        assertThat(finding.values()).containsExactly(new Value.Count(610), new Value.Count(40), new Value.Count(53));
    }

    @Test
    void anAcceleratedLoanCannotBeRecastWithinAMonth() {
        LoanFeatures features =
                LoanFeatures.NONE.withExtras(List.of(new ExtraPayment.Lump(Money.of("500.00"), 3)), ExtraEffect.RECAST);

        assertThat(refusal(PaymentFrequency.ACCELERATED_WEEKLY, "4", 1300, features)
                        .path())
                .isEqualTo("features.extraEffect");
    }

    @Test
    void aRateChangeAfterWhichNothingIsRepaidIsNamed() {
        LoanFeatures features =
                LoanFeatures.NONE.withRateChanges(List.of(new RateChange(2, rate(PaymentFrequency.MONTHLY, "30"))));

        assertThat(refusal(PaymentFrequency.MONTHLY, "1", 600, features).path()).isEqualTo("features.rateChanges[0]");
    }

    @Test
    void aChosenPaymentIsRefusedAtItself() {
        LoanFeatures features = LoanFeatures.NONE.withRegular(new RegularPayment.Custom(Money.of("3.00")));

        assertThat(refusal(PaymentFrequency.MONTHLY, "4", 300, features).path()).isEqualTo("features.paymentCents");
    }

    @Test
    void centsLeftByARecastWaitForTheNextExtra() {
        // After the first extra 0.01 is owed: a level payment over the 297 payments left rounds to nothing.
        LoanFeatures features = LoanFeatures.NONE.withExtras(
                List.of(new ExtraPayment.Lump(Money.of("992.00"), 3), new ExtraPayment.Lump(Money.of("5.00"), 9)),
                ExtraEffect.RECAST);
        Schedule schedule = Schedule.of(terms(PaymentFrequency.MONTHLY, "4", 300, features));

        assertThat(schedule.balanceAfter(3)).isBetween(Money.of("0.01"), Money.of("4.00"));
        assertThat(schedule.payments()).isEqualTo(9);
    }

    @Test
    void theNextLoanKeepsWhatWasAgreedForItsEnd() {
        LoanTerms balloon =
                terms(PaymentFrequency.MONTHLY, "4", 300, LoanFeatures.NONE.withBalloon(Money.of("400.00")));
        Schedule schedule = Schedule.of(balloon);

        LoanTerms next = Renewal.of(balloon, schedule, 60, rate("4"));

        assertThat(next.features().balloon()).isEqualTo(Money.of("400.00"));
        assertThat(Schedule.of(next).payment()).isEqualTo(schedule.payment());

        LoanFeatures recastBelow = LoanFeatures.NONE
                .withBalloon(Money.of("400.00"))
                .withExtras(List.of(new ExtraPayment.Lump(Money.of("700.00"), 2)), ExtraEffect.RECAST);
        LoanTerms below = terms(PaymentFrequency.MONTHLY, "4", 300, recastBelow);
        Schedule rest = Schedule.of(Renewal.of(below, Schedule.of(below), 60, rate("4")));
        assertThat(rest.line(1).payment()).isEqualTo(rest.line(1).interest());
        assertThat(rest.balanceAfter(rest.payments() - 1)).isEqualTo(rest.balanceAfter(0));
    }

    @Test
    void givesUpWhereNobodyWaitsForIt() {
        LoanTerms terms = terms(PaymentFrequency.MONTHLY, "4", 300, LoanFeatures.NONE);
        try {
            Patience.until(() -> true);
            assertThatExceptionOfType(GivenUpException.class).isThrownBy(() -> Schedule.of(terms));
        } finally {
            Patience.withoutEnd();
        }
        assertThat(Schedule.of(terms).payments()).isEqualTo(300);
    }

    private static Finding refusal(PaymentFrequency frequency, String percent, int payments, LoanFeatures features) {
        LoanTerms terms = terms(frequency, percent, payments, features);
        return catchThrowableOfType(CaseException.class, () -> Schedule.of(terms))
                .findings()
                .get(0);
    }

    private static LoanTerms terms(PaymentFrequency frequency, String percent, int payments, LoanFeatures features) {
        return new LoanTerms(
                Money.of("1000.00"), rate(frequency, percent), payments, PaymentRounding.NEAREST_CENT, features);
    }

    private static PeriodicRate rate(PaymentFrequency frequency, String percent) {
        return PeriodicRate.of(rate(percent), Compounding.MONTHLY, frequency);
    }

    private static AnnualRate rate(String percent) {
        return AnnualRate.ofPercent(percent);
    }
}
