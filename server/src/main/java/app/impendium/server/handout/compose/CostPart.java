package app.impendium.server.handout.compose;

import app.impendium.server.evaluation.HousingCostView;
import app.impendium.server.words.MarketWords;
import java.util.function.Function;
import java.util.function.ToLongFunction;

/** The parts of what a home costs a month, in the order in which they are stacked, each with the colour it has in every chart. */
enum CostPart {
    PRINCIPAL_AND_INTEREST(HousingCostView::principalAndInterestCents, words -> "Principal and interest", "principal"),
    PROPERTY_TAX(HousingCostView::propertyTaxCents, MarketWords::propertyTax, "housing-1"),
    HOME_INSURANCE(HousingCostView::homeInsuranceCents, words -> "Home insurance", "housing-2"),
    MORTGAGE_INSURANCE(HousingCostView::mortgageInsuranceCents, MarketWords::mortgageInsurance, "housing-3"),
    DUES(HousingCostView::duesCents, MarketWords::dues, "housing-4"),
    OTHER(HousingCostView::otherCents, words -> "Other", "housing-5");

    private final ToLongFunction<HousingCostView> cents;
    private final Function<MarketWords, String> words;
    private final String colour;

    CostPart(ToLongFunction<HousingCostView> cents, Function<MarketWords, String> words, String colour) {
        this.cents = cents;
        this.words = words;
        this.colour = colour;
    }

    /** What it comes to, in whole cents. */
    long of(HousingCostView cost) {
        return cents.applyAsLong(cost);
    }

    String words(MarketWords market) {
        return words.apply(market);
    }

    String colour() {
        return colour;
    }
}
