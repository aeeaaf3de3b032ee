package app.impendium.server.evaluation;

import app.impendium.core.cost.CreditCostRate;

/** Markets whose conventions, words and ways of writing figures are known. */
public enum Market {
    US(CreditCostRate.ANNUAL_PERCENTAGE_RATE),
    CA(CreditCostRate.COST_OF_BORROWING),
    GB(CreditCostRate.ANNUAL_PERCENTAGE_RATE_OF_CHARGE),
    AU(CreditCostRate.COMPARISON_RATE);

    private final CreditCostRate creditCostRate;

    Market(CreditCostRate creditCostRate) {
        this.creditCostRate = creditCostRate;
    }

    /** The yearly rate at which the market's law has a loan's whole cost stated. */
    CreditCostRate creditCostRate() {
        return creditCostRate;
    }

    /** The market of a document: the one chosen, else the one that the currency suggests, once there is one. */
    static Market of(CaseDocument document) {
        if (document.market() != null || document.currency() == null) {
            return document.market() == null ? US : document.market();
        }
        return switch (document.currency()) {
            case CAD -> CA;
            case GBP -> GB;
            case AUD -> AU;
            case USD, NZD, EUR, CHF -> US;
        };
    }
}
