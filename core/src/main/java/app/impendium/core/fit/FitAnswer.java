package app.impendium.core.fit;

import java.math.BigDecimal;
import java.util.Optional;

/** What one lever can do to make a loan fit. */
public sealed interface FitAnswer {

    FitLever lever();

    /** The loan with the lever where it fits, or as near as the lever gets. */
    QualifyingLoan loan();

    /**
     * With the lever there the loan meets every test that a loan can meet; one step further it does not.
     *
     * @param value in percent, units of the currency, or years, as the lever has it
     * @param loan the loan with the lever there
     * @param nearer where a smaller change fits too, though less is to be had by it
     */
    record Found(FitLever lever, BigDecimal value, QualifyingLoan loan, Optional<BigDecimal> nearer)
            implements FitAnswer {}

    /**
     * The lever cannot do it alone.
     *
     * @param loan the loan with the lever as far as it goes
     */
    record Short(FitLever lever, QualifyingLoan loan) implements FitAnswer {}
}
