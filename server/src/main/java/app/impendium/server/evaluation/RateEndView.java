package app.impendium.server.evaluation;

import app.impendium.core.LoanFigures.RateEnd;
import java.time.LocalDate;

/**
 * The end of the time for which the rate is agreed.
 *
 * @param afterPayment the last payment at the rate
 * @param balanceCents what is then owed, in whole cents
 */
public record RateEndView(int afterPayment, LocalDate day, long balanceCents, int paymentsLeft) {
    static RateEndView of(RateEnd end) {
        return new RateEndView(end.afterPayment(), end.day(), end.balance().cents(), end.paymentsLeft());
    }
}
