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
import app.impendium.core.loan.LoanClauses;
import app.impendium.core.loan.Stretch;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.wish.Lever;
import app.impendium.core.wish.Wish;
import app.impendium.core.wish.WishAnswer;
import app.impendium.core.wish.WishSolver;
import app.impendium.core.wish.WishWorkings;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The workings of stretches, of other rates and of wishes say what the schedule, the ladder and the solver say. */
class SumsWorkingTest {
    private static final LoanOption INSURED = Options.purchase("5", PaymentFrequency.BIWEEKLY, 300)
            .withClauses(LoanClauses.NONE.withExtras(
                    List.of(new ExtraPayment.Regular(Money.of("40.00"), 10, 19)), ExtraEffect.END_EARLY));
    private static final OptionEvaluation FIGURES = CaseEvaluator.evaluate(INSURED);

    @Test
    void aStretchsSumsAreTheSchedules() {
        for (int[] span :
                new int[][] {{1, 26}, {8, 12}, {19, 19}, {1, FIGURES.schedule().payments()}}) {
            Stretch stretch = FIGURES.schedule().stretch(span[0], span[1]);
            Map<Figure, Working> sums = ofStretch(span[0], span[1]);

            assertThat(result(sums, Figure.STRETCH_INTEREST))
                    .isEqualByComparingTo(stretch.interest().toDecimal())
                    .isEqualByComparingTo(number(sums.get(Figure.STRETCH_INTEREST), Name.INTEREST_THROUGH)
                            .subtract(number(sums.get(Figure.STRETCH_INTEREST), Name.INTEREST_BEFORE)));
            assertThat(result(sums, Figure.STRETCH_REPAID))
                    .isEqualByComparingTo(stretch.principal().toDecimal());
            assertThat(result(sums, Figure.STRETCH_PRINCIPAL).add(result(sums, Figure.STRETCH_EXTRA)))
                    .isEqualByComparingTo(result(sums, Figure.STRETCH_REPAID));
            assertThat(result(sums, Figure.STRETCH_PAID))
                    .isEqualByComparingTo(stretch.paid().toDecimal());
        }
        assertThat(number(ofStretch(8, 12).get(Figure.STRETCH_EXTRA), Name.PAYMENTS_WITH_EXTRA))
                .isEqualByComparingTo("3");
    }

    @Test
    void aStretchsPremiumsAreThoseOfItsPayments() {
        MortgageInsurance insurance = FIGURES.mortgageInsurance().orElseThrow();
        int end = insurance.firstPaymentWithout();
        for (int[] span : new int[][] {{1, 26}, {end - 3, end + 3}, {end, end + 1}}) {
            Money premiums = Money.ZERO;
            for (int payment = span[0]; payment <= span[1]; payment++) {
                premiums = premiums.plus(insurance.with(payment));
            }
            assertThat(result(ofStretch(span[0], span[1]), Figure.STRETCH_INSURANCE))
                    .isEqualByComparingTo(premiums.toDecimal());
        }
    }

    @Test
    void refusesAStretchThatIsNone() {
        int payments = FIGURES.schedule().payments();

        assertThatThrownBy(() -> ofStretch(0, 4))
                .isInstanceOf(CaseException.class)
                .hasMessage("0 is not allowed here, only 1 to " + payments + ".");
        assertThatThrownBy(() -> ofStretch(7, 6)).hasMessage("6 is not allowed here, only 7 to " + payments + ".");
        assertThatThrownBy(() -> ofStretch(1, payments + 1)).isInstanceOf(CaseException.class);
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
        assertThat(number(workings.get(Figure.RUNG_OVER_THE_LIFE), Name.TOTAL_PAID_AT_OWN_RATE))
                .isEqualByComparingTo(FIGURES.schedule().whole().paid().toDecimal());
        assertThat(result(workings, Figure.RUNG_OVER_THE_LIFE))
                .isEqualByComparingTo(rung.overTheLife().toDecimal());
    }

    @Test
    void aWishsAnswerStandsBesideOneStepFurther() {
        Wish wish = new Wish.MonthlyTotal(Money.of("1900.00"));
        WishAnswer.Found answer =
                (WishAnswer.Found) WishSolver.solve(wish, INSURED, Lever.RATE).orElseThrow();
        List<Working> workings = WishWorkings.of(wish, answer);
        Working solved = workings.get(0);
        BigDecimal limit = new BigDecimal("1900.00");

        assertThat(solved.rule()).isEqualTo(Rule.SOLVED_LARGEST);
        assertThat(value(solved.result())).isEqualByComparingTo(answer.value());
        assertThat(number(solved, Name.WISHED)).isEqualByComparingTo(limit);
        assertThat(number(solved, Name.REACHED)).isLessThanOrEqualTo(limit);
        assertThat(number(solved, Name.REACHED_A_STEP_FURTHER)).isGreaterThan(limit);
        assertThat(result(byFigure(workings), Figure.HOUSING_COST))
                .isEqualByComparingTo(answer.figures().housingCost().total().toDecimal());
    }

    @Test
    void aSmallestAnswerIsOneStepFurtherDown() {
        Wish wish = new Wish.MonthlyTotal(Money.of("1700.00"));
        WishAnswer.Found answer = (WishAnswer.Found)
                WishSolver.solve(wish, INSURED, Lever.MONEY_DOWN).orElseThrow();

        assertThat(WishWorkings.of(wish, answer).get(0).rule()).isEqualTo(Rule.SOLVED_SMALLEST);
        assertThat(WishSolver.solve(wish, INSURED, Lever.LOAN_AMOUNT)).isEmpty();
    }

    private static Map<Figure, Working> ofStretch(int first, int last) {
        return byFigure(new OptionWorkings(INSURED, FIGURES).ofStretch(first, last));
    }
}
