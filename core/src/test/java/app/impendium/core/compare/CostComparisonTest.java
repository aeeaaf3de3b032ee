package app.impendium.core.compare;

import static app.impendium.core.compare.GoldenMoney.money;
import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.GoldenCases;
import app.impendium.core.GoldenCases.GoldenCase;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

class CostComparisonTest {

    @ParameterizedTest
    @MethodSource("options")
    void costsWhatTheGoldenOptionsCost(GoldenCase golden) {
        CostComparison comparison =
                CostComparison.of(GoldenMoney.ofOptions(golden.input().get("options")), Worth.NOMINAL, 0);

        JsonNode expected = golden.expect();
        assertThat(comparison.horizonMonths())
                .isEqualTo(expected.get("horizonMonths").asInt());
        assertThat(comparison.homeCostsCount())
                .isEqualTo(expected.get("carryingCounts").asBoolean());
        expected.get("costs").forEach(costs -> checkCosts(comparison, costs));
        List<CheapestRun> runs = new ArrayList<>();
        expected.get("cheapest")
                .forEach(run -> runs.add(new CheapestRun(
                        run.get("fromMonth").asInt(),
                        run.get("toMonth").asInt(),
                        run.get("option").asInt())));
        assertThat(comparison.cheapest()).isEqualTo(runs);
        JsonNode stays = expected.get("staysAtOrUnderBaselineFromMonth");
        for (int i = 0; i < stays.size(); i++) {
            assertThat(comparison.leadOverBaseline(i + 1).staysFrom().stream()
                            .boxed()
                            .findFirst())
                    .isEqualTo(
                            stays.get(i).isNull()
                                    ? Optional.empty()
                                    : Optional.of(stays.get(i).asInt()));
        }
    }

    @ParameterizedTest
    @MethodSource("worth")
    void isWorthTodayWhatTheGoldenOptionsAre(GoldenCase golden) {
        Worth worth = new Worth(
                AnnualRate.ofPercent(golden.input().get("discountPercent").asString()),
                Percent.of(golden.input().get("marginalTaxPercent").asString()));
        CostComparison comparison =
                CostComparison.of(GoldenMoney.ofOptions(golden.input().get("options")), worth, 0);

        assertThat(comparison.homeCostsCount())
                .isEqualTo(golden.expect().get("carryingCounts").asBoolean());
        golden.expect().get("worth").forEach(costs -> checkCosts(comparison, costs));
    }

    private static void checkCosts(CostComparison comparison, JsonNode expected) {
        int months = expected.get("months").asInt();
        JsonNode byOption = expected.get("byOption");
        for (int option = 0; option < byOption.size(); option++) {
            assertThat(comparison.cost(option).after(months))
                    .as("option %s after %s months", option, months)
                    .isEqualTo(money(byOption.get(option)));
        }
    }

    static Stream<GoldenCase> options() {
        return GoldenCases.of("options");
    }

    static Stream<GoldenCase> worth() {
        return GoldenCases.of("worth");
    }

    @Property(tries = 100)
    void comparedWithItselfAnOptionIsNeverAhead(
            @ForAll @LongRange(min = 100_000, max = 90_000_000) long loan,
            @ForAll @IntRange(min = 1, max = 12_000) int rate,
            @ForAll PaymentFrequency frequency,
            @ForAll @IntRange(max = 8) int discount) {
        MoneyMoved one = loan(loan, rate, 60, frequency);
        CostComparison comparison = CostComparison.of(List.of(one, one), discountedAt(discount), 0);

        assertThat(comparison.leadOverBaseline(1).ahead()).isEmpty();
        assertThat(comparison.leadOverBaseline(1).staysFrom()).hasValue(1);
        assertThat(comparison.cheapest()).containsExactly(new CheapestRun(1, comparison.horizonMonths(), 0));
        assertThat(comparison.cheapestAfter(7)).containsExactly(0, 1);
    }

    @Property(tries = 60)
    void theOrderOfOptionsChangesOnlyTies(@ForAll Random random, @ForAll @IntRange(max = 8) int discount) {
        List<MoneyMoved> options = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            PaymentFrequency frequency = PaymentFrequency.values()[random.nextInt(6)];
            options.add(loan(20_000_000, 1 + random.nextInt(9_000), 12 * (2 + random.nextInt(6)), frequency));
        }
        List<Integer> order = new ArrayList<>(List.of(0, 1, 2, 3));
        Collections.shuffle(order, random);
        CostComparison one = CostComparison.of(options, discountedAt(discount), 0);
        CostComparison other =
                CostComparison.of(order.stream().map(options::get).toList(), discountedAt(discount), 0);

        assertThat(other.horizonMonths()).isEqualTo(one.horizonMonths());
        for (int month = 1; month <= one.horizonMonths(); month++) {
            assertThat(other.cheapestAfter(month).stream().map(order::get))
                    .containsExactlyInAnyOrderElementsOf(one.cheapestAfter(month));
        }
    }

    @Property(tries = 60)
    void moneyBorrowedForNothingIsWorthItsAmount(
            @ForAll @LongRange(min = 10_000, max = 90_000_000) long loan, @ForAll PaymentFrequency frequency) {
        MoneyMoved moved = loan(loan, 0, 36, frequency);
        CostComparison comparison = CostComparison.of(List.of(moved), Worth.NOMINAL, 48);

        assertThat(IntStream.rangeClosed(0, 48)
                        .mapToObj(month -> comparison.cost(0).after(month)))
                .containsOnly(Money.ofCents(loan));
    }

    @Property(tries = 40)
    void estimatesTodaysWorthToTheCentThatItExactlyIs(
            @ForAll @LongRange(min = 10_000, max = 99_999_999_999L) long loan,
            @ForAll PaymentFrequency frequency,
            @ForAll @IntRange(min = 1, max = 20_000) int discount,
            @ForAll @IntRange(max = 100) int taxRelief) {
        Worth worth =
                new Worth(AnnualRate.ofPercent(BigDecimal.valueOf(discount, 3)), Percent.of(String.valueOf(taxRelief)));
        PresentWorth option = new PresentWorth(loan(loan, 5_125, 360, frequency), worth, Money.of("431.17"));
        long[] byMonth = option.upTo(372);

        for (int month = 0; month <= 372; month += 31) {
            assertThat(byMonth[month]).as("after %s months", month).isEqualTo(option.exactly(month));
        }
    }

    @Test
    void countsTheInterestOfThePartOfAPeriodThatHasPassed() {
        MoneyMoved weekly = loan(52_000_00, 10_400, 12, PaymentFrequency.WEEKLY);
        MoneyMoved yearly = loan(52_000_00, 10_400, 12, PaymentFrequency.YEARLY);

        // 4 payments are made by the first month's end, and a third of a week has passed at 0.2 % a week.
        Money balance = weekly.schedule().balanceAfter(4);
        assertThat(weekly.owedAfter(1)).isEqualTo(balance.plus(Money.ofCents(Math.round(balance.cents() * 0.002 / 3))));
        assertThat(yearly.owedAfter(5).cents())
                .isEqualTo(Math.round(
                        52_000_00 * (1 + 5.0 / 12 * yearly.terms().rate().estimate())));
        assertThat(yearly.owedAfter(12)).isEqualTo(Money.ZERO);
    }

    @Test
    void tellsWhenAnOptionIsAheadThoughItDoesNotStayAhead() {
        // Dearer at once and longer, at a lower rate: what it saves in the first years it pays in the last.
        MoneyMoved shorter = loan(276_000_00, 6_000, 180, PaymentFrequency.MONTHLY);
        MoneyMoved longer = closing(loan(276_000_00, 5_125, 300, PaymentFrequency.MONTHLY), "5240");
        Lead lead =
                CostComparison.of(List.of(shorter, longer), Worth.NOMINAL, 0).leadOverBaseline(1);

        assertThat(lead.staysFrom()).isEmpty();
        assertThat(lead.ahead()).hasSize(1);
        Lead.Months ahead = lead.ahead().get(0);
        assertThat(ahead.from()).isBetween(13, 60);
        assertThat(ahead.to()).isBetween(ahead.from() + 1, 180);
    }

    @Test
    void reachesAsFarAsIsAskedThoughAllLoansHaveEnded() {
        CostComparison comparison =
                CostComparison.of(List.of(loan(10_000_00, 5_000, 24, PaymentFrequency.MONTHLY)), Worth.NOMINAL, 60);

        assertThat(comparison.horizonMonths()).isEqualTo(24);
        assertThat(comparison.cost(0).after(60)).isEqualTo(comparison.cost(0).after(24));
        assertThat(comparison.cheapest()).containsExactly(new CheapestRun(1, 24, 0));
    }

    private static Worth discountedAt(int percent) {
        return percent == 0
                ? Worth.NOMINAL
                : new Worth(AnnualRate.ofPercent(String.valueOf(percent)), Percent.of("21"));
    }

    private static MoneyMoved loan(long cents, int thousandthsOfPercent, int months, PaymentFrequency frequency) {
        AnnualRate annual = AnnualRate.ofPercent(BigDecimal.valueOf(thousandthsOfPercent, 3));
        Compounding compounding = frequency == PaymentFrequency.WEEKLY ? Compounding.WEEKLY : Compounding.MONTHLY;
        LoanTerms terms = LoanTerms.plain(
                Money.ofCents(cents),
                PeriodicRate.of(annual, compounding, frequency),
                months * frequency.perYear() / 12,
                PaymentRounding.NEAREST_CENT);
        return new MoneyMoved(
                Money.ZERO, terms, Schedule.of(terms), Optional.empty(), Optional.empty(), Money.ZERO, List.of());
    }

    private static MoneyMoved closing(MoneyMoved loan, String cash) {
        return new MoneyMoved(
                Money.of(cash),
                loan.terms(),
                loan.schedule(),
                loan.buydown(),
                loan.insurance(),
                loan.monthlyHomeCosts(),
                loan.debtsBeside());
    }
}
