package app.impendium.core.wish;

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
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Each lever's answer meets the wish, and one step further does not. */
class WishSolverTest {
    private static final LoanOption BOUGHT = Options.purchase("15", PaymentFrequency.MONTHLY, 300);
    private static final LoanOption ALONE = Options.of(
            new Financing.LoanAlone(Money.of("180000.00")),
            PaymentFrequency.ACCELERATED_BIWEEKLY,
            300,
            LocalDate.of(2027, 3, 1));

    @ParameterizedTest
    @MethodSource("wishes")
    void everyAnswerIsSharp(Wish wish, LoanOption option) {
        List<WishAnswer.Found> found = WishSolver.solve(wish, option).stream()
                .filter(WishAnswer.Found.class::isInstance)
                .map(WishAnswer.Found.class::cast)
                .toList();

        assertThat(found).isNotEmpty();
        for (WishAnswer.Found answer : found) {
            long step = stepOf(answer, option);
            boolean up = answer.isLargest();
            assertThat(meets(wish, option, answer.lever(), step)).isTrue();
            assertThat(meets(wish, option, answer.lever(), up ? step + 1 : step - 1))
                    .as("one step beyond %s", answer)
                    .isFalse();
        }
    }

    @Test
    void asksLessMoneyDownForMoreAMonth() {
        assertThat(answers(new Wish.MonthlyTotal(Money.of("1650.00"))))
                .containsOnlyKeys(Lever.PRICE, Lever.MONEY_DOWN, Lever.RATE, Lever.TERM, Lever.REGULAR_EXTRA);
        assertThat(down("1650.00")).isLessThan(down("1600.00"));
    }

    @Test
    void saysWhyALeverDoesNotHelp() {
        Map<Lever, WishAnswer> soon = answers(new Wish.PaidOffBy(LocalDate.of(2040, 1, 1)));
        Map<Lever, WishAnswer> tiny = answers(new Wish.MonthlyTotal(Money.of("300.00")));

        assertThat(soon.get(Lever.RATE))
                .isEqualTo(new WishAnswer.None(Lever.RATE, "the nearest comes to a last payment on 2052-02-01."));
        assertThat(tiny.get(Lever.MONEY_DOWN)).isInstanceOf(WishAnswer.None.class);
        assertThat(tiny.get(Lever.TERM)).isInstanceOf(WishAnswer.None.class);
        assertThat(answers(new Wish.PaidOffBy(LocalDate.of(2099, 1, 1))).get(Lever.PRICE))
                .isEqualTo(new WishAnswer.None(Lever.PRICE, "it is met whatever this is."));
    }

    @Test
    void refusesAWishWithoutMeaning() {
        assertThatThrownBy(() -> new Wish.MonthlyTotal(Money.ZERO)).isInstanceOf(CaseException.class);
        assertThatThrownBy(() -> new Wish.TotalInterest(Money.of("-1.00"))).isInstanceOf(CaseException.class);
    }

    static Stream<Arguments> wishes() {
        return Stream.of(BOUGHT, ALONE)
                .flatMap(option -> Stream.of(
                                new Wish.MonthlyTotal(Money.of("1480.00")),
                                new Wish.PaidOffBy(LocalDate.of(2044, 6, 1)),
                                new Wish.TotalInterest(Money.of("120000.00")))
                        .map(wish -> Arguments.of(wish, option)));
    }

    private static Map<Lever, WishAnswer> answers(Wish wish) {
        return WishSolver.solve(wish, BOUGHT).stream().collect(Collectors.toMap(WishAnswer::lever, answer -> answer));
    }

    private static BigDecimal down(String most) {
        WishAnswer answer = answers(new Wish.MonthlyTotal(Money.of(most))).get(Lever.MONEY_DOWN);
        return ((WishAnswer.Found) answer).value();
    }

    private static long stepOf(WishAnswer.Found answer, LoanOption option) {
        return answer.value().divide(answer.lever().value(option, 1)).longValueExact();
    }

    private static boolean meets(Wish wish, LoanOption option, Lever lever, long step) {
        try {
            OptionEvaluation figures = CaseEvaluator.evaluate(lever.applied(option, step));
            return wish.isMetBy(figures, lever.extraAMonth(option, step));
        } catch (CaseException noFigures) {
            return false;
        }
    }
}
