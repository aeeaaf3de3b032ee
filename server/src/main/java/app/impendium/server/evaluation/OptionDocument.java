package app.impendium.server.evaluation;

import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.time.LocalDate;

/**
 * One way of financing the home. Either a price with money down, or a loan amount alone.
 *
 * @param priceCents the price, in whole cents; absent for a loan alone
 * @param downCents money down as a fixed amount; absent where it is a share
 * @param downPercent money down in percent of the price; absent where it is an amount
 * @param loanCents the amount of a loan alone; absent where there is a price
 * @param ratePercent the nominal yearly rate: 6.125 is 6.125 %
 * @param compounding how often the rate compounds
 * @param frequency how often the loan is paid
 * @param rounding how the payment becomes whole cents
 * @param termMonths the whole term in months
 * @param firstPayment the date of the first payment
 * @param housing what the home costs beside the loan
 */
public record OptionDocument(
        @Schema(nullable = true) Long priceCents,
        @Schema(nullable = true) Long downCents,
        @Schema(nullable = true) BigDecimal downPercent,
        @Schema(nullable = true) Long loanCents,
        BigDecimal ratePercent,
        Compounding compounding,
        PaymentFrequency frequency,
        PaymentRounding rounding,
        Integer termMonths,
        LocalDate firstPayment,
        HousingDocument housing) {}
