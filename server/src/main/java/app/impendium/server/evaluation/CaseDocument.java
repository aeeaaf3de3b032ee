package app.impendium.server.evaluation;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * A case as it is sent, stored and handed on: the product's open format.
 *
 * @param format the version of this format: 1
 * @param title what the case is called, from 1 to 200 characters
 * @param clients who it is for, at most 200 characters
 * @param currency of every amount in it
 * @param options from one to six ways of financing the home; the first is the baseline
 */
public record CaseDocument(
        @Schema(nullable = true) Integer format,
        String title,
        String clients,
        CurrencyCode currency,
        List<OptionDocument> options) {

    /** The version written today. */
    public static final int FORMAT = 1;
}
