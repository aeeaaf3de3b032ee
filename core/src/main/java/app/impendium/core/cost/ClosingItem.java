package app.impendium.core.cost;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field.Entry;
import app.impendium.core.finding.Value;
import app.impendium.core.money.Money;

/**
 * One cost or credit at closing. Immutable.
 *
 * @param paidBy who pays it; a credit names its giver by its kind, and stands with {@link Payer#BUYER}, whom it serves
 */
public record ClosingItem(Kind kind, ClosingAmount amount, Payer paidBy) {

    /** What an item is for. A kind says in which sums it counts. */
    public enum Kind {
        /** Discount points, paid to the lender for a lower rate. */
        POINTS(Counts.LOAN_COST),
        /** What the loan itself costs: the lender's fees and the services it requires. */
        LOAN_FEE(Counts.LOAN_COST),
        /** A cost of the purchase that is not charged for the loan: recording, transfer taxes. */
        OTHER_COST(Counts.COST),
        /** What the lender of the present loan asks for its early end. */
        PREPAYMENT_CHARGE(Counts.COST),
        /** Interest for the days before the first full period. */
        PREPAID_INTEREST(Counts.FINANCE_CHARGE),
        /** Property tax and home insurance paid ahead. */
        PREPAID_ITEM(Counts.COST),
        /** Negative points: what the lender pays for a higher rate. */
        LENDER_CREDIT(Counts.CREDIT),
        /** What the seller offers towards all of these. */
        SELLER_CREDIT(Counts.CREDIT);

        private final Counts counts;

        Kind(Counts counts) {
            this.counts = counts;
        }

        /** Points and fees of the loan: what the five-year figures of 12 CFR 1026.37(l) count as loan costs. */
        public boolean isLoanCost() {
            return counts == Counts.LOAN_COST;
        }

        /** What the client pays at closing for having the loan (12 CFR 1026.4): loan costs and prepaid interest. */
        public boolean isPrepaidFinanceCharge() {
            return isLoanCost() || counts == Counts.FINANCE_CHARGE;
        }

        /** Whether it is taken off what the client brings. */
        public boolean isCredit() {
            return counts == Counts.CREDIT;
        }

        private enum Counts {
            LOAN_COST,
            FINANCE_CHARGE,
            COST,
            CREDIT
        }
    }

    /**
     * @throws CaseException if a credit is to be paid by someone else than its kind says
     */
    public ClosingItem {
        if (kind.isCredit() && paidBy != Payer.BUYER) {
            throw CaseException.of(Entry.PAID_BY, Code.PAYER_OF_CREDIT, new Value.Text(paidBy.name()));
        }
    }

    /** An item of a fixed amount that the client pays or is credited. */
    public static ClosingItem of(Kind kind, Money amount) {
        return new ClosingItem(kind, new ClosingAmount.Fixed(amount), Payer.BUYER);
    }

    /** Whether the client pays it. */
    public boolean isPaidByClient() {
        return !kind.isCredit() && paidBy == Payer.BUYER;
    }
}
