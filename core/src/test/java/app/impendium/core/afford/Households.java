package app.impendium.core.afford;

import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Households and limit sets to test with. */
public final class Households {
    public static final Funds NO_FUNDS = new Funds(Money.ZERO, Money.ZERO, Money.ZERO);
    public static final BigDecimal ALL = BigDecimal.valueOf(100);

    private Households() {}

    public static Household of(List<Income> incomes, List<Debt> debts, Funds funds) {
        return new Household(incomes, debts, List.of(), funds, Living.UNKNOWN, Optional.empty(), Underwriting.MANUAL);
    }

    public static Income monthly(String amount) {
        return new Income(Money.of(amount), new Earned.Each(PayPeriod.MONTHLY), ALL);
    }

    public static Debt debt(String id, String payment, String balance) {
        return new Debt(id, Optional.of(Money.of(payment)), Money.of(balance), Optional.empty(), Debt.Kind.ENDING);
    }

    public static LimitTest atMost(Measure measure, String limit, Condition... conditions) {
        return new LimitTest(measure, new Limit.Fixed(new BigDecimal(limit)), List.of(conditions));
    }

    public static LimitSet set(List<LimitTest> tests, StressedRate stressed, int longestTermYears) {
        return new LimitSet(tests, stressed, new DebtRule(10, Percent.of("0.5")), Percent.of("75"), longestTermYears);
    }

    public static LimitSet set(LimitTest... tests) {
        return set(List.of(tests), StressedRate.NONE, 40);
    }

    /** The same household with its lists the other way round. */
    public static Household reversed(Household household) {
        return new Household(
                backwards(household.incomes()),
                backwards(household.debts()),
                household.properties(),
                household.funds(),
                household.living(),
                household.score(),
                household.underwriting());
    }

    /** The same household with so much more income a month. */
    public static Household earning(Household household, Money more) {
        return new Household(
                Stream.concat(household.incomes().stream(), Stream.of(monthly(more.toString())))
                        .toList(),
                household.debts(),
                household.properties(),
                household.funds(),
                household.living(),
                household.score(),
                household.underwriting());
    }

    private static <T> List<T> backwards(List<T> list) {
        List<T> turned = new ArrayList<>(list);
        Collections.reverse(turned);
        return turned;
    }
}
