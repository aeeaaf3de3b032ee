package app.impendium.core.afford;

import app.impendium.core.afford.Condition.Facts;
import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;

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
    private final Room ofAllTests;

    /**
     * What is left for a loan.
     *
     * @param housing the most that a month's housing cost may come to at the tested rate; none without such a test
     * @param loan the most that may be owed at the start; none without such a test
     */
    public record Room(Optional<Money> housing, Optional<Money> loan) {}

    /** A test and the most that it allows: of a month's housing cost, or of the loan; none where the value decides. */
    private record Allowed(LimitTest test, Optional<Money> housing, Optional<Money> loan) {}

    public Allowance(LimitSet set, CountedHousehold counted) {
        this.set = set;
        this.counted = counted;
        this.allowed = new ArrayList<>(set.tests().size());
        boolean asks = false;
        for (LimitTest test : set.tests()) {
            if (test.measure().followsTheLoan()) {
                allowed.add(allowedBy(test));
                asks |= !test.conditions().isEmpty();
            }
        }
        this.isConditional = asks;
        this.ofAllTests = room(allowed);
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
        List<Allowed> applying = applyingTo(loan);
        Room room = leftBy(applying);
        return isWithin(loan.testedHousing(), room.housing())
                && isWithin(loan.loan(), room.loan())
                && isWithinValue(applying, loan);
    }

    /** Which of the tests that a loan can meet apply to one, by their order among them. */
    public BitSet applying(Proposal loan) {
        BitSet applying = new BitSet(allowed.size());
        List<Allowed> those = applyingTo(loan);
        for (int i = 0; i < allowed.size(); i++) {
            applying.set(i, those.contains(allowed.get(i)));
        }
        return applying;
    }

    /** Which of the tests that a loan can meet apply to one and are missed by it, by their order among them. */
    public BitSet missedBy(Proposal loan) {
        BitSet missed = applying(loan);
        for (int i = missed.nextSetBit(0); i >= 0; i = missed.nextSetBit(i + 1)) {
            missed.set(i, !isMet(allowed.get(i), loan));
        }
        return missed;
    }

    private static boolean isMet(Allowed entry, Proposal loan) {
        return isWithin(loan.testedHousing(), entry.housing())
                && isWithin(loan.loan(), entry.loan())
                && isWithinValue(List.of(entry), loan);
    }

    /** What the tests that apply to a loan leave. */
    public Room room(Proposal loan) {
        return leftBy(applyingTo(loan));
    }

    private Room leftBy(List<Allowed> applying) {
        return isConditional ? room(applying) : ofAllTests;
    }

    private List<Allowed> applyingTo(Proposal loan) {
        if (!isConditional) {
            return allowed;
        }
        Facts facts = new ProposalFacts(loan, counted.household());
        List<Allowed> applying = new ArrayList<>(allowed.size());
        for (Allowed entry : allowed) {
            if (entry.test().appliesTo(facts)) {
                applying.add(entry);
            }
        }
        return applying;
    }

    private static Room room(List<Allowed> applying) {
        Optional<Money> housing = Optional.empty();
        Optional<Money> loan = Optional.empty();
        for (Allowed entry : applying) {
            housing = least(housing, entry.housing());
            loan = least(loan, entry.loan());
        }
        return new Room(housing, loan);
    }

    private static Optional<Money> least(Optional<Money> one, Optional<Money> other) {
        return one.isEmpty() || other.isPresent() && one.get().isAbove(other.get()) ? other : one;
    }

    private static boolean isWithin(Money asked, Optional<Money> most) {
        return most.isEmpty() || !asked.isAbove(most.get());
    }

    /** Without a value there is nothing that a loan could meet: the assessment tells what is missing. */
    private static boolean isWithinValue(List<Allowed> applying, Proposal loan) {
        for (Allowed entry : applying) {
            if (entry.test().measure() == Measure.LOAN_TO_VALUE && !isWithinValue(entry.test(), loan)) {
                return false;
            }
        }
        return true;
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
        Living living = counted.household().living();
        Optional<BigDecimal> limit = test.limit().of(living);
        return switch (test.measure()) {
            case FRONT_END, BACK_END ->
                new Allowed(test, limit.map(each -> mostHousing(test.measure(), each)), Optional.empty());
            case RESIDUAL_INCOME ->
                new Allowed(
                        test,
                        living.outgoings().flatMap(taken -> limit.map(each -> mostHousingLeaving(each, taken))),
                        Optional.empty());
            case LOAN_TO_INCOME, DEBT_TO_INCOME ->
                new Allowed(test, Optional.empty(), limit.map(each -> mostLoan(test.measure(), each)));
            default -> new Allowed(test, Optional.empty(), Optional.empty());
        };
    }

    Money mostHousing(Measure measure, BigDecimal limit) {
        Money share = Ratios.atMost(limit.movePointLeft(HUNDRED_PLACES), counted.monthlyIncome());
        return measure == Measure.FRONT_END ? share : share.minus(counted.monthlyDebts());
    }

    /** What housing may cost where so much of the income must be left, and the household's tax and upkeep take so much. */
    Money mostHousingLeaving(BigDecimal left, Money outgoings) {
        return counted.monthlyIncome()
                .minus(outgoings)
                .minus(counted.monthlyDebts())
                .minus(Money.of(left.toPlainString()));
    }

    Money mostLoan(Measure measure, BigDecimal limit) {
        Money multiple = Ratios.atMost(limit, counted.yearlyIncome());
        return measure == Measure.LOAN_TO_INCOME ? multiple : multiple.minus(counted.owed());
    }
}
