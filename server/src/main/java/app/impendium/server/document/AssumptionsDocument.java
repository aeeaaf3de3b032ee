package app.impendium.server.document;

import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;

/**
 * What is taken for granted beyond the options' own terms. What is absent is not assumed.
 *
 * @param homeValuePercent by how much the home's value changes in a year, in percent
 * @param discountPercent the annual rate at which later money is worth less today, in percent
 * @param marginalTaxPercent the share of interest that the client gets back as tax relief, in percent
 * @param keptMonths how long the client keeps the loan
 */
public record AssumptionsDocument(
        @Schema(nullable = true) BigDecimal homeValuePercent,
        @Schema(nullable = true) BigDecimal discountPercent,
        @Schema(nullable = true) BigDecimal marginalTaxPercent,
        @Schema(nullable = true) Integer keptMonths) {

    /** The same with the loan kept for so many months. */
    public AssumptionsDocument withKeptMonths(int months) {
        return new AssumptionsDocument(homeValuePercent, discountPercent, marginalTaxPercent, months);
    }

    /** Nothing taken for granted. */
    public static final AssumptionsDocument NONE = new AssumptionsDocument(null, null, null, null);
}
