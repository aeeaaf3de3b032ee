package app.impendium.core.finding;

/**
 * What is wrong, as a code with values; whoever shows it words it. The first value is what was given, where anything was;
 * the others are named here in their order.
 */
public enum Code {
    /** Outside its range: given, least, most, both allowed. */
    OUT_OF_RANGE,
    /** A list without entries that needs at least one: most. */
    NO_ENTRIES,
    /** Not above zero: given. */
    NOT_ABOVE_ZERO,
    /** More decimals than are kept: given, most decimals. */
    TOO_MANY_DECIMALS,
    /** Not a whole number of payments: given months, the nearest terms that are. */
    TERM_SPLITS_PAYMENTS,
    /**
     * Accelerated payments that do not make whole months, of which each is a share: given payments left, then, where something
     * changes with a payment, the nearest payments with which it could.
     */
    PAYMENTS_SPLIT_MONTHS,
    /** A chosen payment that does not cover its interest: given, interest, number of the payment, least that repays. */
    PAYMENT_BELOW_INTEREST,
    /** A level payment that does not exceed its interest when rounded: payment, interest, number of the payment, least that repays. */
    LEVEL_PAYMENT_BELOW_INTEREST,
    /** Ends before it begins: given last payment, first payment. */
    ENDS_BEFORE_START,
    /** A down payment that leaves nothing to borrow: given, price. */
    NOTHING_TO_BORROW,
    /** A financed premium that makes the loan larger than any: premium, most that can be added, loan. */
    PREMIUM_TOO_LARGE,
    /** Earlier than the closing: given day, day of closing. */
    BEFORE_CLOSING,
    /** Earlier than the loan can have been paid out, so long before its first payment: given day, earliest. */
    BEFORE_LOAN,
    /** A fixed-rate period longer than the whole term: given months, months of the term. */
    LONGER_THAN_TERM,
    /** A buydown of years in which another payment than the level one is due: reduced payments, level payment, number. */
    BUYDOWN_OF_OTHER_PAYMENT,
    /** A buydown by more than the rate: given, rate. */
    REDUCTION_ABOVE_RATE,
    /** A lender credit beside points, of which only one can be. */
    CREDIT_BESIDE_POINTS,
    /** Someone who pays a credit, whose giver its kind names: given. */
    PAYER_OF_CREDIT,
    /** Payments that do not repay what was advanced: payments, advances. */
    NEVER_REPAID,
    /** Payments beyond any rate: payments. */
    BEYOND_ANY_RATE,
    /** A part of a unit-period that is none: given. */
    NO_PART_OF_PERIOD,
    /** No loan keeps to the payment, since the interest on the balloon takes more: given, least. */
    PAYMENT_BELOW_BALLOON_INTEREST,
    /** No rate keeps to the payment, since repaying without interest takes more: given, least. */
    PAYMENT_BELOW_PRINCIPAL,
    /** No term keeps to the payment, since fifty years take more: given, least. */
    PAYMENT_BELOW_LONGEST_TERM,
    /** No balloon keeps to the payment, since interest alone takes more: given, least. */
    PAYMENT_BELOW_INTEREST_ALONE,
    /** Nothing where something is needed. */
    MISSING,
    /** Both of two that exclude each other: given. */
    NOT_BOTH,
    /** A format that cannot be read: given, the latest. */
    UNKNOWN_FORMAT,
    /** A text of a length that is not allowed: given characters, fewest, most. */
    TEXT_LENGTH,
    /** Characters that cannot be printed. */
    UNPRINTABLE,
    /** An id that is none: given. */
    INVALID_ID,
    /** An id that another entry of the list has: given. */
    DUPLICATE_ID,
    /** No debt of the case: given. */
    UNKNOWN_DEBT,
    /** No person of the case: given. */
    UNKNOWN_PERSON,
    /** A rate that stands twice in a table: given. */
    RATE_TWICE,
    /** A region that stands twice in a table: given. */
    REGION_TWICE,
    /** A least cover that another band has: given. */
    BAND_TWICE,
    /** A band that another one makes useless, asking for less and lending as much at no higher a rate: given, the other's. */
    BAND_NEVER_USED,
    /** A letting basis that stands twice. */
    BASIS_TWICE,
    /** An entry of a list in which each stands once: what is named again. */
    NAMED_TWICE,
    /** What is no image that a letterhead can hold. */
    NO_LOGO,
    /** A monthly rent above the price: given, price. */
    RENT_ABOVE_PRICE,
    /** A seller's credit where nothing is bought: given. */
    NOTHING_BOUGHT,
    /** No rate table to take points from: given credit. */
    NO_RATE_TABLE,
    /** A credit that does not pay for the least of what it is for: given credit, the least that would where there is one. */
    CREDIT_TOO_SMALL,
    /** Columns of which none of the texts that can be read has all: given, those that are known. */
    UNKNOWN_COLUMNS,
    /** So many lines as are not taken at once: given, most. */
    NUMBER_OF_LINES,
    /** No word of those that are known: given, those. */
    UNKNOWN_WORD,
    /** No number: given. */
    NOT_A_NUMBER,
    /** Not what the parameter is about: given. */
    NOT_AN_AMOUNT,
    /** Not a day: given. */
    NOT_A_DAY
}
