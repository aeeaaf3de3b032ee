package app.impendium.core.afford;

import app.impendium.core.afford.Reading.Measured;
import app.impendium.core.afford.Reading.Unknown;
import app.impendium.core.afford.Reading.Why;
import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What a limit set says of an application. Immutable.
 *
 * @param readings of the tests that apply, in the set's order
 */
public record Assessment(List<Reading> readings) {
    public Assessment {
        readings = List.copyOf(readings);
    }

    /** The assessment of a loan for those who borrow. */
    public static Assessment of(Allowance allowance, Proposal loan) {
        ProposalFacts facts = new ProposalFacts(loan, allowance.counted().household());
        return new Assessment(allowance.set().tests().stream()
                .filter(test -> test.appliesTo(facts))
                .map(test -> new Read(allowance, loan, test).reading())
                .toList());
    }

    /** Whether every test that applies is met. */
    public boolean isMet() {
        return readings.stream().allMatch(Reading::isMet);
    }

    /**
     * The test that decides: the one missed by most; where all are met, the nearest to its limit of those that the loan can meet,
     * else of all.
     */
    public Optional<Measured> binding() {
        return readings.stream()
                .filter(Measured.class::isInstance)
                .map(Measured.class::cast)
                .min(Comparator.<Measured, Boolean>comparing(reading ->
                                reading.isMet() && !reading.test().measure().followsTheLoan())
                        .thenComparing(Assessment::distance));
    }

    /** How far a test is from its limit, as a share of it; negative beyond it. */
    private static BigDecimal distance(Measured reading) {
        BigDecimal limit = reading.limit();
        BigDecimal left = reading.limit().subtract(reading.reached()).abs();
        BigDecimal share = limit.signum() == 0 ? left : left.divide(limit.abs(), MathContext.DECIMAL64);
        return reading.isMet() ? share : share.negate();
    }

    /** One test read. */
    private record Read(Allowance allowance, Proposal loan, LimitTest test) {

        Reading reading() {
            CountedHousehold counted = allowance.counted();
            Optional<BigDecimal> given = test.limit().of(counted.household().living());
            if (given.isEmpty()) {
                return unknown(Why.NO_REGION, given);
            }
            BigDecimal limit = given.get();
            boolean needsIncome = test.measure() != Measure.LOAN_TO_VALUE && test.measure() != Measure.SCORE;
            if (needsIncome && counted.monthlyIncome().isZero()) {
                return unknown(Why.NO_INCOME, given);
            }
            return switch (test.measure()) {
                case FRONT_END -> housing(limit, Ratios.percent(loan.testedHousing(), counted.monthlyIncome()));
                case BACK_END ->
                    housing(
                            limit,
                            Ratios.percent(loan.testedHousing().plus(counted.monthlyDebts()), counted.monthlyIncome()));
                case RESIDUAL_INCOME ->
                    counted.household()
                            .living()
                            .outgoings()
                            .map(taken -> left(limit, taken))
                            .orElseGet(() -> unknown(Why.NO_LIVING_COSTS, given));
                case LOAN_TO_INCOME -> loan(limit, Ratios.times(loan.loan(), counted.yearlyIncome()));
                case DEBT_TO_INCOME ->
                    loan(limit, Ratios.times(loan.loan().plus(counted.owed()), counted.yearlyIncome()));
                case LOAN_TO_VALUE -> value(limit);
                case RESERVES -> reserves(limit);
                case SCORE -> score(limit);
            };
        }

        private Reading housing(BigDecimal limit, BigDecimal reached) {
            Money most = allowance.mostHousing(test.measure(), limit);
            return new Measured(
                    test, limit, reached, most.minus(loan.testedHousing()).cents());
        }

        private Reading loan(BigDecimal limit, BigDecimal reached) {
            Money most = allowance.mostLoan(test.measure(), limit);
            return new Measured(test, limit, reached, most.minus(loan.loan()).cents());
        }

        private Reading value(BigDecimal limit) {
            return loan.value()
                    .<Reading>map(value -> new Measured(
                            test,
                            limit,
                            Ratios.percent(loan.base(), value),
                            Allowance.mostOfValue(limit, value)
                                    .minus(loan.base())
                                    .cents()))
                    .orElseGet(() -> unknown(Why.NO_VALUE, Optional.of(limit)));
        }

        private Reading reserves(BigDecimal limit) {
            BigDecimal months = loan.housing().isZero() ? limit : Ratios.times(loan.moneyLeft(), loan.housing());
            Money needed = Ratios.atLeast(limit, loan.housing());
            return new Measured(
                    test, limit, months, loan.moneyLeft().minus(needed).cents());
        }

        private Reading score(BigDecimal limit) {
            return allowance
                    .counted()
                    .household()
                    .score()
                    .<Reading>map(
                            known -> new Measured(test, limit, BigDecimal.valueOf(known), known - limit.longValue()))
                    .orElseGet(() -> unknown(Why.NO_SCORE, Optional.of(limit)));
        }

        private Reading left(BigDecimal limit, Money outgoings) {
            Money spare = allowance.mostHousingLeaving(limit, outgoings).minus(loan.testedHousing());
            return new Measured(test, limit, limit.add(spare.toDecimal()), spare.cents());
        }

        private Reading unknown(Why why, Optional<BigDecimal> limit) {
            return new Unknown(test, why, limit);
        }
    }
}
