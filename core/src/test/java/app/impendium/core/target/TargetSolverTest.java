package app.impendium.core.target;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.Options;
import app.impendium.core.cost.Financing;
import app.impendium.core.finding.CaseException;
import app.impendium.core.money.Money;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.working.Name;
import app.impendium.core.working.Quantity;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Each lever's answer meets the target, and one step further does not. */
class TargetSolverTest {
    private static final LoanOption BOUGHT = Options.purchase("15", PaymentFrequency.MONTHLY, 300);
    private static final LoanOption ALONE = Options.of(
            new Financing.LoanOnly(Money.of("180000.00")),
            PaymentFrequency.ACCELERATED_BIWEEKLY,
            300,
            LocalDate.of(2027, 3, 1));

    @ParameterizedTest
    @MethodSource("targets")
    void everyAnswerIsSharp(Target target, LoanOption option) {
        List<TargetAnswer.Found> found = TargetSolver.solve(target, option).stream()
                .filter(TargetAnswer.Found.class::isInstance)
                .map(TargetAnswer.Found.class::cast)
                .toList();

        assertThat(found).isNotEmpty();
        for (TargetAnswer.Found answer : found) {
            long step = stepOf(answer, option);
            boolean up = answer.isLargest();
            assertThat(meets(target, option, answer.lever(), step)).isTrue();
            assertThat(meets(target, option, answer.lever(), up ? step + 1 : step - 1))
                    .as("one step beyond %s", answer)
                    .isFalse();
        }
    }

    @Test
    void asksLessMoneyDownForMoreAMonth() {
        assertThat(answers(new Target.MonthlyTotal(Money.of("1650.00"))))
                .containsOnlyKeys(Lever.PRICE, Lever.DOWN_PAYMENT, Lever.RATE, Lever.TERM, Lever.REGULAR_EXTRA);
        assertThat(down("1650.00")).isLessThan(down("1600.00"));
    }

    @Test
    void saysWhyALeverDoesNotHelp() {
        Map<Lever, TargetAnswer> soon = answers(new Target.PaidOffBy(LocalDate.of(2040, 1, 1)));
        Map<Lever, TargetAnswer> tiny = answers(new Target.MonthlyTotal(Money.of("300.00")));

        assertThat(soon.get(Lever.RATE))
                .isEqualTo(new TargetAnswer.None(
                        Lever.RATE,
                        TargetAnswer.Reason.NEVER_MET,
                        Optional.of(Quantity.day(Name.REACHED, LocalDate.of(2052, 2, 1)))));
        assertThat(tiny.get(Lever.DOWN_PAYMENT)).isInstanceOf(TargetAnswer.None.class);
        assertThat(tiny.get(Lever.TERM)).isInstanceOf(TargetAnswer.None.class);
        assertThat(answers(new Target.PaidOffBy(LocalDate.of(2099, 1, 1))).get(Lever.PRICE))
                .isEqualTo(new TargetAnswer.None(Lever.PRICE, TargetAnswer.Reason.ALWAYS_MET, Optional.empty()));
    }

    @Test
    void neverAimsAtAHigherRate() {
        for (Target target : List.of(
                new Target.PaidOffBy(LocalDate.of(2044, 6, 1)), new Target.TotalInterest(Money.of("120000.00")))) {
            for (LoanOption option : List.of(BOUGHT, ALONE)) {
                assertThat(TargetSolver.solve(target, option))
                        .filteredOn(answer -> answer.lever() == Lever.RATE)
                        .filteredOn(TargetAnswer.Found.class::isInstance)
                        .allSatisfy(answer -> assertThat(((TargetAnswer.Found) answer).isLargest())
                                .isTrue());
            }
        }
    }

    @Test
    void refusesATargetWithoutMeaning() {
        assertThatThrownBy(() -> new Target.MonthlyTotal(Money.ZERO)).isInstanceOf(CaseException.class);
        assertThatThrownBy(() -> new Target.TotalInterest(Money.of("-1.00"))).isInstanceOf(CaseException.class);
    }

    static Stream<Arguments> targets() {
        return Stream.of(BOUGHT, ALONE)
                .flatMap(option -> Stream.of(
                                new Target.MonthlyTotal(Money.of("1480.00")),
                                new Target.Payment(Money.of("900.00")),
                                new Target.PaidOffBy(LocalDate.of(2044, 6, 1)),
                                new Target.TotalInterest(Money.of("120000.00")))
                        .map(target -> Arguments.of(target, option)));
    }

    private static Map<Lever, TargetAnswer> answers(Target target) {
        return TargetSolver.solve(target, BOUGHT).stream()
                .collect(Collectors.toMap(TargetAnswer::lever, answer -> answer));
    }

    private static BigDecimal down(String most) {
        TargetAnswer answer = answers(new Target.MonthlyTotal(Money.of(most))).get(Lever.DOWN_PAYMENT);
        return ((TargetAnswer.Found) answer).value();
    }

    private static long stepOf(TargetAnswer.Found answer, LoanOption option) {
        return answer.value().divide(answer.lever().value(option, 1)).longValueExact();
    }

    private static boolean meets(Target target, LoanOption option, Lever lever, long step) {
        try {
            OptionEvaluation figures = CaseEvaluator.evaluate(lever.applied(option, step));
            return target.isMetBy(figures, lever.monthlyExtra(option, step));
        } catch (CaseException noFigures) {
            return false;
        }
    }
}
