package app.impendium.core.cost;

import app.impendium.core.finding.CaseException;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;

/**
 * What the home costs beside the loan, whoever sends it in.
 *
 * @param propertyTax the year's tax
 * @param homeInsuranceAYear premium for one year
 * @param mortgageInsuranceAYear yearly premium in percent of the original loan, at most 10 %; 0 % for none
 * @param duesAMonth association dues for one month
 * @param otherAMonth any other cost for one month
 */
public record HousingTerms(
        PropertyTax propertyTax,
        Money homeInsuranceAYear,
        Percent mortgageInsuranceAYear,
        Money duesAMonth,
        Money otherAMonth) {

    /**
     * @throws CaseException if an amount is negative or too large
     */
    public HousingTerms {
        homeInsuranceAYear.within(Money.ZERO, Money.LARGEST, "homeInsurance");
        mortgageInsuranceAYear.atMost(10, "mortgageInsurance");
        duesAMonth.within(Money.ZERO, Money.LARGEST, "dues");
        otherAMonth.within(Money.ZERO, Money.LARGEST, "other");
    }
}
