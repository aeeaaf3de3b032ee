package app.impendium.server.loanlist;

import io.swagger.v3.oas.annotations.media.Schema;

/**
 * How far a list of loans is, a line of the answer.
 *
 * @param doing what is done with it
 * @param done how many of its lines
 * @param of how many
 * @param outcome what came of it, with the last step; absent before
 */
record LoanListStep(
        Doing doing,
        int done,
        int of,
        @Schema(nullable = true) LoanListView outcome) {

    /** What is done with a list. */
    enum Doing {
        READING,
        KEEPING,
        DONE
    }
}
