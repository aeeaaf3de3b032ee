package app.impendium.server.lending;

import app.impendium.server.document.LimitSetDocument;
import java.time.Instant;
import java.util.UUID;

/**
 * A limit set of the practice.
 *
 * @param revision counts its saved states from 0
 * @param savedBy the name of whoever saved this state
 */
public record LimitSetView(UUID id, int revision, LimitSetDocument set, Instant savedAt, String savedBy) {

    static LimitSetView of(KeptRule<LimitSetDocument> kept) {
        return new LimitSetView(kept.id(), kept.revision(), kept.rule(), kept.savedAt(), kept.savedBy());
    }
}
