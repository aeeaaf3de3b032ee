package app.impendium.server.evaluation;

import app.impendium.core.cost.HousingCost;

/** What the home costs in the first month, by parts, in whole cents. */
public record HousingCostView(
        long principalAndInterestCents,
        long propertyTaxCents,
        long homeInsuranceCents,
        long mortgageInsuranceCents,
        long duesCents,
        long otherCents,
        long totalCents) {

    static HousingCostView of(HousingCost cost) {
        return new HousingCostView(
                cost.principalAndInterest().cents(),
                cost.propertyTax().cents(),
                cost.homeInsurance().cents(),
                cost.mortgageInsurance().cents(),
                cost.dues().cents(),
                cost.other().cents(),
                cost.total().cents());
    }
}
