package app.impendium.server.rates;

import app.impendium.server.document.RateTableDocument;
import app.impendium.server.practicedata.KeptItem;
import java.time.Instant;
import java.util.UUID;

/**
 * A rate table of the practice.
 *
 * @param revision counts its saved states from 0
 * @param savedBy the name of whoever saved this state
 */
public record RateTableView(UUID id, int revision, RateTableDocument table, Instant savedAt, String savedBy) {
    static RateTableView of(KeptItem<RateTableDocument> kept) {
        return new RateTableView(kept.id(), kept.revision(), kept.value(), kept.savedAt(), kept.savedBy());
    }
}
