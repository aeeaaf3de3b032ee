package app.impendium.core.loan;

/** What an extra payment does to the payments after it. */
public enum ExtraEffect {
    /** They stay as they are, and the loan ends early. */
    END_EARLY,
    /** The payment is recalculated on the balance for what is left of the payments agreed. */
    RECAST
}
