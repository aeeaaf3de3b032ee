package app.impendium.core.cost;

import app.impendium.core.money.Money;

/**
 * What the home costs in the first month, by parts, each rounded to the cent.
 *
 * @param principalAndInterest the loan's first payment; where it is not monthly, a year's payments divided by twelve
 */
public record HousingCost(
        Money principalAndInterest,
        Money propertyTax,
        Money homeInsurance,
        Money mortgageInsurance,
        Money dues,
        Money other) {

    /** The sum of the parts. */
    public Money total() {
        return principalAndInterest
                .plus(propertyTax)
                .plus(homeInsurance)
                .plus(mortgageInsurance)
                .plus(dues)
                .plus(other);
    }
}
