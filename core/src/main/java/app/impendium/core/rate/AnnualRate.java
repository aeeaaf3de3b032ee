package app.impendium.core.rate;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field;
import app.impendium.core.money.Percent;
import java.math.BigDecimal;

/**
 * Nominal annual rate in percent: 6.125 is 6.125 %. From 0 to 30 inclusive, with at most six decimals. Immutable.
 *
 * @param percent the rate, in percent
 */
public record AnnualRate(Percent percent) {
    private static final int MOST_PERCENT = 30;

    /** The highest rate that a case can speak of, in percent. */
    public static final BigDecimal HIGHEST = BigDecimal.valueOf(MOST_PERCENT);

    /**
     * @throws CaseException if it is above 30 %
     */
    public AnnualRate {
        percent.atMost(MOST_PERCENT, Field.RATE);
    }

    public static AnnualRate ofPercent(BigDecimal percent) {
        return new AnnualRate(Percent.upTo(MOST_PERCENT, percent, Field.RATE));
    }

    public static AnnualRate ofPercent(String percent) {
        return ofPercent(new BigDecimal(percent));
    }

    public boolean isZero() {
        return percent.value().signum() == 0;
    }
}
