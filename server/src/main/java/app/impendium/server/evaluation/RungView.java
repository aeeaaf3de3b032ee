package app.impendium.server.evaluation;

import app.impendium.core.compare.RateLadder.Rung;
import java.math.BigDecimal;

/**
 * One rate of a ladder, in whole cents; the differences are against the loan's own rate.
 *
 * @param perPaymentCents the difference of one regular payment
 * @param perYearCents the difference of a year's regular payments
 * @param overTheLifeCents the difference of all that is paid
 */
public record RungView(
        BigDecimal ratePercent, long paymentCents, long perPaymentCents, long perYearCents, long overTheLifeCents) {

    static RungView of(Rung rung) {
        return new RungView(
                rung.rate().percent().value(),
                rung.payment().cents(),
                rung.perPayment().cents(),
                rung.perYear().cents(),
                rung.overTheLife().cents());
    }
}
