package app.impendium.server.evaluation;

import app.impendium.core.cost.CreditCostRate;
import app.impendium.server.document.Market;

/** What the law of a market asks for. */
final class Laws {
    private Laws() {}

    /** The annual rate at which a loan's whole cost is stated. */
    static CreditCostRate creditCostRate(Market market) {
        return switch (market) {
            case US -> CreditCostRate.ANNUAL_PERCENTAGE_RATE;
            case CA -> CreditCostRate.COST_OF_BORROWING;
            case GB -> CreditCostRate.ANNUAL_PERCENTAGE_RATE_OF_CHARGE;
            case AU -> CreditCostRate.COMPARISON_RATE;
        };
    }
}
