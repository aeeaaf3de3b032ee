package app.impendium.server.document;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;

/**
 * A practice's rates for one product, on a day.
 *
 * @param name what it is called, from 1 to 60 characters
 * @param termMonths of the loans that it prices
 * @param day of the rates
 * @param simulated whether the rates come from a stand-in, and are no lender's
 * @param offers rates with their points, each rate once
 * @param addOns points added by loan-to-value and credit score
 */
public record RateTableDocument(
        String name,
        Integer termMonths,
        LocalDate day,
        Boolean simulated,
        List<OfferDocument> offers,
        List<AddOnDocument> addOns) {

    /** Lists that are not sent are empty. */
    public RateTableDocument {
        offers = offers == null ? List.of() : offers;
        addOns = addOns == null ? List.of() : addOns;
    }

    /**
     * A rate and its points.
     *
     * @param pointsPercent in percent of the loan; negative is a lender credit
     */
    public record OfferDocument(String id, BigDecimal ratePercent, BigDecimal pointsPercent) implements Entry {}

    /**
     * Points added where loan-to-value and score lie within bounds.
     *
     * @param aboveLoanToValuePercent above this loan-to-value
     * @param upToLoanToValuePercent up to this one, counted
     * @param leastScore from this credit score, counted
     * @param mostScore up to this one, counted
     */
    public record AddOnDocument(
            String id,
            BigDecimal aboveLoanToValuePercent,
            BigDecimal upToLoanToValuePercent,
            Integer leastScore,
            Integer mostScore,
            BigDecimal pointsPercent)
            implements Entry {}
}
