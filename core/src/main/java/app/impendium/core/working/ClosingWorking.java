package app.impendium.core.working;

import static app.impendium.core.working.Quantity.amount;
import static app.impendium.core.working.Quantity.number;
import static app.impendium.core.working.Quantity.percent;

import app.impendium.core.cost.Buydown;
import app.impendium.core.cost.CashToClose;
import app.impendium.core.cost.DownPayment;
import app.impendium.core.cost.Financing;
import app.impendium.core.cost.UpfrontPremium;
import app.impendium.core.money.Money;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Explains what is borrowed and what is brought to closing. */
public final class ClosingWorking {
    private final Financing financing;
    private final UpfrontPremium upfront;

    public ClosingWorking(Financing financing, UpfrontPremium upfront) {
        this.financing = financing;
        this.upfront = upfront;
    }

    /** The workings of down payment, loan amount, upfront premium and loan-to-value, as far as there are such. */
    public List<Working> borrowing() {
        List<Working> workings = new ArrayList<>();
        Money base = financing.loanAmount();
        Money added = upfront.addedToLoan(base);
        Quantity loan = amount(Name.LOAN, base.plus(added));
        workings.addAll(financing.match(
                purchase -> List.of(downPayment(purchase), loanOf(purchase, added, loan)),
                loanOnly -> List.of(Working.of(Figure.LOAN_AMOUNT, Rule.LOAN_GIVEN)
                        .given(amount(Name.BASE_LOAN, base), amount(Name.FINANCED_PREMIUM, added))
                        .gives(loan, Rounding.NONE)),
                refinancing -> List.of(loanOf(refinancing, added, loan))));
        financing
                .loanToValuePercent()
                .map(share -> Working.of(Figure.LOAN_TO_VALUE, Rule.LOAN_TO_VALUE)
                        .given(
                                amount(Name.BASE_LOAN, base),
                                amount(Name.VALUE, financing.value().orElseThrow()))
                        .gives(percent(Name.LOAN_TO_VALUE, share), Rounding.NONE))
                .ifPresent(workings::add);
        if (upfront.percent().isPositive()) {
            workings.add(Working.of(Figure.UPFRONT_PREMIUM, Rule.UPFRONT_PREMIUM)
                    .given(
                            amount(Name.BASE_LOAN, base),
                            percent(Name.PREMIUM_PERCENT, upfront.percent().value()))
                    .gives(amount(Name.UPFRONT_PREMIUM, upfront.on(base)), Rounding.NEAREST_CENT));
        }
        return workings;
    }

    /** The workings of cash to close, the seller credit and a buydown's subsidy. */
    public List<Working> cash(CashToClose cash, Optional<Buydown> buydown, int paymentsPerYear) {
        List<Working> workings = new ArrayList<>();
        buydown.ifPresent(agreed -> workings.add(subsidy(agreed, paymentsPerYear)));
        Money offered = cash.sellerCreditUsed().plus(cash.sellerCreditUnused());
        if (!offered.isZero()) {
            workings.add(Working.of(Figure.SELLER_CREDIT, Rule.CREDIT_UP_TO_COSTS)
                    .given(amount(Name.SELLER_CREDIT, offered), amount(Name.COSTS_IT_MAY_PAY, cash.payable()))
                    .then(amount(Name.SELLER_CREDIT_UNUSED, cash.sellerCreditUnused()))
                    .gives(amount(Name.SELLER_CREDIT_USED, cash.sellerCreditUsed()), Rounding.NONE));
        }
        Working.Draft total = Working.of(Figure.CASH_TO_CLOSE, Rule.CASH_TO_CLOSE)
                .given(amount(Name.DOWN_PAYMENT, cash.downPayment()));
        cash.costs().forEach(cost -> total.given(amount(Name.of(cost.kind()), cost.amount())));
        workings.add(total.given(
                        amount(Name.UPFRONT_PREMIUM, cash.upfrontPremium()),
                        amount(Name.BUYDOWN_SUBSIDY, cash.buydownSubsidy()),
                        amount(Name.DEBT_PAID_OFF, cash.debts()),
                        amount(Name.LENDER_CREDIT, cash.lenderCredit()),
                        amount(Name.SELLER_CREDIT_USED, cash.sellerCreditUsed()),
                        amount(Name.FINANCED_COSTS, cash.financedCosts()),
                        amount(Name.CASH_OUT, cash.cashOut()))
                .gives(amount(Name.CASH_TO_CLOSE, cash.total()), Rounding.NONE));
        return workings;
    }

    private static Working loanOf(Financing.Purchase purchase, Money premium, Quantity loan) {
        return Working.of(Figure.LOAN_AMOUNT, Rule.LOAN_OF_PURCHASE)
                .given(
                        amount(Name.PRICE, purchase.homePrice()),
                        amount(Name.DOWN_PAYMENT, purchase.amountDown()),
                        amount(Name.FINANCED_PREMIUM, premium))
                .gives(loan, Rounding.NONE);
    }

    private static Working loanOf(Financing.Refinancing refinancing, Money premium, Quantity loan) {
        Working.Draft draft = Working.of(Figure.LOAN_AMOUNT, Rule.LOAN_OF_REFINANCING)
                .given(amount(Name.BALANCE_PAID_OFF, refinancing.paidOff()));
        refinancing.debts().forEach(debt -> draft.given(amount(Name.DEBT_PAID_OFF, debt.balance())));
        return draft.given(
                        amount(Name.CASH_OUT, refinancing.cashOut()),
                        amount(Name.FINANCED_COSTS, refinancing.financedCosts()),
                        amount(Name.FINANCED_PREMIUM, premium))
                .gives(loan, Rounding.NONE);
    }

    private static Working downPayment(Financing.Purchase purchase) {
        Quantity result = amount(Name.DOWN_PAYMENT, purchase.amountDown());
        if (purchase.downPayment() instanceof DownPayment.Share share) {
            return Working.of(Figure.DOWN_PAYMENT, Rule.DOWN_SHARE)
                    .given(
                            amount(Name.PRICE, purchase.homePrice()),
                            percent(Name.PERCENT_DOWN, share.percent().value()))
                    .gives(result, Rounding.NEAREST_CENT);
        }
        return Working.of(Figure.DOWN_PAYMENT, Rule.DOWN_AMOUNT)
                .given(amount(Name.PRICE, purchase.homePrice()))
                .then(percent(Name.PERCENT_DOWN, purchase.percentDown().orElseThrow()))
                .gives(result, Rounding.NONE);
    }

    private static Working subsidy(Buydown buydown, int paymentsPerYear) {
        List<Money> byYear = buydown.paymentByYear();
        Money full = byYear.get(byYear.size() - 1);
        Working.Draft draft = Working.of(Figure.BUYDOWN_SUBSIDY, Rule.BUYDOWN_SUBSIDY)
                .given(amount(Name.PAYMENT, full), number(Name.PAYMENTS_PER_YEAR, paymentsPerYear));
        for (Money reduced : byYear.subList(0, byYear.size() - 1)) {
            draft.then(
                    amount(Name.REDUCED_PAYMENT, reduced),
                    amount(Name.YEAR_DIFFERENCE, full.minus(reduced).times(paymentsPerYear)));
        }
        return draft.gives(amount(Name.BUYDOWN_SUBSIDY, buydown.subsidy()), Rounding.NONE);
    }
}
