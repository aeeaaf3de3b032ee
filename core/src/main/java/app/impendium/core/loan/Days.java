package app.impendium.core.loan;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Value;
import java.time.LocalDate;

/** The days that a case can speak of: from 1 January 1990 to 31 December 2150. */
public final class Days {
    /** The first of them. */
    public static final LocalDate EARLIEST = LocalDate.of(1990, 1, 1);

    /** The last of them. */
    public static final LocalDate LATEST = LocalDate.of(2150, 12, 31);

    private Days() {}

    /** Whether a case can speak of a day. */
    public static boolean hold(LocalDate day) {
        return !day.isBefore(EARLIEST) && !day.isAfter(LATEST);
    }

    /**
     * A day, if a case can speak of it.
     *
     * @throws CaseException if it cannot, at {@code path}
     */
    public static LocalDate checked(LocalDate day, String path) {
        if (!hold(day)) {
            throw CaseException.of(
                    path, Code.OUT_OF_RANGE, new Value.Day(day), new Value.Day(EARLIEST), new Value.Day(LATEST));
        }
        return day;
    }
}
