package app.impendium.core.cost;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Findings;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import java.math.BigDecimal;

/**
 * What the home costs beside the loan, whoever pays it in.
 *
 * @param propertyTax the year's tax
 * @param yearlyHomeInsurance premium for one year
 * @param yearlyMortgageInsurance yearly premium in percent of the original loan, at most 10 %; 0 % for none
 * @param escrowed whether the lender collects property tax and home insurance with the payments and pays them, rather than
 *     the clients; the cost is the same either way
 * @param monthlyDues association dues for one month
 * @param monthlyOther any other cost for one month
 */
public record HousingTerms(
        PropertyTax propertyTax,
        Money yearlyHomeInsurance,
        Percent yearlyMortgageInsurance,
        boolean escrowed,
        Money monthlyDues,
        Money monthlyOther) {
    private static final int MONTHS_PER_YEAR = 12;
    private static final int MOST_PREMIUM_PERCENT = 10;

    /**
     * @throws CaseException if figures lie outside their ranges, with all findings
     */
    public HousingTerms {
        Findings findings = new Findings();
        check(findings, yearlyHomeInsurance, Field.HOME_INSURANCE);
        Percent premium = yearlyMortgageInsurance;
        findings.group("", () -> premium.atMost(MOST_PREMIUM_PERCENT, Field.MORTGAGE_INSURANCE));
        check(findings, monthlyDues, Field.DUES);
        check(findings, monthlyOther, Field.OTHER);
        findings.throwIfAny();
    }

    /**
     * A yearly premium of mortgage insurance.
     *
     * @throws CaseException if it is negative, above 10 % or has more than six decimals
     */
    public static Percent yearlyPremium(BigDecimal percent) {
        return Percent.upTo(MOST_PREMIUM_PERCENT, percent, Field.MORTGAGE_INSURANCE);
    }

    private static void check(Findings findings, Money amount, String path) {
        findings.group("", () -> amount.within(Money.ZERO, Money.LARGEST, path));
    }

    /** The same at another yearly premium of home insurance. */
    public HousingTerms withHomeInsurance(Money yearly) {
        return new HousingTerms(propertyTax, yearly, yearlyMortgageInsurance, escrowed, monthlyDues, monthlyOther);
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
                yearlyHomeInsurance.dividedBy(MONTHS_PER_YEAR),
                mortgageInsurance,
                monthlyDues,
                monthlyOther);
    }

    /** The part of a month's cost that goes to the lender: the loan's own, and what is escrowed. */
    public Money toLender(HousingCost month) {
        Money own = month.principalAndInterest().plus(month.mortgageInsurance());
        return escrowed ? own.plus(month.propertyTax()).plus(month.homeInsurance()) : own;
    }
}
