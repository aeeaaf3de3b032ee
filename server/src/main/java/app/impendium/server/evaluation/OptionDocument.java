package app.impendium.server.evaluation;

import app.impendium.core.loan.ExtraEffect;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;

/**
 * One way of financing the home. Either a price with money down, or a loan amount alone.
 *
 * @param name what the option is called, at most 60 characters; absent for one named by what it says
 * @param priceCents the price, in whole cents; absent for a loan alone
 * @param downCents money down as a fixed amount; absent where it is a share
 * @param downPercent money down in percent of the price; absent where it is an amount
 * @param appraisalCents what an appraiser says the home is worth; absent before that, or for a loan alone
 * @param loanCents the amount of a loan alone; absent where there is a price
 * @param ratePercent the nominal yearly rate: 6.125 is 6.125 %
 * @param compounding how often the rate compounds
 * @param frequency how often the loan is paid
 * @param rounding how the payment becomes whole cents
 * @param termMonths the whole term in months
 * @param rateTermMonths how long the rate is agreed for; absent where it is for the whole term
 * @param firstPayment the date of the first payment; absent for the first of the second month after closing
 * @param interestOnlyPayments how many payments at the start pay interest alone; absent for none
 * @param residualCents what is left to pay with the last payment beyond it; absent for nothing
 * @param chosenPaymentCents a regular payment that the client chose; absent for the level payment
 * @param extras principal paid beside the regular payment; absent for none
 * @param extraEffect what an extra payment does to the payments after it; absent to end early
 * @param rateChanges other rates from later payments on, in order; absent for none
 * @param buydown payments reduced for the first years out of a paid-in subsidy; absent for none
 * @param closing what is due on the day the loan is paid out; absent for nothing
 * @param housing what the home costs beside the loan
 */
public record OptionDocument(
        @Schema(nullable = true) String name,
        @Schema(nullable = true) Long priceCents,
        @Schema(nullable = true) Long downCents,
        @Schema(nullable = true) BigDecimal downPercent,
        @Schema(nullable = true) Long appraisalCents,
        @Schema(nullable = true) Long loanCents,
        BigDecimal ratePercent,
        Compounding compounding,
        PaymentFrequency frequency,
        PaymentRounding rounding,
        Integer termMonths,
        @Schema(nullable = true) Integer rateTermMonths,
        @Schema(nullable = true) LocalDate firstPayment,
        @Schema(nullable = true) Integer interestOnlyPayments,
        @Schema(nullable = true) Long residualCents,
        @Schema(nullable = true) Long chosenPaymentCents,
        List<ExtraDocument> extras,
        @Schema(nullable = true) ExtraEffect extraEffect,
        List<RateChangeDocument> rateChanges,
        @Schema(nullable = true) BuydownDocument buydown,
        @Schema(nullable = true) ClosingDocument closing,
        HousingDocument housing) {

    /** Lists that are not sent are empty. */
    public OptionDocument {
        extras = extras == null ? List.of() : extras;
        rateChanges = rateChanges == null ? List.of() : rateChanges;
    }

    /** The same with its first payment on another day. */
    public OptionDocument withFirstPayment(LocalDate day) {
        return new OptionDocument(
                name,
                priceCents,
                downCents,
                downPercent,
                appraisalCents,
                loanCents,
                ratePercent,
                compounding,
                frequency,
                rounding,
                termMonths,
                rateTermMonths,
                day,
                interestOnlyPayments,
                residualCents,
                chosenPaymentCents,
                extras,
                extraEffect,
                rateChanges,
                buydown,
                closing,
                housing);
    }
}
