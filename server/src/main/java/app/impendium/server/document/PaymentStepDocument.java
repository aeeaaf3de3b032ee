package app.impendium.server.document;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;

/**
 * Another regular payment from a payment on, chosen by the client.
 *
 * @param fromPayment the first payment of this amount, counted from 1; absent where a day is given
 * @param fromDay the day from which it applies: the first payment due on it or after it; absent for a payment
 * @param cents the amount, in whole cents
 */
public record PaymentStepDocument(
        String id,
        @Schema(nullable = true) Integer fromPayment,
        @Schema(nullable = true) LocalDate fromDay,
        Long cents) implements Entry {}
