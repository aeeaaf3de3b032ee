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

    /** How often an income is paid. */
    public enum PayPeriod {
        YEARLY,
        QUARTERLY,
        MONTHLY,
        SEMI_MONTHLY,
        BIWEEKLY,
        WEEKLY
    }

    /** What a debt is. */
    public enum DebtKind {
        LOAN,
        CARD,
        STUDENT_LOAN,
        SUPPORT,
        /** Of a car, say: another follows when it ends, so few payments left do not leave it out. */
        LEASE,
        /** Utilities, a phone, insurance: paid every month, but no debt to a lender. */
        BILL
    }

    /** Who decides on an application. */
    public enum Underwriting {
        AUTOMATED,
        MANUAL
    }

    /** What a limit is set for. */
    public enum Measure {
        FRONT_END,
        BACK_END,
        LOAN_TO_INCOME,
        DEBT_TO_INCOME,
        RESIDUAL_INCOME,
        LOAN_TO_VALUE,
        RESERVES,
        SCORE
    }

    /** How a home is let. */
    public enum LettingBasis {
        LONG,
        SHORT,
        BY_ROOM
    }

    /** What a rent is measured against. */
    public enum Cover {
        /** All that goes out a month. */
        OUTGOINGS,
        /** A month's interest at a stressed rate. */
        INTEREST
    }

    /** What kind of home it is. */
    public enum Dwelling {
        DETACHED,
        ATTACHED,
        APARTMENT
    }

    /** What a condition asks about. */
    public enum Fact {
        RESERVES,
        SCORE,
        LOAN_TO_VALUE
    }
}
