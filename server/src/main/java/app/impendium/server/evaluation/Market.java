package app.impendium.server.evaluation;

/** Markets whose conventions, words and ways of writing figures are known. */
public enum Market {
    US,
    CA,
    GB,
    AU
}
