package app.impendium.core;

import app.impendium.core.cost.BuydownTerms;
import app.impendium.core.cost.ClosingCosts;
import app.impendium.core.cost.UpfrontPremium;
import app.impendium.core.finding.Field;
import app.impendium.core.loan.Days;
import app.impendium.core.loan.RunningDebt;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * What happens on the day the loan is paid out. Immutable.
 *
 * @param day the day itself, once it is known
 * @param costs what is due, and what others pay of it
 * @param upfrontPremium a premium or guarantee fee due once
 * @param buydown what is agreed of a temporary buydown
 * @param debtsPaidOff what is owed beside the home and paid off in cash that day
 */
public record Closing(
        Optional<LocalDate> day,
        ClosingCosts costs,
        UpfrontPremium upfrontPremium,
        Optional<BuydownTerms> buydown,
        List<RunningDebt> debtsPaidOff) {

    /** Nothing known, nothing due. */
    public static final Closing PLAIN =
            new Closing(Optional.empty(), ClosingCosts.NONE, UpfrontPremium.NONE, Optional.empty(), List.of());

    /**
     * @throws app.impendium.core.finding.CaseException if a case cannot speak of the day
     */
    public Closing {
        debtsPaidOff = List.copyOf(debtsPaidOff);
        day.ifPresent(given -> Days.checked(given, Field.CLOSING_DAY));
    }

    /** The same with other debts paid off in cash. */
    public Closing payingOff(List<RunningDebt> others) {
        return new Closing(day, costs, upfrontPremium, buydown, others);
    }
}
