package app.impendium.core.rental;

/** How a home is let. */
public enum LettingBasis {
    /** As a whole, by the year or longer. */
    LONG,
    /** As a whole, by the night or the week. */
    SHORT,
    /** Room by room. */
    BY_ROOM
}
