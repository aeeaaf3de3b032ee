package app.impendium.server.evaluation;

import app.impendium.server.document.Convention.Compounding;
import app.impendium.server.document.Convention.Frequency;
import app.impendium.server.document.Convention.Rounding;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;

/**
 * A loan of level payments without a case around it. What is asked for is absent, and everything else is given.
 *
 * @param loanCents its amount, in whole cents
 * @param ratePercent the nominal annual rate
 * @param payments how many payments there are
 * @param paymentCents the payment: the most it may be, or what the client pays each time
 * @param balloonCents what is left to pay with the last payment beyond it; absent for nothing
 * @param afterPayments after how many payments the balance is asked for
 */
public record SolutionDocument(
        @Schema(nullable = true) Long loanCents,
        @Schema(nullable = true) BigDecimal ratePercent,
        Compounding compounding,
        Frequency frequency,
        Rounding rounding,
        @Schema(nullable = true) Integer payments,
        @Schema(nullable = true) Long paymentCents,
        @Schema(nullable = true) Long balloonCents,
        @Schema(nullable = true) Integer afterPayments) {}
