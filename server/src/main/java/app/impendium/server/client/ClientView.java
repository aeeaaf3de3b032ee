package app.impendium.server.client;

import java.time.Instant;
import java.util.UUID;

/**
 * A client of the practice.
 *
 * @param revision counts the changes from 0; sent back in If-Match when saving
 */
public record ClientView(UUID id, int revision, ClientDetails details, Instant savedAt, String savedBy) {
    static ClientView of(ClientRow row) {
        return new ClientView(row.id(), row.revision(), row.details(), row.savedAt(), row.savedBy());
    }
}
