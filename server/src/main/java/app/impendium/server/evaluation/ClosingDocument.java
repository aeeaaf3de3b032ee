package app.impendium.server.evaluation;

import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.time.LocalDate;

/**
 * What is due on the day the loan is paid out. What is absent is nothing.
 *
 * @param day the day itself
 * @param pointsPercent discount points in percent of the loan
 * @param lenderCreditPercent the lender's credit in percent of the loan
 * @param loanFeesCents what the loan itself costs
 * @param otherCostsCents costs of the purchase that the loan does not bring
 * @param prepaidInterestCents interest for the days before the first full period
 * @param prepaidItemsCents property tax and home insurance paid ahead
 * @param sellerCreditCents what the seller offers towards all of these
 * @param upfrontPremiumPercent a premium or guarantee fee due once, in percent of the base loan
 * @param upfrontPremiumFinanced whether it is added to the loan
 */
public record ClosingDocument(
        @Schema(nullable = true) LocalDate day,
        @Schema(nullable = true) BigDecimal pointsPercent,
        @Schema(nullable = true) BigDecimal lenderCreditPercent,
        @Schema(nullable = true) Long loanFeesCents,
        @Schema(nullable = true) Long otherCostsCents,
        @Schema(nullable = true) Long prepaidInterestCents,
        @Schema(nullable = true) Long prepaidItemsCents,
        @Schema(nullable = true) Long sellerCreditCents,
        @Schema(nullable = true) BigDecimal upfrontPremiumPercent,
        @Schema(nullable = true) Boolean upfrontPremiumFinanced) {}
