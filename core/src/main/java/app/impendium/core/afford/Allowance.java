package app.impendium.core.afford;

import app.impendium.core.afford.Condition.Facts;
import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * What a limit set allows a household, with all that does not follow from the loan computed once: levers ask it about
 * hundreds of loans. Immutable.
 */
public final class Allowance {
    private static final int HUNDRED_PLACES = 2;

    private final LimitSet set;
    private final CountedHousehold counted;
    private final List<Allowed> allowed;
    private final boolean isConditional;

    /** A test and the most that it allows: of a month's housing cost, or of the loan; none where the value decides. */
    private record Allowed(LimitTest test, Optional<Money> housing, Optional<Money> loan) {
        /** Whether the test applies; one without conditions asks nothing of the facts. */
        boolean appliesTo(Facts facts) {
            return test.conditions().isEmpty() || test.appliesTo(facts);
        }
    }

    public Allowance(LimitSet set, CountedHousehold counted) {
        this.set = set;
        this.counted = counted;
        List<Allowed> each = new ArrayList<>();
        for (LimitTest test : set.tests()) {
            if (test.measure().followsTheLoan()) {
                each.add(allowedBy(test));
            }
        }
        this.allowed = List.copyOf(each);
        this.isConditional =
                allowed.stream().anyMatch(entry -> !entry.test().conditions().isEmpty());
    }

    public LimitSet set() {
        return set;
    }

    public CountedHousehold counted() {
        return counted;
    }

    /** Whether any test that a loan can meet applies only under conditions. */
    public boolean isConditional() {
        return isConditional;
    }

    /** Whether a loan meets every test that a loan can meet, that applies to it, and that can be told. */
    public boolean isMetBy(Proposal loan) {
        Facts facts = isConditional ? new ProposalFacts(loan, counted.household()) : null;
        for (Allowed entry : allowed) {
            if (entry.appliesTo(facts) && !isMet(entry, loan)) {
                return false;
            }
        }
        return true;
    }

    /** The most that a month's housing cost may come to at the tested rate, by the tests that apply to a loan; none without such. */
    public Optional<Money> mostHousing(Proposal loan) {
        return least(loan, Allowed::housing);
    }

    /** The most that may be owed at the start, by the tests that apply to a loan; none without such. */
    public Optional<Money> mostLoan(Proposal loan) {
        return least(loan, Allowed::loan);
    }

    private Optional<Money> least(Proposal loan, Function<Allowed, Optional<Money>> subject) {
        Facts facts = isConditional ? new ProposalFacts(loan, counted.household()) : null;
        Optional<Money> least = Optional.empty();
        for (Allowed entry : allowed) {
            Optional<Money> most = subject.apply(entry);
            if (most.isPresent()
                    && entry.appliesTo(facts)
                    && (least.isEmpty() || least.get().isAbove(most.get()))) {
                least = most;
            }
        }
        return least;
    }

    private static boolean isMet(Allowed entry, Proposal loan) {
        if (entry.housing().isPresent()) {
            return !loan.testedHousing().isAbove(entry.housing().get());
        }
        if (entry.loan().isPresent()) {
            return !loan.loan().isAbove(entry.loan().get());
        }
        // Without a value or a region there is nothing that a loan could meet: the assessment tells what is missing.
        return entry.test().measure() != Measure.LOAN_TO_VALUE || isWithinValue(entry.test(), loan);
    }

    private static boolean isWithinValue(LimitTest test, Proposal loan) {
        return loan.value()
                .filter(value -> loan.base().isAbove(mostOfValue(fixed(test), value)))
                .isEmpty();
    }

    static Money mostOfValue(BigDecimal percent, Money value) {
        return Ratios.atMost(percent.movePointLeft(HUNDRED_PLACES), value);
    }

    /** A limit that is the same for everyone: only the income left over is set by household. */
    private static BigDecimal fixed(LimitTest test) {
        return ((Limit.Fixed) test.limit()).value();
    }

    private Allowed allowedBy(LimitTest test) {
        Optional<BigDecimal> limit = test.limit().of(counted.household().living());
        return switch (test.measure()) {
            case FRONT_END, BACK_END, RESIDUAL_INCOME ->
                new Allowed(test, limit.map(each -> mostHousing(test.measure(), each)), Optional.empty());
            case LOAN_TO_INCOME, DEBT_TO_INCOME ->
                new Allowed(test, Optional.empty(), limit.map(each -> mostLoan(test.measure(), each)));
            default -> new Allowed(test, Optional.empty(), Optional.empty());
        };
    }

    Money mostHousing(Measure measure, BigDecimal limit) {
        Money income = counted.monthlyIncome();
        if (measure == Measure.RESIDUAL_INCOME) {
            Living living = counted.household().living();
            return income.minus(living.taxes())
                    .minus(living.upkeep())
                    .minus(counted.monthlyDebts())
                    .minus(Money.of(limit.toPlainString()));
        }
        Money share = Ratios.atMost(limit.movePointLeft(HUNDRED_PLACES), income);
        return measure == Measure.FRONT_END ? share : share.minus(counted.monthlyDebts());
    }

    Money mostLoan(Measure measure, BigDecimal limit) {
        Money multiple = Ratios.atMost(limit, counted.yearlyIncome());
        return measure == Measure.LOAN_TO_INCOME ? multiple : multiple.minus(counted.owed());
    }
}
