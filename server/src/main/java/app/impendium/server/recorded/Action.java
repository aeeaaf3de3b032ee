package app.impendium.server.recorded;

/** What somebody did. */
public enum Action {
    SIGNED_IN,
    /** Somebody tried to sign in as them, and was refused. */
    SIGN_IN_REFUSED,
    READ,
    CREATED,
    CHANGED,
    ARCHIVED,
    REOPENED,
    DELETED,
    RESTORED,
    HANDED_OVER,
    /** It left the program as a file. */
    EXPORTED,
    /** It was issued to a client, on paper or as a page. */
    HANDED_OUT,
    MERGED,
    /** Several were made of it. */
    DIVIDED,
    /** It was taken away for good, with all that it held. */
    ERASED
}
