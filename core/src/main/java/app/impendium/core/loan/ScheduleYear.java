package app.impendium.core.loan;

import java.util.ArrayList;
import java.util.List;

/**
 * The payments of one calendar year.
 *
 * @param year the calendar year
 * @param sums the sums of the payments that fall due in it
 */
public record ScheduleYear(int year, PaymentRange sums) {

    /** Every year in which a payment falls due, in order. */
    public static List<ScheduleYear> of(Schedule schedule, PaymentDates dates) {
        List<ScheduleYear> years = new ArrayList<>();
        int first = 1;
        int year = dates.of(1).getYear();
        for (int payment = 1; payment <= schedule.payments(); payment++) {
            int next = dates.of(payment + 1).getYear();
            if (payment == schedule.payments() || next > year) {
                years.add(new ScheduleYear(year, schedule.range(first, payment)));
                first = payment + 1;
                year = next;
            }
        }
        return years;
    }
}
