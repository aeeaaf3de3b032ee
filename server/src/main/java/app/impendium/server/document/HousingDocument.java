package app.impendium.server.document;

import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;

/**
 * What the home costs beside the loan. What is absent costs nothing.
 *
 * @param propertyTax a year's tax, as an amount or in percent of the price
 * @param propertyTaxEstimate where the tax comes from, while it is an estimate
 * @param homeInsuranceCents a year's premium
 * @param homeInsuranceEstimate where the premium comes from, while it is an estimate
 * @param mortgageInsurancePercent a year's premium in percent of the original loan
 * @param escrowed whether the lender collects property tax and home insurance with the payments; absent for yes
 * @param duesCents association dues for a month
 * @param otherCents any other cost for a month
 */
public record HousingDocument(
        @Schema(nullable = true) AmountOrShare propertyTax,
        @Schema(nullable = true) EstimateDocument propertyTaxEstimate,
        @Schema(nullable = true) Long homeInsuranceCents,
        @Schema(nullable = true) EstimateDocument homeInsuranceEstimate,
        @Schema(nullable = true) BigDecimal mortgageInsurancePercent,
        @Schema(nullable = true) Boolean escrowed,
        @Schema(nullable = true) Long duesCents,
        @Schema(nullable = true) Long otherCents) {

    /** A home that costs nothing beside its loan. */
    public static final HousingDocument NONE = new HousingDocument(null, null, null, null, null, null, null, null);
}
