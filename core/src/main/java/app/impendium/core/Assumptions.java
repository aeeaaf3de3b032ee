package app.impendium.core;

import app.impendium.core.loan.LoanTerm;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.YearlyChange;
import java.util.Optional;

/**
 * What is taken for granted beyond the options' own terms. Immutable.
 *
 * @param homeValue by how much the home's value changes in a year
 * @param discountRate the annual rate at which later money is worth less today; 0 % for no discounting
 * @param marginalTaxRate the share of interest that the client gets back as tax relief; 0 % for none
 * @param kept how long the client keeps the loan, once that is said
 */
public record Assumptions(
        YearlyChange homeValue, AnnualRate discountRate, Percent marginalTaxRate, Optional<LoanTerm> kept) {

    /** Nothing taken for granted: the value stays, money is worth the same whenever it is paid, no tax relief. */
    public static final Assumptions NONE =
            new Assumptions(YearlyChange.NONE, AnnualRate.ofPercent("0"), Percent.ZERO, Optional.empty());
}
