package app.impendium.server.evaluation;

/** Which loan a rate ladder is about. */
enum LadderFrom {
    /** The loan as it begins. */
    BEGINNING,
    /** The next loan, when the term of the rate ends. */
    RENEWAL
}
