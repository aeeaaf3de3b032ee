package app.impendium.server.document;

import app.impendium.server.document.Convention.ClosingKind;
import app.impendium.server.document.Convention.Payer;
import io.swagger.v3.oas.annotations.media.Schema;

/**
 * One cost or credit at closing.
 *
 * @param amount how much, as an amount or in percent of the loan
 * @param paidBy who pays a cost; absent for the buyer, and for a credit
 */
public record ClosingItemDocument(
        String id,
        ClosingKind kind,
        AmountOrShare amount,
        @Schema(nullable = true) Payer paidBy) implements Entry {}
