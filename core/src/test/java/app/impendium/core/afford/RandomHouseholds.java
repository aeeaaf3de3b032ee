package app.impendium.core.afford;

import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;

/** Random households, and limit sets of every measure, with conditions and stressed rates as lenders have them. */
public final class RandomHouseholds {
    private RandomHouseholds() {}

    /** People with up to three incomes and up to five debts, some of which count nothing. */
    public static Arbitrary<Household> all() {
        Arbitrary<Income> incomes = Combinators.combine(
                        Arbitraries.longs().between(10_000, 900_000),
                        Arbitraries.of(PayPeriod.MONTHLY, PayPeriod.SEMI_MONTHLY, PayPeriod.BIWEEKLY),
                        Arbitraries.integers().between(25, 125))
                .as((cents, period, counted) ->
                        new Income(Money.ofCents(cents), new Earned.Each(period), BigDecimal.valueOf(counted)));
        Arbitrary<Debt> debts = Combinators.combine(
                        Arbitraries.longs().between(1, 90_000).optional(0.8),
                        Arbitraries.longs().between(1, 3_000_000),
                        Arbitraries.integers().between(1, 90).optional(0.5),
                        Arbitraries.of(Debt.Kind.ENDING, Debt.Kind.ENDING, Debt.Kind.LASTING, Debt.Kind.BILL))
                .as((payment, balance, left, kind) ->
                        new Debt("?", payment.map(Money::ofCents), Money.ofCents(balance), left, kind));
        Arbitrary<List<Debt>> several = debts.list().ofMaxSize(5).map(RandomHouseholds::named);
        Arbitrary<Living> living = Combinators.combine(
                        Arbitraries.integers().between(1, 7),
                        Arbitraries.of("north", "south").optional(0.9),
                        Arbitraries.longs().between(0, 150_000))
                .as((people, region, taxes) ->
                        new Living(people, region, Optional.of(Money.ofCents(taxes)), Optional.of(Money.of("180.00"))));
        return Combinators.combine(
                        incomes.list().ofMinSize(1).ofMaxSize(3),
                        several,
                        Arbitraries.longs().between(0, 20_000_000),
                        living,
                        Arbitraries.integers().between(550, 850).optional(0.8),
                        Arbitraries.of(Underwriting.class),
                        Arbitraries.longs().between(0, 200_000))
                .as((earned, owed, cash, lives, score, by, rent) -> new Household(
                        earned,
                        owed,
                        List.of(new OtherProperty(Money.ofCents(rent), Money.of("700.00"))),
                        new Funds(Money.ofCents(cash), Money.of("2000.00"), Money.ZERO),
                        lives,
                        score,
                        by));
    }

    /** Sets of every measure, with conditions and stressed rates as lenders have them. */
    public static Arbitrary<LimitSet> sets() {
        Limit left = new Limit.ByHousehold(
                List.of(
                        new Limit.Row("north", List.of(Money.of("450.00"), Money.of("755.00")), Money.of("80.00")),
                        new Limit.Row("south", List.of(Money.of("441.00")), Money.of("75.50"))),
                7);
        List<LimitTest> tests = List.of(
                Households.atMost(Measure.FRONT_END, "31"),
                Households.atMost(Measure.BACK_END, "43", new Condition.By(Underwriting.MANUAL)),
                Households.atMost(Measure.BACK_END, "50", new Condition.By(Underwriting.AUTOMATED)),
                Households.atMost(
                        Measure.BACK_END,
                        "36",
                        new Condition.Above(Condition.Fact.LOAN_TO_VALUE, new BigDecimal("80"))),
                Households.atMost(
                        Measure.BACK_END, "40", new Condition.Below(Condition.Fact.RESERVES, BigDecimal.valueOf(4))),
                Households.atMost(
                        Measure.BACK_END, "47", new Condition.From(Condition.Fact.RESERVES, BigDecimal.valueOf(4))),
                Households.atMost(Measure.LOAN_TO_INCOME, "4.5"),
                Households.atMost(Measure.DEBT_TO_INCOME, "6"),
                new LimitTest(Measure.RESIDUAL_INCOME, left, List.of()),
                Households.atMost(Measure.LOAN_TO_VALUE, "95"),
                Households.atMost(Measure.RESERVES, "2"),
                Households.atMost(Measure.SCORE, "620"));
        Arbitrary<StressedRate> stressed = Combinators.combine(
                        Arbitraries.integers().between(0, 3),
                        Arbitraries.integers().between(0, 6))
                .as((added, floor) -> new StressedRate(
                        Percent.of(String.valueOf(added)), AnnualRate.ofPercent(String.valueOf(floor))));
        return Combinators.combine(
                        Arbitraries.of(tests)
                                .list()
                                .uniqueElements()
                                .ofMinSize(1)
                                .ofMaxSize(5),
                        stressed)
                .as((chosen, rate) -> Households.set(chosen, rate, 40));
    }

    private static List<Debt> named(List<Debt> debts) {
        List<Debt> named = new ArrayList<>();
        for (Debt debt : debts) {
            String id = "debt-" + named.size();
            named.add(new Debt(id, debt.payment(), debt.balance(), debt.paymentsLeft(), debt.kind()));
        }
        return named;
    }
}
