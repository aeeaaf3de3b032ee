package app.impendium.core.cost;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Findings;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;

/**
 * What is due at closing beside the money down, and what others pay of it. Immutable.
 *
 * @param points discount points in percent of the loan, paid to the lender for a lower rate; at most 10 %
 * @param lenderCredit negative points: what the lender pays for a higher rate, in percent of the loan; at most 10 %
 * @param loanFees what the loan itself costs: the lender's fees and the services it requires
 * @param otherCosts costs of the purchase that the loan does not bring: recording, transfer taxes
 * @param prepaidInterest interest for the days before the first full period
 * @param prepaidItems property tax and home insurance paid ahead
 * @param sellerCredit what the seller offers towards all of these
 */
public record ClosingCosts(
        Percent points,
        Percent lenderCredit,
        Money loanFees,
        Money otherCosts,
        Money prepaidInterest,
        Money prepaidItems,
        Money sellerCredit) {

    /** Nothing due and nothing offered. */
    public static final ClosingCosts NONE =
            new ClosingCosts(Percent.ZERO, Percent.ZERO, Money.ZERO, Money.ZERO, Money.ZERO, Money.ZERO, Money.ZERO);

    private static final int MOST_POINTS = 10;

    /**
     * @throws CaseException if a figure lies outside its range, or points and lender credit are both given
     */
    public ClosingCosts {
        Findings findings = new Findings();
        checkPercent(findings, "points", points);
        checkPercent(findings, "lenderCredit", lenderCredit);
        checkAmount(findings, "loanFees", loanFees);
        checkAmount(findings, "otherCosts", otherCosts);
        checkAmount(findings, "prepaidInterest", prepaidInterest);
        checkAmount(findings, "prepaidItems", prepaidItems);
        checkAmount(findings, "sellerCredit", sellerCredit);
        findings.throwIfAny();
        if (points.isPositive() && lenderCredit.isPositive()) {
            throw CaseException.of(
                    "lenderCredit",
                    lenderCredit.toString(),
                    "0 % beside points",
                    "A lender's credit is paid for a higher rate and points for a lower one: only one of them can be.");
        }
    }

    /** What the points cost on a loan. */
    public Money pointsPaid(Money loan) {
        return points.of(loan);
    }

    /** Points and fees of the loan: what the five-year figures of 12 CFR 1026.37(l) count as loan costs. */
    public Money loanCosts(Money loan) {
        return pointsPaid(loan).plus(loanFees);
    }

    /** What the client pays at closing for having the loan (12 CFR 1026.4): loan costs and prepaid interest. */
    public Money prepaidFinanceCharge(Money loan) {
        return loanCosts(loan).plus(prepaidInterest);
    }

    private static void checkPercent(Findings findings, String field, Percent given) {
        findings.field(field, () -> given.atMost(MOST_POINTS, field));
    }

    private static void checkAmount(Findings findings, String field, Money given) {
        findings.field(field, () -> given.within(Money.ZERO, Money.LARGEST, field));
    }
}
