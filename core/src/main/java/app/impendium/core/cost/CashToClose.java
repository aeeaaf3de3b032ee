package app.impendium.core.cost;

import app.impendium.core.money.Money;

/**
 * The money that the client brings to closing, by parts. A seller's credit never pays more than the costs that it may
 * pay, which are all but the money down; what cannot be used is told.
 *
 * @param prepaid prepaid interest and prepaid items
 * @param upfrontPremium an upfront premium or guarantee fee that is not financed
 * @param buydownSubsidy the subsidy of a temporary buydown, where the client pays it
 * @param lenderCredit what the lender pays, taken off
 * @param sellerCreditUsed the part of the seller's credit that is taken off
 * @param sellerCreditUnused the part of it that is lost
 */
public record CashToClose(
        Money moneyDown,
        Money points,
        Money loanFees,
        Money otherCosts,
        Money prepaid,
        Money upfrontPremium,
        Money buydownSubsidy,
        Money lenderCredit,
        Money sellerCreditUsed,
        Money sellerCreditUnused) {

    /**
     * The cash for these costs on a loan.
     *
     * @param loan the loan that points and lender's credit are a percent of
     */
    public static CashToClose of(
            ClosingCosts costs, Money loan, Money moneyDown, Money upfrontPremium, Money buydownSubsidy) {
        Money points = costs.pointsPaid(loan);
        Money prepaid = costs.prepaidInterest().plus(costs.prepaidItems());
        Money payable = points.plus(costs.loanFees())
                .plus(costs.otherCosts())
                .plus(prepaid)
                .plus(upfrontPremium)
                .plus(buydownSubsidy);
        Money used = costs.sellerCredit().isAbove(payable) ? payable : costs.sellerCredit();
        return new CashToClose(
                moneyDown,
                points,
                costs.loanFees(),
                costs.otherCosts(),
                prepaid,
                upfrontPremium,
                buydownSubsidy,
                costs.lenderCredit().of(loan),
                used,
                costs.sellerCredit().minus(used));
    }

    /** Money down and costs less credits. Negative where the lender's credit exceeds all of it. */
    public Money total() {
        return moneyDown
                .plus(points)
                .plus(loanFees)
                .plus(otherCosts)
                .plus(prepaid)
                .plus(upfrontPremium)
                .plus(buydownSubsidy)
                .minus(lenderCredit)
                .minus(sellerCreditUsed);
    }
}
