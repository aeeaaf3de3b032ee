package app.impendium.server.document;

import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;

/**
 * What an option's points were taken from a rate table for. Where the option is another by now, or the table, it can be priced
 * again.
 *
 * @param tableId the practice's id of the table; absent where only the case's is known
 * @param ratePercent the annual rate that they were for
 * @param pointsPercent in percent of the loan, add-ons included; negative is a lender credit
 * @param loanToValuePercent that the loan was then; absent where the value was not known
 * @param score the clients' credit score; absent where it was not known
 */
public record PricedAtDocument(
        @Schema(nullable = true) String tableId,
        BigDecimal ratePercent,
        BigDecimal pointsPercent,
        @Schema(nullable = true) BigDecimal loanToValuePercent,
        @Schema(nullable = true) Integer score) {}
