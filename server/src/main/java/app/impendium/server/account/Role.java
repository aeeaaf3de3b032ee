package app.impendium.server.account;

/** What somebody may do in their practice. */
public enum Role {
    /** Decides for the practice: its people, limits, rates, programmes and templates; and works on cases. */
    OWNER,
    /** Works on cases. */
    ADVISOR
}
