package app.impendium.server.lending;

import app.impendium.server.document.ProgrammeDocument;
import app.impendium.server.practicedata.KeptItem;
import java.time.Instant;
import java.util.UUID;

/**
 * A letting programme of the practice.
 *
 * @param revision counts its saved states from 0
 * @param savedBy the name of whoever saved this state
 */
public record ProgrammeView(UUID id, int revision, ProgrammeDocument programme, Instant savedAt, String savedBy) {

    static ProgrammeView of(KeptItem<ProgrammeDocument> kept) {
        return new ProgrammeView(kept.id(), kept.revision(), kept.value(), kept.savedAt(), kept.savedBy());
    }
}
