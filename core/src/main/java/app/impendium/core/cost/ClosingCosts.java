package app.impendium.core.cost;

import app.impendium.core.cost.ClosingItem.Kind;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Value;
import app.impendium.core.money.Money;
import java.util.List;
import java.util.function.Predicate;

/**
 * What is due at closing beside the down payment, and what others pay of it. What the seller or the lender pays is no cash
 * of the client and no charge for the loan (12 CFR 1026.4(c)(5)). Immutable.
 *
 * @param items costs and credits, at most a hundred
 */
public record ClosingCosts(List<ClosingItem> items) {

    /** Nothing due and nothing offered. */
    public static final ClosingCosts NONE = new ClosingCosts(List.of());

    private static final int MOST_ITEMS = 100;

    /**
     * @throws CaseException if there are too many items, or points and a lender credit are both given
     */
    public ClosingCosts {
        items = List.copyOf(items);
        if (items.size() > MOST_ITEMS) {
            throw CaseException.of(
                    Field.CLOSING_ITEMS,
                    Code.OUT_OF_RANGE,
                    new Value.Count(items.size()),
                    new Value.Count(0),
                    new Value.Count(MOST_ITEMS));
        }
        for (int i = 0; i < items.size(); i++) {
            checkCredit(items, i);
        }
    }

    private static void checkCredit(List<ClosingItem> items, int credit) {
        boolean isLenderCredit = isGiven(items.get(credit), Kind.LENDER_CREDIT);
        if (isLenderCredit && items.stream().anyMatch(item -> isGiven(item, Kind.POINTS))) {
            throw CaseException.of(Field.entry(Field.CLOSING_ITEMS, credit), Code.CREDIT_BESIDE_POINTS);
        }
    }

    private static boolean isGiven(ClosingItem item, Kind kind) {
        // On the largest loan: whether anything at all is given does not depend on how much is borrowed.
        return item.kind() == kind && !item.amount().of(Money.LARGEST).isZero();
    }

    /** What the client pays for items of a kind, on a loan. */
    public Money paid(Kind kind, Money loan) {
        return sum(item -> item.kind() == kind && item.isPaidByClient(), loan);
    }

    /** What is credited by items of a kind, on a loan. */
    public Money credited(Kind kind, Money loan) {
        return sum(item -> item.kind() == kind && kind.isCredit(), loan);
    }

    /** What the client pays of the loan costs that the five-year figures count. */
    public Money loanCosts(Money loan) {
        return sum(item -> item.kind().isLoanCost() && item.isPaidByClient(), loan);
    }

    /** What the client pays at closing for having the loan. */
    public Money prepaidFinanceCharge(Money loan) {
        return sum(item -> item.kind().isPrepaidFinanceCharge() && item.isPaidByClient(), loan);
    }

    /** All that the client pays less what the lender credits, on a loan; nothing where the credit is larger. */
    public Money netOf(Money loan) {
        Money net = sum(ClosingItem::isPaidByClient, loan).minus(credited(Kind.LENDER_CREDIT, loan));
        return net.isAbove(Money.ZERO) ? net : Money.ZERO;
    }

    private Money sum(Predicate<ClosingItem> counted, Money loan) {
        // A plain loop: searches ask for the cash of a thousand loans.
        Money sum = Money.ZERO;
        for (ClosingItem item : items) {
            if (counted.test(item)) {
                sum = sum.plus(item.amount().of(loan));
            }
        }
        return sum;
    }
}
