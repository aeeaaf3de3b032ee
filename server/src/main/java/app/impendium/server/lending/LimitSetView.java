package app.impendium.server.lending;

import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.practicedata.KeptItem;
import java.time.Instant;
import java.util.UUID;

/**
 * A limit set of the practice.
 *
 * @param revision counts its saved states from 0
 * @param isPublic whether it says what is published for all, as it came with the product: to be checked before use
 * @param savedBy the name of whoever saved this state
 */
public record LimitSetView(
        UUID id, int revision, LimitSetDocument set, boolean isPublic, Instant savedAt, String savedBy) {

    static LimitSetView of(KeptItem<LimitSetDocument> kept, boolean isPublic) {
        return new LimitSetView(kept.id(), kept.revision(), kept.value(), isPublic, kept.savedAt(), kept.savedBy());
    }
}
