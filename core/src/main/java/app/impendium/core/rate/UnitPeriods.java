package app.impendium.core.rate;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Value;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/**
 * A time from the first advance as Appendix J of 12 CFR 1026 counts it: whole unit-periods and a fraction of one.
 *
 * @param whole full unit-periods, at least 0
 * @param fraction the rest, from 0 to below 1
 */
public record UnitPeriods(int whole, double fraction) {
    private static final int MONTHS_PER_YEAR = 12;
    private static final int DAYS_PER_MONTH = 30;
    private static final int DAYS_PER_WEEK = 7;
    private static final int WEEKS_PER_YEAR = 52;
    private static final int DAYS_PER_YEAR = 365;

    /**
     * @throws CaseException if either is outside its range
     */
    public UnitPeriods {
        if (whole < 0) {
            throw CaseException.of(
                    "wholePeriods",
                    Code.OUT_OF_RANGE,
                    new Value.Count(whole),
                    new Value.Count(0),
                    new Value.Count(Integer.MAX_VALUE));
        }
        if (fraction < 0 || fraction >= 1) {
            throw CaseException.of("fraction", Code.NO_PART_OF_PERIOD, new Value.Text(String.valueOf(fraction)));
        }
    }

    public static UnitPeriods whole(int periods) {
        return new UnitPeriods(periods, 0);
    }

    /**
     * The time from an advance to a payment, where the payments' own period is the unit (Appendix J, (b)(5)(ii) to (v)):
     * weeks by days; months counted back from the payment, the days before them as thirtieths, of which thirty make a
     * whole one; a year's odd days as 365ths.
     *
     * @throws CaseException if the payment comes before the advance
     */
    public static UnitPeriods between(LocalDate advance, LocalDate payment, PaymentFrequency frequency) {
        int perYear = frequency.perYear();
        if (perYear > 2 * MONTHS_PER_YEAR) {
            int days = DAYS_PER_WEEK * WEEKS_PER_YEAR / perYear;
            return of(ChronoUnit.DAYS.between(advance, payment), days);
        }
        long months = ChronoUnit.MONTHS.between(advance, payment);
        long oddDays = ChronoUnit.DAYS.between(advance, payment.minusMonths(months));
        if (perYear == 1 && oddDays > 0) {
            long years = months / MONTHS_PER_YEAR;
            long days = ChronoUnit.DAYS.between(advance, payment.minusYears(years));
            return of(years * DAYS_PER_YEAR + days, DAYS_PER_YEAR);
        }
        return of(months * DAYS_PER_MONTH + oddDays, MONTHS_PER_YEAR * DAYS_PER_MONTH / perYear);
    }

    /**
     * The time from an advance to a payment as Annex I of Directive 2014/17/EU and MCOB 10A of the FCA Handbook count it,
     * in the payments' own period: equal periods of a week or a month counted back from the payment, and the days before
     * them as parts of the year that ends where the periods begin.
     *
     * @throws CaseException if the payment comes before the advance
     */
    public static UnitPeriods inEqualYears(LocalDate advance, LocalDate payment, PaymentFrequency frequency) {
        int perYear = frequency.perYear();
        boolean isWeekly = perYear > 2 * MONTHS_PER_YEAR;
        ChronoUnit unit = isWeekly ? ChronoUnit.WEEKS : ChronoUnit.MONTHS;
        int unitsPerYear = isWeekly ? WEEKS_PER_YEAR : MONTHS_PER_YEAR;
        long units = unit.between(advance, payment);
        LocalDate begin = payment.minus(units, unit);
        long days = ChronoUnit.DAYS.between(advance, begin);
        long daysPerYear = ChronoUnit.DAYS.between(begin.minusYears(1), begin);
        // In whole numbers as long as possible, so that a whole period is one exactly.
        long parts = units * daysPerYear + days * unitsPerYear;
        long partsPerPeriod = daysPerYear * unitsPerYear;
        return new UnitPeriods(
                Math.toIntExact(Math.floorDiv(parts * perYear, partsPerPeriod)),
                parts * perYear % partsPerPeriod / (double) partsPerPeriod);
    }

    /** The same fraction so many periods later. */
    public UnitPeriods plus(int periods) {
        return new UnitPeriods(Math.addExact(whole, periods), fraction);
    }

    private static UnitPeriods of(long days, int daysPerPeriod) {
        return new UnitPeriods(Math.toIntExact(days / daysPerPeriod), (days % daysPerPeriod) / (double) daysPerPeriod);
    }
}
