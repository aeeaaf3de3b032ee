package app.impendium.core.rental;

import app.impendium.core.LoanOption;
import app.impendium.core.fit.FitLever;
import java.math.BigDecimal;

/** What one lever of a loan can do for a let home. */
public sealed interface LettingAnswer {

    FitLever lever();

    /**
     * A step at which a programme just lends the loan.
     *
     * @param value in the lever's own unit
     * @param option with the lever there
     * @param band in which it is lent at the lowest rate
     */
    record Found(FitLever lever, BigDecimal value, LoanOption option, CoverageBand band) implements LettingAnswer {}

    /** No step of the lever is enough. */
    record None(FitLever lever) implements LettingAnswer {}
}
