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
 * @param taxAndInsuranceSentBy who sends property tax and home insurance in; the cost is the same either way
 * @param duesAMonth association dues for one month
 * @param otherAMonth any other cost for one month
 */
public record HousingTerms(
        PropertyTax propertyTax,
        Money homeInsuranceAYear,
        Percent mortgageInsuranceAYear,
        Sender taxAndInsuranceSentBy,
        Money duesAMonth,
        Money otherAMonth) {
    private static final int MONTHS_A_YEAR = 12;

    /** Who sends a cost of the home in. */
    public enum Sender {
        /** The lender, out of what is paid with each payment. */
        LENDER,
        CLIENTS
    }

    /**
     * @throws CaseException if an amount is negative or too large
     */
    public HousingTerms {
        homeInsuranceAYear.within(Money.ZERO, Money.LARGEST, "homeInsurance");
        mortgageInsuranceAYear.atMost(10, "mortgageInsurance");
        duesAMonth.within(Money.ZERO, Money.LARGEST, "dues");
        otherAMonth.within(Money.ZERO, Money.LARGEST, "other");
    }

    /**
     * What a month costs, each part to the nearest cent.
     *
     * @param price of the home, zero where it is not known
     * @param principalAndInterest what the loan asks for in a month
     * @param mortgageInsurance the premium for a month
     */
    public HousingCost month(Money price, Money principalAndInterest, Money mortgageInsurance) {
        return new HousingCost(
                principalAndInterest,
                propertyTax.monthly(price),
                homeInsuranceAYear.dividedBy(MONTHS_A_YEAR),
                mortgageInsurance,
                duesAMonth,
                otherAMonth);
    }

    /** The part of a month's cost that goes to the lender: the loan's own, and what the lender sends in. */
    public Money toLender(HousingCost month) {
        Money own = month.principalAndInterest().plus(month.mortgageInsurance());
        return taxAndInsuranceSentBy == Sender.LENDER
                ? own.plus(month.propertyTax()).plus(month.homeInsurance())
                : own;
    }
}
