package app.impendium.core;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.FeatureNote.Kind;
import app.impendium.core.loan.ExtraEffect;
import app.impendium.core.loan.ExtraPayment;
import app.impendium.core.loan.LoanFeatures;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.loan.PaymentStep;
import app.impendium.core.loan.RateChange;
import app.impendium.core.loan.RegularPayment;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.rate.PaymentFrequency;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What features of an option do instead of what they say: 201,040.00 at 5.75 % in 300 payments. */
class FeatureNoteTest {
    private static final LoanFeatures BALLOON = LoanFeatures.NONE.withBalloon(Money.of("100000.00"));
    private static final ExtraPayment LUMP = new ExtraPayment.Lump(Money.of("20000.00"), 24);

    @Test
    void saysNothingOfFeaturesThatDoWhatTheySay() {
        assertThat(notes(BALLOON)).isEmpty();
        assertThat(notes(BALLOON.withExtras(List.of(LUMP), ExtraEffect.RECAST))).isEmpty();
        assertThat(notes(LoanFeatures.NONE.withExtras(List.of(LUMP), ExtraEffect.END_EARLY)))
                .isEmpty();
        assertThat(notes(LoanFeatures.NONE.withInterestOnly(60))).isEmpty();
    }

    @Test
    void aLumpThatIsKeptMakesTheBalloonSmallerAndEndsNothingEarlier() {
        LoanFeatures features = BALLOON.withExtras(List.of(LUMP), ExtraEffect.END_EARLY);
        Schedule schedule = figures(features).loan().schedule();

        assertThat(notes(features))
                .containsExactly(
                        new FeatureNote(
                                "features.extraEffect", Kind.ENDS_NO_EARLIER, 300, Optional.of(schedule.lastPayment())),
                        new FeatureNote(
                                "features.balloonCents",
                                Kind.BALLOON_IS,
                                300,
                                Optional.of(schedule.lastPayment().minus(schedule.payment()))));
        assertThat(schedule.lastPayment()).isLessThan(Money.of("100000.00"));
    }

    @Test
    void aBalloonIsGoneWhereTheLoanIsPaidOffBefore() {
        ExtraPayment large = new ExtraPayment.Lump(Money.of("190000.00"), 24);

        assertThat(notes(BALLOON.withExtras(List.of(large), ExtraEffect.END_EARLY)))
                .extracting(FeatureNote::field, FeatureNote::kind)
                .containsExactly(org.assertj.core.groups.Tuple.tuple("features.balloonCents", Kind.PAID_OFF_BEFORE));
    }

    @Test
    void aRecastBelowTheBalloonPaysInterestAloneAndLeavesWhatIsOwed() {
        ExtraPayment large = new ExtraPayment.Lump(Money.of("130000.00"), 24);
        LoanFeatures features = BALLOON.withExtras(List.of(large), ExtraEffect.RECAST);
        Schedule schedule = figures(features).loan().schedule();
        Money left = schedule.balanceAfter(24);

        assertThat(schedule.line(25).payment()).isEqualTo(schedule.line(25).interest());
        assertThat(schedule.balanceAfter(299)).isEqualTo(left);
        assertThat(notes(features))
                .containsExactly(new FeatureNote("features.balloonCents", Kind.BALLOON_IS, 300, Optional.of(left)));
    }

    @Test
    void whatComesAfterTheLastPaymentNeverHappens() {
        LoanFeatures features = LoanFeatures.NONE
                .withInterestOnly(36)
                .withExtras(
                        List.of(
                                new ExtraPayment.Lump(Money.of("201040.00"), 24),
                                new ExtraPayment.Regular(Money.of("50.00"), 30, 300)),
                        ExtraEffect.END_EARLY)
                .withRateChanges(List.of(new RateChange(61, Options.rate("5"))));

        assertThat(notes(features))
                .allSatisfy(note -> assertThat(note.payment()).isEqualTo(24))
                .allSatisfy(note -> assertThat(note.kind()).isEqualTo(Kind.PAID_OFF_BEFORE))
                .extracting(FeatureNote::field)
                .containsExactly("features.interestOnlyPayments", "features.rateChanges[0]", "features.extras[1]");
    }

    @Test
    void theTimeOfARateThatOutlastsTheLoanNeverEnds() {
        LoanOption option = Options.closed(Closing.PLAIN, Optional.of(LoanTerm.ofYears(10)))
                .withFeatures(LoanFeatures.NONE.withExtras(
                        List.of(new ExtraPayment.Lump(Money.of("201040.00"), 24)), ExtraEffect.END_EARLY));

        assertThat(CaseEvaluator.evaluate(option).notes())
                .containsExactly(new FeatureNote("terms.rateTermMonths", Kind.PAID_OFF_BEFORE, 24, Optional.empty()));
    }

    @Test
    void aChosenPaymentIsRecalculatedByARateChangeOrMakesTheLastPaymentLarger() {
        LoanFeatures chosen = LoanFeatures.NONE.withRegular(new RegularPayment.Custom(Money.of("1100.00")));
        LoanFeatures changed = chosen.withRateChanges(List.of(new RateChange(61, Options.rate("5"))));

        assertThat(notes(chosen))
                .containsExactly(new FeatureNote(
                        "features.paymentCents",
                        Kind.LAST_PAYMENT_IS,
                        300,
                        Optional.of(figures(chosen).loan().schedule().lastPayment())));
        assertThat(notes(changed))
                .containsExactly(new FeatureNote(
                        "features.paymentCents",
                        Kind.RECALCULATED,
                        61,
                        Optional.of(figures(changed).loan().schedule().line(61).payment())));
    }

    @Test
    void aStepSaysWhatBecomesOfIt() {
        LoanFeatures steps = LoanFeatures.NONE.withSteps(
                List.of(new PaymentStep(13, Money.of("4000.00")), new PaymentStep(290, Money.of("9000.00"))));
        LoanFeatures small = LoanFeatures.NONE.withSteps(List.of(new PaymentStep(13, Money.of("1200.00"))));

        assertThat(notes(steps))
                .extracting(FeatureNote::field, FeatureNote::kind)
                .containsExactly(org.assertj.core.groups.Tuple.tuple("features.paymentSteps[1]", Kind.PAID_OFF_BEFORE));
        assertThat(notes(small))
                .extracting(FeatureNote::field, FeatureNote::kind)
                .containsExactly(org.assertj.core.groups.Tuple.tuple("features.paymentSteps[0]", Kind.LAST_PAYMENT_IS));
    }

    private static List<FeatureNote> notes(LoanFeatures features) {
        return figures(features).notes();
    }

    private static OptionEvaluation figures(LoanFeatures features) {
        return CaseEvaluator.evaluate(
                Options.purchase("20", PaymentFrequency.MONTHLY, 300).withFeatures(features));
    }
}
