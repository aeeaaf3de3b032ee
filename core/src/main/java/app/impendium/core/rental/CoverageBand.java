package app.impendium.core.rental;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field.Entry;
import app.impendium.core.finding.Value;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import java.math.BigDecimal;

/**
 * What a programme lends where the rent covers so much. Immutable.
 *
 * @param leastCover the least cover, as a ratio: 1.2 is one and a fifth times; above 0, at most 10, with at most four decimals
 * @param mostLoanToValue the largest loan, in percent of the value
 * @param addOn what is added to the rate, in percentage points
 */
public record CoverageBand(BigDecimal leastCover, Percent mostLoanToValue, Percent addOn) {
    private static final int MOST_COVER = 10;
    private static final int MOST_DECIMALS = 4;

    /**
     * @throws CaseException if the cover is outside its range or has more than four decimals
     */
    public CoverageBand {
        leastCover = leastCover.stripTrailingZeros();
        if (leastCover.signum() <= 0 || leastCover.compareTo(BigDecimal.valueOf(MOST_COVER)) > 0) {
            throw CaseException.of(
                    Entry.LEAST_COVER,
                    Code.OUT_OF_RANGE,
                    new Value.Text(leastCover.toPlainString()),
                    new Value.Text("0.0001"),
                    new Value.Count(MOST_COVER));
        }
        if (leastCover.scale() > MOST_DECIMALS) {
            throw CaseException.of(
                    Entry.LEAST_COVER,
                    Code.TOO_MANY_DECIMALS,
                    new Value.Text(leastCover.toPlainString()),
                    new Value.Count(MOST_DECIMALS));
        }
    }

    /** A rate with what the band adds to it; never above the highest rate there is. */
    public AnnualRate raised(AnnualRate base) {
        return AnnualRate.ofPercent(base.percent().value().add(addOn.value()).min(AnnualRate.HIGHEST));
    }

    /** Whether wherever another band lends, this one lends as much at no higher a rate, so that the other is never used. */
    boolean replaces(CoverageBand other) {
        return leastCover.compareTo(other.leastCover) <= 0
                && mostLoanToValue.value().compareTo(other.mostLoanToValue.value()) >= 0
                && addOn.value().compareTo(other.addOn.value()) <= 0;
    }
}
