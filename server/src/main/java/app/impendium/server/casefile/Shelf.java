package app.impendium.server.casefile;

/** Where a case lies. */
public enum Shelf {
    /** It is worked on. */
    OPEN,
    /** It is put away, and can be had back. */
    ARCHIVED,
    /** It is deleted, and can be had back for some days. */
    DELETED,
    /** It is one of the practice's own that cases begin from. */
    TEMPLATES
}
