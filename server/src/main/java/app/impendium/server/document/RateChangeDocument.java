package app.impendium.server.document;

import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.time.LocalDate;

/**
 * Another rate from a payment on.
 *
 * @param fromPayment the first payment whose interest has the new rate, counted from 1; absent where a day is given
 * @param fromDay the day from which it applies: the first payment due on it or after it; absent for a payment
 * @param ratePercent the new nominal annual rate, in percent
 */
public record RateChangeDocument(
        String id,
        @Schema(nullable = true) Integer fromPayment,
        @Schema(nullable = true) LocalDate fromDay,
        BigDecimal ratePercent)
        implements Entry {}
