package app.impendium.server.casefile;

/**
 * The problem document of a save that someone else's stands in the way of, as clients read it.
 *
 * @param title the kind of refusal, in a few words
 * @param detail the reason, as a sentence for the user
 * @param status the HTTP status
 * @param saved the state that stands in the way
 */
public record ConflictView(String title, String detail, int status, CaseView saved) {}
