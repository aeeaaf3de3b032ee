package app.impendium.server.document;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;

/**
 * Principal paid beside the regular payment. Beginning and end are payments, counted from 1, or days; a day goes with the
 * first payment due on it or after it.
 *
 * @param how once, with each payment, or once a year
 * @param cents the amount each time, in whole cents
 * @param firstPayment the payment that it first goes with; absent where a day is given
 * @param firstDay the day from which it is paid; absent where a payment is given
 * @param lastPayment the payment after which it stops; absent for a lump, and for one that goes on to the end
 * @param lastDay the day after which it stops; absent where a payment is given
 */
public record ExtraDocument(
        String id,
        How how,
        Long cents,
        @Schema(nullable = true) Integer firstPayment,
        @Schema(nullable = true) LocalDate firstDay,
        @Schema(nullable = true) Integer lastPayment,
        @Schema(nullable = true) LocalDate lastDay)
        implements Entry {

    /** How often an extra payment is made. */
    public enum How {
        ONCE,
        EACH_PAYMENT,
        EACH_YEAR
    }
}
