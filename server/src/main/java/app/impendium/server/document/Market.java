package app.impendium.server.document;

/** Markets whose conventions, words and ways of writing figures are known. */
public enum Market {
    US,
    CA,
    GB,
    AU;

    /** The market of a document: the one chosen, else the one that the currency suggests, once there is one. */
    public static Market of(CaseDocument document) {
        if (document.market() != null || document.currency() == null) {
            return document.market() == null ? US : document.market();
        }
        return switch (document.currency()) {
            case CAD -> CA;
            case GBP -> GB;
            case AUD -> AU;
            case USD, NZD, EUR, CHF -> US;
        };
    }
}
