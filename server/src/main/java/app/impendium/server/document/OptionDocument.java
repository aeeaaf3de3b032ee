package app.impendium.server.document;

import io.swagger.v3.oas.annotations.media.Schema;

/**
 * One way of financing the home.
 *
 * @param name what the option is called, at most 60 characters; absent for one named by what it says
 * @param features absent for none
 * @param closing absent for nothing due
 * @param housing absent for no costs
 * @param pricedAt what its points were taken from a rate table for; absent for points of its own
 */
public record OptionDocument(
        String id,
        @Schema(nullable = true) String name,
        FinancingDocument financing,
        TermsDocument terms,
        FeaturesDocument features,
        ClosingDocument closing,
        HousingDocument housing,
        @Schema(nullable = true) PricedAtDocument pricedAt)
        implements Entry {

    /** What is not sent holds nothing. */
    public OptionDocument {
        features = features == null ? FeaturesDocument.NONE : features;
        closing = closing == null ? ClosingDocument.NONE : closing;
        housing = housing == null ? HousingDocument.NONE : housing;
    }

    /** The same with other features. */
    public OptionDocument withFeatures(FeaturesDocument others) {
        return new OptionDocument(id, name, financing, terms, others, closing, housing, pricedAt);
    }

    /** The same under other terms. */
    public OptionDocument withTerms(TermsDocument others) {
        return new OptionDocument(id, name, financing, others, features, closing, housing, pricedAt);
    }
}
