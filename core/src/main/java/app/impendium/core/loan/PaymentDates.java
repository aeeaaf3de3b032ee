package app.impendium.core.loan;

import app.impendium.core.finding.CaseException;
import app.impendium.core.rate.PaymentFrequency;
import java.time.LocalDate;
import java.time.YearMonth;

/**
 * When a loan's payments fall due. Monthly dates keep their day of the month, or the last day where a month is shorter;
 * of two payments a month the second follows the first by half a month.
 *
 * @param first the date of payment 1, from the year 1950 to 2150
 * @param frequency how often the loan is paid
 */
public record PaymentDates(LocalDate first, PaymentFrequency frequency) {
    private static final int EARLIEST_YEAR = 1950;
    private static final int LATEST_YEAR = 2150;
    private static final int HALF_MONTH_DAYS = 15;

    /**
     * @throws CaseException if the first date lies outside its range
     */
    public PaymentDates {
        if (first.getYear() < EARLIEST_YEAR || first.getYear() > LATEST_YEAR) {
            throw CaseException.of(
                    "firstPayment", first.toString(), "a date from " + EARLIEST_YEAR + " to " + LATEST_YEAR);
        }
    }

    /** The usual first payment for a closing date: the first of the second month after it. */
    public static LocalDate firstAfterClosing(LocalDate closing) {
        return closing.withDayOfMonth(1).plusMonths(2);
    }

    /** The date of a payment, counted from 1. */
    public LocalDate of(int payment) {
        int later = payment - 1;
        return switch (frequency) {
            case YEARLY -> first.plusYears(later);
            case QUARTERLY -> first.plusMonths(3L * later);
            case MONTHLY -> first.plusMonths(later);
            case SEMI_MONTHLY -> semiMonthly(later);
            case BIWEEKLY, ACCELERATED_BIWEEKLY -> first.plusWeeks(2L * later);
            case WEEKLY, ACCELERATED_WEEKLY -> first.plusWeeks(later);
        };
    }

    private LocalDate semiMonthly(int later) {
        LocalDate sameDay = first.plusMonths(later / 2);
        if (later % 2 == 0) {
            return sameDay;
        }
        // Counted from the first date's own day, so that a short month in between does not move the days after it.
        int day = first.getDayOfMonth();
        YearMonth month = YearMonth.from(sameDay);
        return day <= HALF_MONTH_DAYS
                ? dayOrLast(month, day + HALF_MONTH_DAYS)
                : dayOrLast(month.plusMonths(1), day - HALF_MONTH_DAYS);
    }

    private static LocalDate dayOrLast(YearMonth month, int day) {
        return month.atDay(Math.min(day, month.lengthOfMonth()));
    }
}
