package app.impendium.server.evaluation;

import app.impendium.core.loan.ScheduleYear;

/**
 * The payments of one calendar year, added up, in whole cents.
 *
 * @param firstPayment the number of the year's first payment
 * @param lastPayment the number of its last
 * @param balanceCents what is owed after its last payment
 */
public record YearView(
        int year, int firstPayment, int lastPayment, long interestCents, long principalCents, long balanceCents) {

    static YearView of(ScheduleYear year) {
        return new YearView(
                year.year(),
                year.sums().first(),
                year.sums().last(),
                year.sums().interest().cents(),
                year.sums().principal().cents(),
                year.sums().balance().cents());
    }
}
