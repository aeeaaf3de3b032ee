package app.impendium.server.casefile;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.CaseDocument;
import java.time.Instant;
import java.util.UUID;

/**
 * A case in its latest state.
 *
 * @param revision counts the saved states from 0; sent back in If-Match when saving
 * @param savedByYou whether it was saved by who asks, perhaps from elsewhere
 * @param shelf where it lies
 */
public record CaseView(
        UUID id,
        int revision,
        CaseDocument document,
        Instant savedAt,
        String savedBy,
        boolean savedByYou,
        Shelf shelf) {

    static CaseView of(SavedCase saved, SignedInAdvisor advisor) {
        return new CaseView(
                saved.id(),
                saved.revision(),
                saved.document(),
                saved.savedAt(),
                saved.savedBy(),
                advisor.id().equals(saved.savedById()),
                saved.shelf());
    }

    /** The entity tag of this state. */
    String eTag() {
        return "\"" + revision + "\"";
    }
}
