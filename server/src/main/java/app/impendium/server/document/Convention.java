package app.impendium.server.document;

/** The conventions that a document can name. */
public final class Convention {
    private Convention() {}

    /** How often a rate compounds. */
    public enum Compounding {
        YEARLY,
        SEMI_ANNUAL,
        QUARTERLY,
        MONTHLY,
        SEMI_MONTHLY,
        BIWEEKLY,
        WEEKLY,
        DAILY
    }

    /** How often a loan is paid. */
    public enum Frequency {
        YEARLY,
        QUARTERLY,
        MONTHLY,
        SEMI_MONTHLY,
        BIWEEKLY,
        WEEKLY,
        ACCELERATED_BIWEEKLY,
        ACCELERATED_WEEKLY
    }

    /** How a computed payment becomes whole cents. */
    public enum Rounding {
        NEAREST_CENT,
        UP_TO_CENT
    }

    /** What an extra payment does to the payments after it. */
    public enum ExtraEffect {
        END_EARLY,
        RECAST
    }

    /** Who pays something at closing. */
    public enum Payer {
        BUYER,
        SELLER,
        LENDER
    }

    /** What an item at closing is for. */
    public enum ClosingKind {
        POINTS,
        LOAN_FEE,
        OTHER_COST,
        PREPAYMENT_CHARGE,
        PREPAID_INTEREST,
        PREPAID_ITEM,
        LENDER_CREDIT,
        SELLER_CREDIT
    }
}
