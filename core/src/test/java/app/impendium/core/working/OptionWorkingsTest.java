package app.impendium.core.working;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.Closing;
import app.impendium.core.LoanOption;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.OptionWorkings;
import app.impendium.core.Options;
import app.impendium.core.cost.BuydownTerms;
import app.impendium.core.cost.ClosingCosts;
import app.impendium.core.cost.Financing;
import app.impendium.core.cost.UpfrontPremium;
import app.impendium.core.loan.LoanClauses;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.loan.RateChange;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.working.Quantity.Dated;
import app.impendium.core.working.Quantity.Measured;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** A working gives the very figure that it explains, and its numbers lead there. */
class OptionWorkingsTest {

    @Test
    void explainsEveryFigureOnce() {
        LoanOption everything = Options.closed(
                new Closing(
                        Optional.of(LocalDate.of(2027, 1, 12)),
                        new ClosingCosts(
                                Percent.of("1"),
                                Percent.ZERO,
                                Money.of("900.00"),
                                Money.of("250.00"),
                                Money.of("120.00"),
                                Money.of("600.00"),
                                Money.of("9000.00")),
                        new UpfrontPremium(Percent.of("1.2"), true),
                        Optional.of(new BuydownTerms(List.of(Percent.of("1")), BuydownTerms.Payer.SELLER))),
                Optional.of(LoanTerm.ofYears(5)));
        LoanOption insured = Options.purchase("5", PaymentFrequency.MONTHLY, 300);

        List<Figure> explained = Stream.concat(
                        Stream.of(everything, insured).flatMap(option -> workings(option).keySet().stream()),
                        OptionWorkings.ofLine(CaseEvaluator.evaluate(insured), 1).stream()
                                .map(Working::figure))
                .distinct()
                .toList();

        assertThat(explained).containsExactlyInAnyOrder(Figure.values());
    }

    @Test
    void paymentIsTheExactOneRounded() {
        LoanOption option = Options.purchase("20", PaymentFrequency.MONTHLY, 300);
        OptionEvaluation figures = CaseEvaluator.evaluate(option);
        Working payment = workings(option).get(Figure.PAYMENT);

        assertThat(payment.rule()).isEqualTo(Rule.LEVEL_PAYMENT);
        assertThat(value(payment.result()))
                .isEqualByComparingTo(figures.schedule().payment().toDecimal());
        assertThat(step(payment, Name.EXACT_PAYMENT).setScale(2, RoundingMode.HALF_UP))
                .isEqualByComparingTo(value(payment.result()));
        assertThat(step(payment, Name.EXACT_PAYMENT)).isNotEqualByComparingTo(value(payment.result()));
    }

    @Test
    void quickTotalStandsBesideTheExactOneWithTheDifference() {
        Working total =
                workings(Options.purchase("20", PaymentFrequency.MONTHLY, 300)).get(Figure.TOTAL_PAID);

        assertThat(step(total, Name.QUICK_TOTAL_PAID).add(step(total, Name.DIFFERENCE)))
                .isEqualByComparingTo(value(total.result()));
        assertThat(step(total, Name.DIFFERENCE).abs()).isLessThan(new BigDecimal("3"));
    }

    @Test
    void convertsAHalfYearlyRateStepByStep() {
        LoanOption monthly = Options.purchase("20", PaymentFrequency.WEEKLY, 300);
        Working rate = workings(monthly).get(Figure.PERIODIC_RATE);

        assertThat(rate.rule()).isEqualTo(Rule.RATE_CONVERTED);
        assertThat(step(rate, Name.RATE_PER_COMPOUNDING).setScale(12, RoundingMode.HALF_UP))
                .isEqualByComparingTo("0.479166666667");
        assertThat(step(rate, Name.GROWTH_PER_PAYMENT).subtract(BigDecimal.ONE).movePointRight(2))
                .isEqualByComparingTo(value(rate.result()));
    }

    @Test
    void partsOfASumAddUpToIt() {
        for (Figure sum : List.of(Figure.HOUSING_COST, Figure.LOAN_AMOUNT)) {
            Working working = workings(Options.purchase("5", PaymentFrequency.BIWEEKLY, 300))
                    .get(sum);
            BigDecimal parts =
                    working.inputs().stream().map(OptionWorkingsTest::value).reduce(BigDecimal.ZERO, BigDecimal::add);
            BigDecimal down = sum == Figure.LOAN_AMOUNT
                    ? value(working.inputs().get(1)).multiply(BigDecimal.valueOf(2))
                    : BigDecimal.ZERO;
            assertThat(parts.subtract(down)).isEqualByComparingTo(value(working.result()));
        }
    }

    @Test
    void knowsTheOtherKindsOfPayment() {
        LoanOption accelerated = Options.of(
                new Financing.LoanAlone(Money.of("180000.00")),
                PaymentFrequency.ACCELERATED_WEEKLY,
                300,
                LocalDate.of(2027, 3, 1));
        Working payment = workings(accelerated).get(Figure.PAYMENT);
        Working payoff = workings(accelerated).get(Figure.PAYOFF_DATE);

        assertThat(payment.rule()).isEqualTo(Rule.ACCELERATED_PAYMENT);
        assertThat(value(payment.inputs().get(0)).divide(BigDecimal.valueOf(4)))
                .isEqualByComparingTo(step(payment, Name.EXACT_PAYMENT));
        assertThat(payoff.result())
                .isEqualTo(new Dated(
                        Name.PAYOFF_DATE, CaseEvaluator.evaluate(accelerated).payoffDate()));
    }

    @Test
    void aLinesNumbersLeadToItsFigures() {
        LoanOption option = Options.purchase("20", PaymentFrequency.MONTHLY, 300)
                .withClauses(
                        LoanClauses.NONE.withRateChanges(List.of(new RateChange(61, AnnualRate.ofPercent("6.5")))));
        OptionEvaluation figures = CaseEvaluator.evaluate(option);

        for (int line : new int[] {1, 60, 61, 300}) {
            Map<Figure, Working> workings = OptionWorkings.ofLine(figures, line).stream()
                    .collect(Collectors.toMap(Working::figure, Function.identity()));
            Working interest = workings.get(Figure.LINE_INTEREST);
            assertThat(step(interest, Name.EXACT_INTEREST).setScale(2, RoundingMode.HALF_UP))
                    .isEqualByComparingTo(value(interest.result()))
                    .isEqualByComparingTo(
                            figures.schedule().line(line).interest().toDecimal());
            assertThat(value(workings.get(Figure.LINE_BALANCE).result()))
                    .isEqualByComparingTo(figures.schedule().balanceAfter(line).toDecimal());
        }
        assertThatThrownBy(() -> OptionWorkings.ofLine(figures, 301))
                .hasMessage("301 is not allowed here, only 1 to 300.");
    }

    @Test
    void theBalanceByFormulaStandsBesideAPlainLoans() {
        Working balance = OptionWorkings.ofLine(
                        CaseEvaluator.evaluate(Options.purchase("20", PaymentFrequency.MONTHLY, 300)), 118)
                .get(2);

        assertThat(step(balance, Name.BALANCE_BY_FORMULA)
                        .subtract(value(balance.result()))
                        .abs())
                .isLessThan(new BigDecimal("1"));
    }

    @Test
    void namesNoFigureAsUsedInItself() {
        assertThat(Figure.values())
                .allSatisfy(figure -> assertThat(figure.usedIn()).doesNotContain(figure));
    }

    private static Map<Figure, Working> workings(LoanOption option) {
        return OptionWorkings.of(option, CaseEvaluator.evaluate(option)).stream()
                .collect(Collectors.toMap(Working::figure, Function.identity()));
    }

    private static BigDecimal step(Working working, Name name) {
        return working.steps().stream()
                .filter(quantity -> quantity.name() == name)
                .map(OptionWorkingsTest::value)
                .findFirst()
                .orElseThrow();
    }

    private static BigDecimal value(Quantity quantity) {
        return ((Measured) quantity).value();
    }
}
