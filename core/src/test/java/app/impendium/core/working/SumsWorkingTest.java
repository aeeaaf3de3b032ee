package app.impendium.core.working;

import static app.impendium.core.working.Numbers.byFigure;
import static app.impendium.core.working.Numbers.number;
import static app.impendium.core.working.Numbers.result;
import static app.impendium.core.working.Numbers.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.OptionWorkings;
import app.impendium.core.Options;
import app.impendium.core.compare.RateLadder;
import app.impendium.core.compare.Rung;
import app.impendium.core.cost.MortgageInsurance;
import app.impendium.core.finding.CaseException;
import app.impendium.core.loan.ExtraEffect;
import app.impendium.core.loan.ExtraPayment;
import app.impendium.core.loan.LoanFeatures;
import app.impendium.core.loan.PaymentRange;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.target.Lever;
import app.impendium.core.target.Target;
import app.impendium.core.target.TargetAnswer;
import app.impendium.core.target.TargetSolver;
import app.impendium.core.target.TargetWorkings;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The workings of ranges, of other rates and of targets say what the schedule, the ladder and the solver say. */
class SumsWorkingTest {
    private static final LoanOption INSURED = Options.purchase("5", PaymentFrequency.BIWEEKLY, 300)
            .withFeatures(LoanFeatures.NONE.withExtras(
                    List.of(new ExtraPayment.Regular(Money.of("40.00"), 10, 19)), ExtraEffect.END_EARLY));
    private static final OptionEvaluation FIGURES = CaseEvaluator.evaluate(INSURED);

    @Test
    void aRangesSumsAreTheSchedules() {
        for (int[] span : new int[][] {
            {1, 26}, {8, 12}, {19, 19}, {1, FIGURES.loan().schedule().payments()}
        }) {
            PaymentRange range = FIGURES.loan().schedule().range(span[0], span[1]);
            Map<Figure, Working> sums = ofRange(span[0], span[1]);

            assertThat(result(sums, Figure.RANGE_INTEREST))
                    .isEqualByComparingTo(range.interest().toDecimal())
                    .isEqualByComparingTo(number(sums.get(Figure.RANGE_INTEREST), Name.INTEREST_THROUGH)
                            .subtract(number(sums.get(Figure.RANGE_INTEREST), Name.INTEREST_BEFORE)));
            assertThat(result(sums, Figure.RANGE_PRINCIPAL_PAID))
                    .isEqualByComparingTo(range.principal().toDecimal());
            assertThat(result(sums, Figure.RANGE_PRINCIPAL).add(result(sums, Figure.RANGE_EXTRA)))
                    .isEqualByComparingTo(result(sums, Figure.RANGE_PRINCIPAL_PAID));
            assertThat(result(sums, Figure.RANGE_PAID))
                    .isEqualByComparingTo(range.paid().toDecimal());
        }
        assertThat(number(ofRange(8, 12).get(Figure.RANGE_EXTRA), Name.PAYMENTS_WITH_EXTRA))
                .isEqualByComparingTo("3");
    }

    @Test
    void aRangesPremiumsAreThoseOfItsPayments() {
        MortgageInsurance insurance = FIGURES.monthlyCost().insurance().orElseThrow();
        int end = insurance.endsAtPayment();
        for (int[] span : new int[][] {{1, 26}, {end - 3, end + 3}, {end, end + 1}}) {
            Money premiums = Money.ZERO;
            for (int payment = span[0]; payment <= span[1]; payment++) {
                premiums = premiums.plus(insurance.with(payment));
            }
            assertThat(result(ofRange(span[0], span[1]), Figure.RANGE_INSURANCE))
                    .isEqualByComparingTo(premiums.toDecimal());
        }
    }

    @Test
    void refusesARangeThatIsNone() {
        int payments = FIGURES.loan().schedule().payments();

        assertThatThrownBy(() -> ofRange(0, 4))
                .isInstanceOf(CaseException.class)
                .hasMessage("first: OUT_OF_RANGE 0, 1, " + payments);
        assertThatThrownBy(() -> ofRange(7, 6)).hasMessage("last: OUT_OF_RANGE 6, 7, " + payments);
        assertThatThrownBy(() -> ofRange(1, payments + 1)).isInstanceOf(CaseException.class);
    }

    @Test
    void aRungsDifferencesAreTheLadders() {
        RateLadder ladder = RateLadder.of(INSURED.loanTerms());
        AnnualRate rate = AnnualRate.ofPercent("5.25");
        Rung.Priced rung = ladder.at(rate);
        Map<Figure, Working> workings = byFigure(OptionWorkings.atRate(rate, ladder));

        assertThat(result(workings, Figure.PAYMENT))
                .isEqualByComparingTo(rung.payment().toDecimal());
        assertThat(result(workings, Figure.RUNG_PER_YEAR))
                .isEqualByComparingTo(rung.perPayment().times(26).toDecimal());
        assertThat(number(workings.get(Figure.RUNG_WHOLE_LOAN), Name.TOTAL_PAID_AT_OWN_RATE))
                .isEqualByComparingTo(FIGURES.loan().schedule().whole().paid().toDecimal());
        assertThat(result(workings, Figure.RUNG_WHOLE_LOAN))
                .isEqualByComparingTo(rung.wholeLoan().toDecimal());
    }

    @Test
    void aTargetsAnswerStandsBesideOneStepFurther() {
        Target target = new Target.MonthlyTotal(Money.of("1900.00"));
        TargetAnswer.Found answer = (TargetAnswer.Found)
                TargetSolver.solve(target, INSURED, Lever.RATE).orElseThrow();
        List<Working> workings = TargetWorkings.of(target, answer);
        Working solved = workings.get(0);
        BigDecimal limit = new BigDecimal("1900.00");

        assertThat(solved.rule()).isEqualTo(Rule.SOLVED_LARGEST);
        assertThat(value(solved.result())).isEqualByComparingTo(answer.value());
        assertThat(number(solved, Name.TARGET)).isEqualByComparingTo(limit);
        assertThat(number(solved, Name.REACHED)).isLessThanOrEqualTo(limit);
        assertThat(number(solved, Name.REACHED_A_STEP_FURTHER)).isGreaterThan(limit);
        assertThat(result(byFigure(workings), Figure.HOUSING_COST))
                .isEqualByComparingTo(
                        answer.figures().monthlyCost().first().total().toDecimal());
    }

    @Test
    void aSmallestAnswerIsOneStepFurtherDown() {
        Target target = new Target.MonthlyTotal(Money.of("1700.00"));
        TargetAnswer.Found answer = (TargetAnswer.Found)
                TargetSolver.solve(target, INSURED, Lever.DOWN_PAYMENT).orElseThrow();

        assertThat(TargetWorkings.of(target, answer).get(0).rule()).isEqualTo(Rule.SOLVED_SMALLEST);
        assertThat(TargetSolver.solve(target, INSURED, Lever.LOAN_AMOUNT)).isEmpty();
    }

    private static Map<Figure, Working> ofRange(int first, int last) {
        return byFigure(new OptionWorkings(FIGURES).ofRange(first, last));
    }
}
