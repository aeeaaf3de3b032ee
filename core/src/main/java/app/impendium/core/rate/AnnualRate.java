package app.impendium.core.rate;

import app.impendium.core.finding.CaseException;
import app.impendium.core.money.Percent;
import java.math.BigDecimal;

/**
 * Nominal yearly rate in percent: 6.125 is 6.125 %. From 0 to 30 inclusive, with at most six decimals. Immutable.
 *
 * @param percent the rate, in percent
 */
public record AnnualRate(Percent percent) {
    private static final int MOST_PERCENT = 30;
    private static final String FIELD = "ratePercent";

    /**
     * @throws CaseException if it is above 30 %
     */
    public AnnualRate {
        percent.atMost(MOST_PERCENT, FIELD);
    }

    public static AnnualRate ofPercent(BigDecimal percent) {
        return new AnnualRate(Percent.upTo(MOST_PERCENT, percent, FIELD));
    }

    public static AnnualRate ofPercent(String percent) {
        return ofPercent(new BigDecimal(percent));
    }

    public boolean isZero() {
        return percent.value().signum() == 0;
    }
}
