package app.impendium.core.loan;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field;
import app.impendium.core.rate.PaymentFrequency;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.temporal.ChronoUnit;

/**
 * When a loan's payments fall due. Monthly dates keep their day of the month, or the last day where a month is shorter;
 * of two payments a month the second follows the first by half a month.
 *
 * @param first the date of payment 1, one of the {@link Days}
 * @param frequency how often the loan is paid
 */
public record PaymentDates(LocalDate first, PaymentFrequency frequency) {
    private static final int HALF_MONTH_DAYS = 15;
    private static final int DAYS_PER_YEAR = 366;
    private static final int MONTHS_PER_YEAR = 12;
    private static final int MOST_MONTHS_BEFORE = 2;

    /**
     * @throws CaseException if the first date lies outside its range
     */
    public PaymentDates {
        Days.checked(first, Field.FIRST_PAYMENT);
    }

    /** The usual first payment for a closing date: the first of the second month after it. */
    public static LocalDate firstAfterClosing(LocalDate closing) {
        return closing.withDayOfMonth(1).plusMonths(2);
    }

    /** The earliest day that the loan can have been paid out on: two months or a period before its first payment, by the longer. */
    public LocalDate earliestClosing() {
        return first.minusMonths(Math.max(MOST_MONTHS_BEFORE, MONTHS_PER_YEAR / frequency.perYear()));
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

    /**
     * The last payment due on or before a day; 0 where the day comes before the first.
     *
     * @throws CaseException if a case cannot speak of the day
     */
    public int lastOnOrBefore(LocalDate day) {
        // A quick guess by the length of a period, then whole steps to where it is true.
        long days = first.until(Days.checked(day, ""), ChronoUnit.DAYS);
        int payment = (int) Math.max(0, days * frequency.perYear() / DAYS_PER_YEAR);
        while (payment > 0 && of(payment).isAfter(day)) {
            payment--;
        }
        while (!of(payment + 1).isAfter(day)) {
            payment++;
        }
        return payment;
    }

    /** The first payment due on or after a day, at least 1: the one that a lump paid on that day goes with. */
    public int firstOnOrAfter(LocalDate day) {
        int before = lastOnOrBefore(day);
        return before > 0 && of(before).isEqual(day) ? before : before + 1;
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
