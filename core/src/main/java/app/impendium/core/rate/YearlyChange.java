package app.impendium.core.rate;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field.Entry;
import app.impendium.core.finding.Value;
import java.math.BigDecimal;

/**
 * By how much a value changes in a year, in percent: 2.5 is up by 2.5 %, -1 down by 1 %. From -20 to 20 inclusive, with
 * at most six decimals. Immutable.
 *
 * @param percent of the value at the year's start
 */
public record YearlyChange(BigDecimal percent) {
    private static final BigDecimal MOST = BigDecimal.valueOf(20);
    private static final int MOST_DECIMALS = 6;

    /** No change. */
    public static final YearlyChange NONE = new YearlyChange(BigDecimal.ZERO);

    /**
     * @throws CaseException if it is outside its range or has more than six decimals
     */
    public YearlyChange {
        if (percent.abs().compareTo(MOST) > 0) {
            throw CaseException.of(
                    Entry.PERCENT,
                    Code.OUT_OF_RANGE,
                    new Value.Percentage(percent),
                    new Value.Percentage(MOST.negate()),
                    new Value.Percentage(MOST));
        }
        percent = percent.stripTrailingZeros();
        if (percent.scale() > MOST_DECIMALS) {
            throw CaseException.of(
                    Entry.PERCENT,
                    Code.TOO_MANY_DECIMALS,
                    new Value.Percentage(percent),
                    new Value.Count(MOST_DECIMALS));
        }
    }

    /** By what a value is multiplied from one payment to the next, to fifty digits. */
    public BigDecimal factorPerPayment(PaymentFrequency frequency) {
        BigDecimal yearly = BigDecimal.ONE.add(percent.movePointLeft(2));
        return Growth.power(yearly, 1, frequency.perYear());
    }
}
