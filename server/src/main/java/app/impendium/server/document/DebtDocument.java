package app.impendium.server.document;

import app.impendium.server.document.Convention.DebtKind;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;

/**
 * A debt beside the home, paid every month.
 *
 * @param name what it is called, at most 60 characters
 * @param kind what it is; absent for a loan
 * @param balanceCents what is owed; absent for support, which has no balance
 * @param paymentCents what is paid a month; absent where none is reported
 * @param ratePercent its annual rate; absent where it is not known, and then taken to be nothing
 * @param paymentsLeft how many payments are left; absent where it is not known
 * @param simulated whether a simulated credit report named it; absent for no
 */
public record DebtDocument(
        String id,
        String name,
        @Schema(nullable = true) DebtKind kind,
        @Schema(nullable = true) Long balanceCents,
        @Schema(nullable = true) Long paymentCents,
        @Schema(nullable = true) BigDecimal ratePercent,
        @Schema(nullable = true) Integer paymentsLeft,
        @Schema(nullable = true) Boolean simulated)
        implements Entry {}
