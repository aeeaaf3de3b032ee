package app.impendium.server.document;

import app.impendium.server.document.Convention.Compounding;
import app.impendium.server.document.Convention.Frequency;
import app.impendium.server.document.Convention.Rounding;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.time.LocalDate;

/**
 * Rate, term and how the loan is paid.
 *
 * @param ratePercent the nominal annual rate: 6.125 is 6.125 %
 * @param lettingAddOnPercent the part of the rate that a letting programme added for how far the rent covers it; absent for none
 * @param compounding how often the rate compounds
 * @param frequency how often the loan is paid
 * @param rounding how the payment becomes whole cents
 * @param amortizationMonths over how many months the payments are computed
 * @param rateTermMonths how long the rate is agreed for; absent where it is for the whole term
 * @param firstPayment the date of the first payment; absent for the first of the second month after closing
 */
public record TermsDocument(
        BigDecimal ratePercent,
        @Schema(nullable = true) BigDecimal lettingAddOnPercent,
        Compounding compounding,
        Frequency frequency,
        Rounding rounding,
        Integer amortizationMonths,
        @Schema(nullable = true) Integer rateTermMonths,
        @Schema(nullable = true) LocalDate firstPayment) {

    /** The same at another rate. */
    public TermsDocument withRatePercent(BigDecimal percent) {
        return with(percent, amortizationMonths, firstPayment);
    }

    /** The same with the payments computed over so many months. */
    public TermsDocument withAmortizationMonths(int months) {
        return with(ratePercent, months, firstPayment);
    }

    /** The same with its first payment on another day. */
    public TermsDocument withFirstPayment(LocalDate day) {
        return with(ratePercent, amortizationMonths, day);
    }

    private TermsDocument with(BigDecimal otherRate, Integer otherMonths, LocalDate otherDay) {
        return new TermsDocument(
                otherRate,
                lettingAddOnPercent,
                compounding,
                frequency,
                rounding,
                otherMonths,
                rateTermMonths,
                otherDay);
    }
}
