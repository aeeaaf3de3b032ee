package app.impendium.core.afford;

import static app.impendium.core.GoldenCases.cents;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.core.GoldenCases;
import app.impendium.core.GoldenCases.GoldenCase;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

class HouseholdTest {
    static Stream<GoldenCase> golden() {
        return GoldenCases.of("household");
    }

    @ParameterizedTest
    @MethodSource("golden")
    void countsIncomesAndDebtsToTheCent(GoldenCase golden) {
        JsonNode input = golden.input();
        Set<String> paidOff = new HashSet<>();
        List<Debt> debts = new ArrayList<>();
        for (JsonNode debt : input.get("debts")) {
            String id = String.valueOf(debts.size());
            debts.add(debt(id, debt));
            if (debt.get("settledAtClosing").asBoolean()) {
                paidOff.add(id);
            }
        }
        List<Income> incomes = new ArrayList<>();
        input.get("incomes").forEach(income -> incomes.add(income(income)));
        LimitSet set = new LimitSet(
                List.of(Households.atMost(Measure.FRONT_END, "30"), Households.atMost(Measure.BACK_END, "40")),
                StressedRate.NONE,
                new DebtRule(
                        input.get("leaveOutAtMostPaymentsLeft").asInt(),
                        new Percent(input.get("percentOfBalanceWithoutPayment").decimalValue())),
                Percent.of("75"),
                40);

        CountedHousehold counted =
                CountedHousehold.of(Households.of(incomes, debts, Households.NO_FUNDS), set, paidOff);

        JsonNode expect = golden.expect();
        assertThat(incomes.stream().map(income -> income.monthly().cents()))
                .isEqualTo(centsOf(expect.get("incomesPerMonth")));
        assertThat(counted.monthlyIncome().cents()).isEqualTo(cents(expect.get("incomePerMonth")));
        assertThat(counted.debts().stream().map(debt -> debt.monthly().cents()))
                .isEqualTo(centsOf(expect.get("debtsCounted")));
        assertThat(counted.monthlyDebts().cents()).isEqualTo(cents(expect.get("debtsPerMonth")));
        Money housing = Money.ofCents(cents(input.get("housingPerMonth")));
        List<Reading> readings =
                Assessment.of(new Allowance(set, counted), new Home(housing)).readings();
        assertThat(sixDecimals(readings.get(0)))
                .isEqualByComparingTo(expect.get("frontEndPercent").decimalValue());
        assertThat(sixDecimals(readings.get(1)))
                .isEqualByComparingTo(expect.get("backEndPercent").decimalValue());
    }

    @Test
    void takesTheExactYearForMultiplesOfIncome() {
        Income salary = new Income(Money.of("52000.00"), new Earned.Each(PayPeriod.YEARLY), Households.ALL);
        CountedHousehold counted = CountedHousehold.of(
                Households.of(List.of(salary), List.of(), Households.NO_FUNDS),
                Households.set(Households.atMost(Measure.LOAN_TO_INCOME, "4.5")),
                Set.of());

        assertThat(counted.monthlyIncome()).isEqualTo(Money.of("4333.33"));
        assertThat(counted.yearlyIncome()).isEqualTo(Money.of("52000.00"));
    }

    @Test
    void countsALeaseToItsLastPayment() {
        DebtRule rule = new DebtRule(10, Percent.of("5"));
        Money payment = Money.of("389.00");
        Debt lease = new Debt("l", Optional.of(payment), Money.ZERO, Optional.of(3), Debt.Kind.LASTING);
        Debt loan = new Debt("c", Optional.of(payment), Money.ZERO, Optional.of(3), Debt.Kind.ENDING);

        assertThat(rule.count(lease, false)).isEqualTo(new DebtRule.Counted(payment, DebtRule.Why.PAYMENT));
        assertThat(rule.count(loan, false).why()).isEqualTo(DebtRule.Why.NEARLY_PAID);
    }

    @Test
    void saysWhatIsWrongWithAnIncomeOrADebt() {
        assertThatThrownBy(
                        () -> new Income(Money.of("-1.00"), new Earned.Each(PayPeriod.WEEKLY), new BigDecimal("126")))
                .isInstanceOfSatisfying(
                        CaseException.class,
                        refused -> assertThat(refused.findings())
                                .extracting(finding -> finding.path() + " " + finding.code())
                                .containsExactly("cents " + Code.OUT_OF_RANGE, "countedPercent " + Code.OUT_OF_RANGE));
        assertThatThrownBy(() -> new Earned.Hourly(new BigDecimal("168.5"))).isInstanceOf(CaseException.class);
        assertThatThrownBy(() -> new Debt("d", Optional.empty(), Money.ZERO, Optional.of(0), Debt.Kind.ENDING))
                .isInstanceOfSatisfying(
                        CaseException.class,
                        refused -> assertThat(refused.findings())
                                .extracting(finding -> finding.path())
                                .containsExactly("paymentsLeft"));
    }

    private static Income income(JsonNode income) {
        Earned earned = income.get("per").asString().equals("HOURLY")
                ? new Earned.Hourly(income.get("hoursPerWeek").decimalValue())
                : new Earned.Each(PayPeriod.valueOf(income.get("per").asString()));
        return new Income(
                Money.ofCents(cents(income.get("amount"))),
                earned,
                income.get("countedPercent").decimalValue());
    }

    private static Debt debt(String id, JsonNode debt) {
        JsonNode left = debt.get("paymentsLeft");
        return new Debt(
                id,
                Optional.of(Money.ofCents(cents(debt.get("payment")))).filter(payment -> !payment.isZero()),
                Money.ofCents(cents(debt.get("balance"))),
                left.isNull() ? Optional.empty() : Optional.of(left.asInt()),
                Debt.Kind.ENDING);
    }

    private static List<Long> centsOf(JsonNode amounts) {
        List<Long> all = new ArrayList<>();
        amounts.forEach(amount -> all.add(cents(amount)));
        return all;
    }

    private static BigDecimal sixDecimals(Reading reading) {
        return ((Reading.Measured) reading).reached().setScale(6, RoundingMode.HALF_UP);
    }
}
