package app.impendium.core.afford;

import app.impendium.core.money.Money;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;

/** The income that a limit set asks for. */
public final class IncomeNeed {
    private static final BigDecimal MONTHS_PER_YEAR = BigDecimal.valueOf(12);
    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    private IncomeNeed() {}

    /**
     * The least income a month beside what there is, to the cent, with which a loan meets every test that a loan can meet;
     * zero where it does already, none where no income would do.
     */
    public static Optional<Money> missing(Allowance allowance, Proposal loan) {
        ProposalFacts facts = new ProposalFacts(loan, allowance.counted().household());
        Money missing = Money.ZERO;
        for (LimitTest test : allowance.set().tests()) {
            if (!test.measure().followsTheLoan() || !test.appliesTo(facts)) {
                continue;
            }
            Living living = allowance.counted().household().living();
            Optional<BigDecimal> limit = test.limit().of(living).filter(any -> isTold(test.measure(), living));
            boolean dependsOnIncome = test.measure() != Measure.LOAN_TO_VALUE;
            if (!dependsOnIncome && !isWithinValue(limit.orElseThrow(), loan)) {
                return Optional.empty();
            }
            if (dependsOnIncome && limit.isPresent()) {
                Money forThis = missing(allowance.counted(), loan, test.measure(), limit.get());
                missing = forThis.isAbove(missing) ? forThis : missing;
            }
        }
        return Optional.of(missing);
    }

    private static boolean isTold(Measure measure, Living living) {
        return measure != Measure.RESIDUAL_INCOME || living.outgoings().isPresent();
    }

    private static boolean isWithinValue(BigDecimal limit, Proposal loan) {
        return loan.value()
                .filter(value -> loan.base().isAbove(Allowance.mostOfValue(limit, value)))
                .isEmpty();
    }

    /** What a test asks for beside what there is; negative where there is more. */
    private static Money missing(CountedHousehold counted, Proposal loan, Measure measure, BigDecimal limit) {
        Money housing = loan.testedHousing();
        Money outgoings = counted.household().living().outgoings().orElse(Money.ZERO);
        Money income = counted.monthlyIncome();
        return switch (measure) {
            case FRONT_END -> upTo(cents(housing).multiply(HUNDRED), limit).minus(income);
            case BACK_END ->
                upTo(cents(housing.plus(counted.monthlyDebts())).multiply(HUNDRED), limit)
                        .minus(income);
            case LOAN_TO_INCOME -> ofYear(loan.loan(), limit, counted);
            case DEBT_TO_INCOME -> ofYear(loan.loan().plus(counted.owed()), limit, counted);
            default ->
                housing.plus(counted.monthlyDebts())
                        .plus(outgoings)
                        .plus(Money.of(limit.toPlainString()))
                        .minus(income);
        };
    }

    /** A twelfth of what a year is short of, for a multiple of it. */
    private static Money ofYear(Money owed, BigDecimal limit, CountedHousehold counted) {
        BigDecimal shortOf = cents(owed).subtract(limit.multiply(cents(counted.yearlyIncome())));
        return upTo(shortOf, limit.multiply(MONTHS_PER_YEAR));
    }

    private static Money upTo(BigDecimal part, BigDecimal limit) {
        return Money.ofCents(part.divide(limit, 0, RoundingMode.CEILING).longValueExact());
    }

    private static BigDecimal cents(Money amount) {
        return BigDecimal.valueOf(amount.cents());
    }
}
