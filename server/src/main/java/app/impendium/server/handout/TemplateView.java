package app.impendium.server.handout;

import app.impendium.server.document.HandoutTemplateDocument;
import app.impendium.server.practicedata.KeptItem;
import java.time.Instant;
import java.util.UUID;

/**
 * A template of the practice.
 *
 * @param revision counts its saved states from 0
 * @param savedBy the name of whoever saved this state
 */
public record TemplateView(UUID id, int revision, HandoutTemplateDocument template, Instant savedAt, String savedBy) {

    static TemplateView of(KeptItem<HandoutTemplateDocument> kept) {
        return new TemplateView(kept.id(), kept.revision(), kept.value(), kept.savedAt(), kept.savedBy());
    }
}
