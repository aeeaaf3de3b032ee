package app.impendium.server.evaluation;

import app.impendium.core.cost.CashToClose;
import app.impendium.server.document.Convention.ClosingKind;
import java.util.List;

/**
 * The money that the client brings to closing, by parts, in whole cents.
 *
 * @param costs what the client pays, one sum for each kind of which something is due
 * @param debtsPaidOffCents what is paid off of debts beside the home
 * @param lenderCreditCents taken off
 * @param sellerCreditUsedCents taken off
 * @param sellerCreditUnusedCents what cannot be used of the seller credit
 * @param financedCostsCents costs that the loan itself pays, taken off
 * @param cashOutCents what the client receives out of the loan, taken off
 */
public record CashToCloseView(
        long downPaymentCents,
        List<CostView> costs,
        long upfrontPremiumCents,
        long buydownSubsidyCents,
        long debtsPaidOffCents,
        long lenderCreditCents,
        long sellerCreditUsedCents,
        long sellerCreditUnusedCents,
        long financedCostsCents,
        long cashOutCents,
        long totalCents) {

    /** What the client pays of one kind. */
    public record CostView(ClosingKind kind, long cents) {}

    static CashToCloseView of(CashToClose cash) {
        return new CashToCloseView(
                cash.downPayment().cents(),
                cash.costs().stream().map(CashToCloseView::cost).toList(),
                cash.upfrontPremium().cents(),
                cash.buydownSubsidy().cents(),
                cash.debts().cents(),
                cash.lenderCredit().cents(),
                cash.sellerCreditUsed().cents(),
                cash.sellerCreditUnused().cents(),
                cash.financedCosts().cents(),
                cash.cashOut().cents(),
                cash.total().cents());
    }

    private static CostView cost(CashToClose.Cost cost) {
        return new CostView(
                ClosingKind.valueOf(cost.kind().name()), cost.amount().cents());
    }
}
