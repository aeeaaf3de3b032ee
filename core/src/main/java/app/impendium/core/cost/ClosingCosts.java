package app.impendium.core.cost;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Findings;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;

/**
 * What is paid at closing beside the money down, and who pays it.
 *
 * @param points discount points in percent of the loan, paid to the lender for a lower rate
 * @param lenderCredit negative points: what the lender pays for a higher rate, in percent of the loan
 * @param fees costs of closing
 * @param prepaid what is paid ahead: interest, tax, insurance
 * @param sellerCredit what the seller offers towards points, fees and prepaid items
 */
public record ClosingCosts(Percent points, Percent lenderCredit, Money fees, Money prepaid, Money sellerCredit) {
    private static final int MOST_POINTS = 10;

    /**
     * @throws CaseException if a figure lies outside its range, or points and lender credit are both given
     */
    public ClosingCosts {
        Findings findings = new Findings();
        Percent givenPoints = points;
        Percent givenCredit = lenderCredit;
        Money givenFees = fees;
        Money givenPrepaid = prepaid;
        Money givenSeller = sellerCredit;
        findings.field("points", () -> givenPoints.atMost(MOST_POINTS, "points"));
        findings.field("lenderCredit", () -> givenCredit.atMost(MOST_POINTS, "lenderCredit"));
        findings.field("fees", () -> givenFees.within(Money.ZERO, Money.LARGEST, "fees"));
        findings.field("prepaid", () -> givenPrepaid.within(Money.ZERO, Money.LARGEST, "prepaid"));
        findings.field("sellerCredit", () -> givenSeller.within(Money.ZERO, Money.LARGEST, "sellerCredit"));
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

    /** What the lender pays on a loan. */
    public Money lenderCreditPaid(Money loan) {
        return lenderCredit.of(loan);
    }

    /** The part of the seller's credit that can be used: never more than the costs that it may pay. */
    public Money sellerCreditUsed(Money loan) {
        Money payable = pointsPaid(loan).plus(fees).plus(prepaid);
        return sellerCredit.isAbove(payable) ? payable : sellerCredit;
    }

    /** The part of the seller's credit that is lost. */
    public Money sellerCreditUnused(Money loan) {
        return sellerCredit.minus(sellerCreditUsed(loan));
    }

    /**
     * Money down + points + fees + prepaid items - credits. Negative where the lender's credit exceeds all of it.
     *
     * @param moneyDown the part of the price that is not borrowed
     */
    public Money cashToClose(Money moneyDown, Money loan) {
        return moneyDown
                .plus(pointsPaid(loan))
                .plus(fees)
                .plus(prepaid)
                .minus(lenderCreditPaid(loan))
                .minus(sellerCreditUsed(loan));
    }
}
