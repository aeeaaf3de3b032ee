package app.impendium.server.document;

import app.impendium.server.document.Convention.LettingBasis;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;

/**
 * How the home is let. What is absent is not known, and a share that is absent is nothing.
 *
 * @param basis how it is let
 * @param rentCents the likely rent for a month
 * @param lowRentCents a low one
 * @param highRentCents a high one
 * @param rentEstimate where the rents come from, while they are estimates
 * @param programme the id of the programme that the case is looked at with; absent for the first of its market
 * @param vacancyPercent the share of the rent that the owner expects to lose while nobody lives there
 * @param upkeepPercent the share of the rent that the owner expects to spend on repairs
 * @param managementPercent the share of the rent that an agent takes
 * @param rentChangePercent by how much the owner expects the rent to change in a year
 * @param costChangePercent by how much the owner expects tax, insurance, dues and other costs to change in a year
 */
public record LettingDocument(
        LettingBasis basis,
        @Schema(nullable = true) Long rentCents,
        @Schema(nullable = true) Long lowRentCents,
        @Schema(nullable = true) Long highRentCents,
        @Schema(nullable = true) EstimateDocument rentEstimate,
        @Schema(nullable = true) String programme,
        @Schema(nullable = true) BigDecimal vacancyPercent,
        @Schema(nullable = true) BigDecimal upkeepPercent,
        @Schema(nullable = true) BigDecimal managementPercent,
        @Schema(nullable = true) BigDecimal rentChangePercent,
        @Schema(nullable = true) BigDecimal costChangePercent) {}
