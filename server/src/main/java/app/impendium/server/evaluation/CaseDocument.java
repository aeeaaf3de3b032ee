package app.impendium.server.evaluation;

import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.List;

/**
 * A case as it is sent, stored and handed on: the product's open format.
 *
 * @param format the version of this format: 1
 * @param title what the case is called, from 1 to 200 characters
 * @param clients who it is for, at most 200 characters
 * @param market whose wording and way of writing figures apply; absent for the one that the currency suggests
 * @param currency of every amount in it
 * @param valueGrowthPercent by how much the home's value is taken to change in a year, in percent; absent for nothing
 * @param options from one to six ways of financing the home; the first is the baseline
 */
public record CaseDocument(
        @Schema(nullable = true) Integer format,
        String title,
        String clients,
        @Schema(nullable = true) Market market,
        CurrencyCode currency,
        @Schema(nullable = true) BigDecimal valueGrowthPercent,
        List<OptionDocument> options) {

    /** The version written today. */
    public static final int FORMAT = 1;

    /** The same with other options. */
    public CaseDocument withOptions(List<OptionDocument> others) {
        return new CaseDocument(format, title, clients, market, currency, valueGrowthPercent, others);
    }
}
