package app.impendium.server.casefile;

import app.impendium.server.evaluation.CaseDocument;
import java.time.Instant;
import java.util.UUID;

/**
 * A case in its latest state.
 *
 * @param revision counts the saved states from 0; sent back in If-Match when saving
 */
public record CaseView(UUID id, int revision, CaseDocument document, Instant savedAt, String savedBy) {

    static CaseView of(SavedCase saved) {
        return new CaseView(saved.id(), saved.revision(), saved.document(), saved.savedAt(), saved.savedBy());
    }

    /** The entity tag of this state. */
    String eTag() {
        return "\"" + revision + "\"";
    }
}
