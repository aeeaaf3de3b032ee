package app.impendium.core.rental;

import app.impendium.core.afford.StressedRate;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.solve.Boundary;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * What the rent is measured against. The cover is a fraction of two numbers, compared by multiplying across, so that nothing is
 * rounded on the way.
 */
public sealed interface Cover {

    /** The fraction's numerator: what counts of a rent. */
    BigDecimal of(Money rent, Percent counted);

    /** The fraction's denominator: what is to be covered. */
    BigDecimal against(LetLoan loan);

    /** The share of the rent that counts where a basis counts {@code counted}. */
    Percent share(Percent counted);

    /** Whether the rent covers a loan so many times. */
    default boolean isAtLeast(BigDecimal least, LetLoan loan, Money rent, Percent counted) {
        return of(rent, counted).compareTo(least.multiply(against(loan))) >= 0;
    }

    /** How many times the rent covers a loan, to thirty-four digits; none where there is nothing to cover. */
    default Optional<BigDecimal> ratio(LetLoan loan, Money rent, Percent counted) {
        BigDecimal whole = against(loan);
        return whole.signum() == 0
                ? Optional.empty()
                : Optional.of(of(rent, counted).divide(whole, MathContext.DECIMAL128));
    }

    /** The least rent that covers a loan so many times; none where no rent does. */
    default Optional<Money> leastRent(BigDecimal least, LetLoan loan, Percent counted) {
        OptionalLong cents = Boundary.smallest(
                0, Money.LARGEST.cents(), each -> isAtLeast(least, loan, Money.ofCents(each), counted));
        return cents.isPresent() ? Optional.of(Money.ofCents(cents.getAsLong())) : Optional.empty();
    }

    /** What goes out a month: the loan's payment, tax, insurance and dues; of the rent, what the basis counts. */
    record OfOutgoings() implements Cover {
        @Override
        public BigDecimal of(Money rent, Percent counted) {
            return BigDecimal.valueOf(counted.of(rent).cents());
        }

        @Override
        public BigDecimal against(LetLoan loan) {
            return BigDecimal.valueOf(loan.outgoings().total().cents());
        }

        @Override
        public Percent share(Percent counted) {
            return counted;
        }
    }

    /**
     * A month's interest at a stressed rate, as British lenders test it; all of the rent.
     *
     * @param stressed the rate that is tested instead of the loan's own
     */
    record OfInterest(StressedRate stressed) implements Cover {
        private static final Percent ALL = Percent.of("100");
        private static final BigDecimal HUNDRED_TIMES_MONTHS = BigDecimal.valueOf(1200);

        @Override
        public BigDecimal of(Money rent, Percent counted) {
            return BigDecimal.valueOf(rent.cents()).multiply(HUNDRED_TIMES_MONTHS);
        }

        @Override
        public BigDecimal against(LetLoan loan) {
            return testedRate(loan.rate())
                    .percent()
                    .value()
                    .multiply(BigDecimal.valueOf(loan.amount().cents()));
        }

        @Override
        public Percent share(Percent counted) {
            return ALL;
        }

        /** A month's interest at the tested rate, to the nearest cent: to be shown, while covers are compared exactly. */
        public Money testedInterest(LetLoan loan) {
            return testedRate(loan.rate()).percent().monthlyOf(loan.amount());
        }

        /** The rate at which a loan of this rate is tested. */
        public AnnualRate testedRate(AnnualRate own) {
            return stressed.of(own);
        }
    }
}
