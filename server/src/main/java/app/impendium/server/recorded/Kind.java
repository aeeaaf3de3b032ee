package app.impendium.server.recorded;

/** What something was done to. */
public enum Kind {
    CASE,
    CLIENT,
    HAND_OUT,
    CLIENT_PAGE,
    PERSON,
    RATES,
    /** A limit set or a programme. */
    RULE,
    HAND_OUT_TEMPLATE,
    /** What the practice has chosen for all: its defaults, its letterhead. */
    PRACTICE,
    /** The log itself. */
    LOG
}
