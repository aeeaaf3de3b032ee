package app.impendium.core.loan;

import app.impendium.core.finding.CaseException;
import java.time.LocalDate;

/** The days that a case can speak of: from 1 January 1990 to 31 December 2150. */
public final class Days {
    private static final int EARLIEST_YEAR = 1990;
    private static final int LATEST_YEAR = 2150;

    /** Those days as a phrase: what is allowed where a date is given. */
    public static final String ALLOWED = "a date from " + EARLIEST_YEAR + " to " + LATEST_YEAR;

    private Days() {}

    /** Whether a case can speak of a day. */
    public static boolean hold(LocalDate day) {
        return day.getYear() >= EARLIEST_YEAR && day.getYear() <= LATEST_YEAR;
    }

    /**
     * A day, if a case can speak of it.
     *
     * @throws CaseException if it cannot, naming {@code field}
     */
    public static LocalDate checked(LocalDate day, String field) {
        if (!hold(day)) {
            throw CaseException.of(field, day.toString(), ALLOWED);
        }
        return day;
    }
}
