package app.impendium.core.afford;

/** Who decides on an application. */
public enum Underwriting {
    /** A lender's program has accepted it. */
    AUTOMATED,
    /** A person goes through it. */
    MANUAL
}
