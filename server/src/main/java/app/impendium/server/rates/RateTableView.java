package app.impendium.server.rates;

import app.impendium.server.document.RateTableDocument;
import java.time.Instant;
import java.util.UUID;

/**
 * A rate table of the practice.
 *
 * @param revision counts its saved states from 0
 * @param savedBy the name of whoever saved this state
 */
public record RateTableView(UUID id, int revision, RateTableDocument table, Instant savedAt, String savedBy) {
    String eTag() {
        return "\"" + revision + "\"";
    }
}
