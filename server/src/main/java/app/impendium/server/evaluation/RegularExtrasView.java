package app.impendium.server.evaluation;

import app.impendium.core.RegularExtras;
import app.impendium.core.loan.PaymentDates;
import java.time.LocalDate;

/**
 * What goes out in a month with the extra payments that go with each payment.
 *
 * @param from when they begin
 * @param monthCents the month's cost with them, in whole cents
 */
public record RegularExtrasView(LocalDate from, long monthCents) {
    static RegularExtrasView of(RegularExtras extras, PaymentDates dates) {
        return new RegularExtrasView(
                dates.of(extras.fromPayment()), extras.month().cents());
    }
}
