package app.impendium.server.evaluation;

import app.impendium.core.LoanOption;
import app.impendium.core.afford.Household;
import app.impendium.core.finding.CaseException;
import app.impendium.core.pricing.RateOffer;
import app.impendium.server.document.RateTableDocument;
import java.util.List;

/** The rates on offer for an option. */
final class OffersOf {
    private OffersOf() {}

    /**
     * Those of a rate table that is sent along as {@code table}, priced for the option's loan-to-value and the people's score.
     *
     * @param table null for none
     * @throws CaseException if the table has no meaning, with every finding
     */
    static List<RateOffer> table(RateTableDocument table, LoanOption option, Household household) {
        if (table == null) {
            return List.of();
        }
        try {
            return RateTableReader.read(table).pricedFor(option.financing().loanToValuePercent(), household.score());
        } catch (CaseException e) {
            throw e.within("table");
        }
    }
}
