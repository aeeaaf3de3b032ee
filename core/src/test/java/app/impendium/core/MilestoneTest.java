package app.impendium.core;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.Milestone.Kind;
import app.impendium.core.cost.HomeValue;
import app.impendium.core.loan.ExtraEffect;
import app.impendium.core.loan.ExtraPayment;
import app.impendium.core.loan.LoanFeatures;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.loan.RateChange;
import app.impendium.core.loan.Reconciliation;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import app.impendium.core.rate.YearlyChange;
import java.math.BigDecimal;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What happens in a loan's life, and what proves that it ends as it should. */
class MilestoneTest {

    @Test
    void tellsWhatHappensInOrder() {
        LoanOption option = Options.purchase("10", PaymentFrequency.MONTHLY, 300)
                .withFeatures(LoanFeatures.NONE
                        .withInterestOnly(12)
                        .withExtras(List.of(new ExtraPayment.Lump(Money.of("9000.00"), 85)), ExtraEffect.RECAST)
                        .withRateChanges(List.of(new RateChange(61, Options.rate("6.5")))));

        List<Milestone> milestones = CaseEvaluator.evaluate(option).life().milestones();

        assertThat(milestones)
                .contains(
                        new Milestone(13, Kind.INTEREST_ONLY_ENDS),
                        new Milestone(61, Kind.RATE_CHANGES),
                        new Milestone(85, Kind.LUMP_PAID),
                        new Milestone(86, Kind.PAYMENT_STEPS_DOWN),
                        new Milestone(300, Kind.PAID_OFF))
                .isSortedAccordingTo(java.util.Comparator.comparingInt(Milestone::payment));
        assertThat(milestones)
                .extracting(Milestone::kind)
                .contains(Kind.INSURANCE_ENDS, Kind.HALF_REPAID, Kind.MORE_PRINCIPAL_THAN_INTEREST)
                .doesNotContain(Kind.RATE_TERM_ENDS, Kind.PAYMENT_STEPS_UP);
    }

    @Test
    void leavesOutWhatComesAfterTheEnd() {
        LoanOption option = Options.purchase("10", PaymentFrequency.MONTHLY, 300)
                .withFeatures(LoanFeatures.NONE.withExtras(
                        List.of(
                                new ExtraPayment.Lump(Money.of("226000.00"), 3),
                                new ExtraPayment.Lump(Money.of("100.00"), 90)),
                        ExtraEffect.END_EARLY));
        OptionEvaluation figures = CaseEvaluator.evaluate(option);

        assertThat(figures.life().milestones())
                .allMatch(milestone ->
                        milestone.payment() <= figures.loan().schedule().payments())
                .filteredOn(milestone -> milestone.kind() == Kind.LUMP_PAID)
                .containsExactly(new Milestone(3, Kind.LUMP_PAID));
        LoanOption withTheLast = option.withFeatures(LoanFeatures.NONE.withExtras(
                List.of(new ExtraPayment.Lump(Money.of("100.00"), 300)), ExtraEffect.END_EARLY));
        assertThat(CaseEvaluator.evaluate(withTheLast).life().milestones())
                .extracting(Milestone::kind)
                .doesNotContain(Kind.LUMP_PAID)
                .endsWith(Kind.PAID_OFF);
    }

    @Test
    void theFormulaAgreesWithTheScheduleToSomeCents() {
        LoanTerms terms = LoanTerms.plain(
                Money.of("61350.00"),
                PeriodicRate.of(AnnualRate.ofPercent("4.8"), Compounding.MONTHLY, PaymentFrequency.MONTHLY),
                120,
                PaymentRounding.NEAREST_CENT);

        Reconciliation reconciliation = Reconciliation.of(terms, Schedule.of(terms));

        assertThat(reconciliation.closingBalance()).isEqualTo(Money.ZERO);
        assertThat(reconciliation.principalRepaid()).isEqualTo(reconciliation.borrowed());
        Reconciliation.ByFormula formula = reconciliation.formula().orElseThrow();
        assertThat(formula.afterPayment()).isEqualTo(119);
        assertThat(Money.nearest(formula.formulaCents())).isEqualTo(Money.of("642.31"));
        assertThat(formula.schedule()).isEqualTo(Money.of("642.32"));
    }

    @Test
    void aHomesValueChangesEvenlyAndMeetsItsYears() {
        List<Money> values = HomeValue.through(
                Money.of("200000.00"), new YearlyChange(new BigDecimal("2.5")), PaymentFrequency.MONTHLY, 24);

        assertThat(values).hasSize(25).isSorted();
        assertThat(values.get(12)).isEqualTo(Money.of("205000.00"));
        assertThat(values.get(24)).isEqualTo(Money.of("210125.00"));
        assertThat(HomeValue.through(
                        Money.of("200000.00"), new YearlyChange(new BigDecimal("-1")), PaymentFrequency.YEARLY, 1))
                .containsExactly(Money.of("200000.00"), Money.of("198000.00"));
    }
}
