package app.impendium.server.evaluation;

import app.impendium.core.cost.CashToClose;

/**
 * The money that the client brings to closing, by parts, in whole cents.
 *
 * @param lenderCreditCents taken off
 * @param sellerCreditUsedCents taken off
 * @param sellerCreditUnusedCents what is lost of the seller's credit
 */
public record CashToCloseView(
        long moneyDownCents,
        long pointsCents,
        long loanFeesCents,
        long otherCostsCents,
        long prepaidCents,
        long upfrontPremiumCents,
        long buydownSubsidyCents,
        long lenderCreditCents,
        long sellerCreditUsedCents,
        long sellerCreditUnusedCents,
        long totalCents) {

    static CashToCloseView of(CashToClose cash) {
        return new CashToCloseView(
                cash.moneyDown().cents(),
                cash.points().cents(),
                cash.loanFees().cents(),
                cash.otherCosts().cents(),
                cash.prepaid().cents(),
                cash.upfrontPremium().cents(),
                cash.buydownSubsidy().cents(),
                cash.lenderCredit().cents(),
                cash.sellerCreditUsed().cents(),
                cash.sellerCreditUnused().cents(),
                cash.total().cents());
    }
}
