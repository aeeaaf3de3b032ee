package app.impendium.core.rate;

import app.impendium.core.finding.CaseException;
import java.math.BigDecimal;

/**
 * A time from the first advance as Appendix J of 12 CFR 1026 counts it: whole unit-periods and a fraction of one.
 *
 * @param whole full unit-periods, at least 0
 * @param fraction the rest, from 0 to below 1
 */
public record UnitPeriods(int whole, BigDecimal fraction) {

    /**
     * @throws CaseException if either is outside its range
     */
    public UnitPeriods {
        if (whole < 0 || fraction.signum() < 0 || fraction.compareTo(BigDecimal.ONE) >= 0) {
            throw CaseException.of("unitPeriods", whole + " and " + fraction, "0 or more and a fraction below 1");
        }
    }

    public static UnitPeriods whole(int periods) {
        return new UnitPeriods(periods, BigDecimal.ZERO);
    }

    /** The same fraction so many periods later. */
    public UnitPeriods plus(int periods) {
        return new UnitPeriods(Math.addExact(whole, periods), fraction);
    }
}
