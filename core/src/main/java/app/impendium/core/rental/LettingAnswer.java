package app.impendium.core.rental;

import app.impendium.core.LoanOption;
import app.impendium.core.fit.FitLever;
import java.math.BigDecimal;
import java.util.Optional;

/**
 * What one lever of a loan can do for a let home.
 *
 * @param value the step at which a programme just lends the loan, in the lever's own unit; none where no step does
 * @param option with the lever there; none where no step does
 */
public record LettingAnswer(FitLever lever, Optional<BigDecimal> value, Optional<LoanOption> option) {}
