package app.impendium.core.loan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.core.loan.PaymentPhase.Cause;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Payments that the client chooses to be others later; random ones are held equal to the plain schedule. */
class PaymentStepTest {
    private static final PeriodicRate RATE =
            PeriodicRate.of(AnnualRate.ofPercent("4.8"), Compounding.MONTHLY, PaymentFrequency.MONTHLY);
    private static final PaymentStep SIX_HUNDRED = new PaymentStep(19, Money.of("600.00"));
    private static final PaymentStep NINE_HUNDRED = new PaymentStep(67, Money.of("900.00"));
    private static final LoanFeatures STEPPED =
            LoanFeatures.NONE.withInterestOnly(18).withSteps(List.of(SIX_HUNDRED, NINE_HUNDRED));

    @Test
    void goFromInterestAloneToOneAmountAndThenAnother() {
        Schedule schedule = Schedule.of(loan(STEPPED));

        assertThat(schedule.due(18)).isEqualTo(Money.of("245.40"));
        assertThat(schedule.due(19)).isEqualTo(schedule.due(66)).isEqualTo(Money.of("600.00"));
        assertThat(schedule.due(67)).isEqualTo(Money.of("900.00"));
        assertThat(schedule.payments()).isEqualTo(119);
        assertThat(schedule.lastPayment()).isEqualTo(Money.of("554.73"));
        assertThat(schedule.phases())
                .extracting(PaymentPhase::from, PaymentPhase::cause)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple(1, Cause.INTEREST_ONLY),
                        org.assertj.core.groups.Tuple.tuple(19, Cause.STEP),
                        org.assertj.core.groups.Tuple.tuple(67, Cause.STEP));
    }

    @Test
    void areRefusedWhereTheyDoNotCoverTheirInterest() {
        LoanFeatures tooLittle = STEPPED.withSteps(List.of(SIX_HUNDRED, new PaymentStep(67, Money.of("170.00"))));

        assertThatThrownBy(() -> Schedule.of(loan(tooLittle)))
                .hasMessageStartingWith("features.paymentSteps[1].cents: PAYMENT_BELOW_INTEREST 170.00, 170.51, 67, ");
    }

    @Test
    void beginAfterTheInterestOnlyPeriodAndInOrder() {
        LoanFeatures disordered = STEPPED.withSteps(List.of(NINE_HUNDRED, SIX_HUNDRED));
        LoanFeatures early = STEPPED.withSteps(List.of(new PaymentStep(18, Money.of("600.00"))));

        assertThatThrownBy(() -> loan(disordered)).hasMessage("features.paymentSteps[1]: OUT_OF_RANGE 19, 68, 120");
        assertThatThrownBy(() -> loan(early)).hasMessage("features.paymentSteps[0]: OUT_OF_RANGE 18, 19, 120");
    }

    @Test
    void giveWayToARateChangeUntilTheNextStep() {
        LoanFeatures changed =
                STEPPED.withRateChanges(List.of(new RateChange(31, RATE.withAnnual(AnnualRate.ofPercent("5.4")))));
        Schedule schedule = Schedule.of(loan(changed));

        assertThat(schedule.phaseOf(30).cause()).isEqualTo(Cause.STEP);
        assertThat(schedule.phaseOf(31).cause()).isEqualTo(Cause.RATE_CHANGE);
        assertThat(schedule.phaseOf(31).setAfter()).isEqualTo(30);
        assertThat(schedule.due(67)).isEqualTo(Money.of("900.00"));
    }

    private static LoanTerms loan(LoanFeatures features) {
        return new LoanTerms(Money.of("61350.00"), RATE, 120, PaymentRounding.NEAREST_CENT, features);
    }
}
