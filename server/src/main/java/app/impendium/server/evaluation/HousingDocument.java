package app.impendium.server.evaluation;

import app.impendium.core.cost.HousingTerms;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;

/**
 * What the home costs beside the loan. What is absent costs nothing.
 *
 * @param propertyTaxCents a year's tax as an amount; absent where it is a share
 * @param propertyTaxPercent a year's tax in percent of the price; absent where it is an amount
 * @param homeInsuranceCents a year's premium
 * @param mortgageInsurancePercent a year's premium in percent of the original loan
 * @param taxAndInsuranceSentBy who sends property tax and home insurance in; absent for the lender
 * @param duesCents association dues for a month
 * @param otherCents any other cost for a month
 */
public record HousingDocument(
        @Schema(nullable = true) Long propertyTaxCents,
        @Schema(nullable = true) BigDecimal propertyTaxPercent,
        @Schema(nullable = true) Long homeInsuranceCents,
        @Schema(nullable = true) BigDecimal mortgageInsurancePercent,
        @Schema(nullable = true) HousingTerms.Sender taxAndInsuranceSentBy,
        @Schema(nullable = true) Long duesCents,
        @Schema(nullable = true) Long otherCents) {}
