package app.impendium.server.handout;

import app.impendium.server.document.CaseDocument;
import java.util.List;

/**
 * A case that a hand-out tells of.
 *
 * @param titles what the options are called, in the case's order, each at most 200 characters; those that are missing are called by
 *     their names, or counted
 */
public record HandoutQuestion(CaseDocument document, List<String> titles) {
    public HandoutQuestion {
        titles = titles == null ? List.of() : titles;
    }
}
