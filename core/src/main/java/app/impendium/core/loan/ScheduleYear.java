package app.impendium.core.loan;

import java.util.ArrayList;
import java.util.List;

/**
 * The payments of one calendar year.
 *
 * @param year the calendar year
 * @param sums the sums of the payments that fall due in it
 */
public record ScheduleYear(int year, Stretch sums) {

    /** Every year in which a payment falls due, in order. */
    public static List<ScheduleYear> of(Schedule schedule, PaymentDates dates) {
        List<ScheduleYear> years = new ArrayList<>();
        int first = 1;
        for (int payment = 1; payment <= schedule.payments(); payment++) {
            int year = dates.of(payment).getYear();
            boolean lastOfYear =
                    payment == schedule.payments() || dates.of(payment + 1).getYear() > year;
            if (lastOfYear) {
                years.add(new ScheduleYear(year, schedule.stretch(first, payment)));
                first = payment + 1;
            }
        }
        return years;
    }
}
