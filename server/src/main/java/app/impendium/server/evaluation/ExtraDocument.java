package app.impendium.server.evaluation;

import io.swagger.v3.oas.annotations.media.Schema;

/**
 * Principal paid beside the regular payment.
 *
 * @param how once, with each payment, or once a year
 * @param cents the amount each time, in whole cents
 * @param firstPayment the payment that it first goes with, counted from 1
 * @param lastPayment the payment after which it stops; absent for a lump, and for one that goes on to the end
 */
public record ExtraDocument(
        How how,
        Long cents,
        Integer firstPayment,
        @Schema(nullable = true) Integer lastPayment) {

    /** How often an extra payment is made. */
    public enum How {
        ONCE,
        EACH_PAYMENT,
        EACH_YEAR
    }
}
