package app.impendium.core.afford;

import java.math.BigDecimal;
import java.util.Optional;

/** What a test of a limit set says of an application. */
public sealed interface Reading {

    LimitTest test();

    boolean isMet();

    /**
     * It can be told.
     *
     * @param limit in the unit of the measure; amounts in units of the currency
     * @param reached in the same unit, to 34 digits
     * @param spare by how much it is met, in cents of what is tested (a month's cost, the loan, the money left), for a score
     *     in points; negative by how much it is missed
     */
    record Measured(LimitTest test, BigDecimal limit, BigDecimal reached, long spare) implements Reading {
        @Override
        public boolean isMet() {
            return spare >= 0;
        }

        /** What is reached, with so many digits that it is seen to meet the limit or not. */
        public BigDecimal written() {
            return Ratios.written(reached, limit);
        }
    }

    /** Why a test cannot be told. */
    enum Why {
        /** There is no ratio without an income, nothing that is left of it, and nobody whose reserves would be of use. */
        NO_INCOME,
        /** Neither income tax nor upkeep is said, which the income left over is less of. */
        NO_LIVING_COSTS,
        NO_SCORE,
        NO_VALUE,
        /** The region is none of the test's table. */
        NO_REGION
    }

    /** It cannot be told, and so is not met. */
    record Unknown(LimitTest test, Why why, Optional<BigDecimal> limit) implements Reading {
        @Override
        public boolean isMet() {
            return false;
        }
    }
}
