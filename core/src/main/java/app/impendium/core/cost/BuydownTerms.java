package app.impendium.core.cost;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Value;
import app.impendium.core.money.Percent;
import java.util.List;

/**
 * What is agreed of a temporary buydown. Immutable.
 *
 * @param reductions what is taken off the rate in year 1, 2 and 3, in percentage points; from one to three
 * @param payer who pays the subsidy in at closing
 */
public record BuydownTerms(List<Percent> reductions, Payer payer) {
    private static final int MOST_YEARS = 3;

    /**
     * @throws CaseException if there is no reduction, or more than three
     */
    public BuydownTerms {
        reductions = List.copyOf(reductions);
        if (reductions.isEmpty() || reductions.size() > MOST_YEARS) {
            throw CaseException.of(
                    Field.REDUCTIONS,
                    Code.OUT_OF_RANGE,
                    new Value.Count(reductions.size()),
                    new Value.Count(1),
                    new Value.Count(MOST_YEARS));
        }
    }
}
