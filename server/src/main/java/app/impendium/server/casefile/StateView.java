package app.impendium.server.casefile;

import app.impendium.server.document.CaseDocument;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.UUID;

/**
 * A saved state of a case.
 *
 * @param revision of the case; one that gave way has that of the state it gave way to
 * @param name what it is called; null where nobody named it
 * @param gaveWay whether it gave way to a colleague's, and never was the case's
 */
public record StateView(
        UUID id,
        int revision,
        CaseDocument document,
        Instant savedAt,
        String savedBy,
        @Schema(nullable = true) String name,
        boolean gaveWay) {

    static StateView of(CaseState state) {
        return new StateView(
                state.id(),
                state.revision(),
                state.document(),
                state.savedAt(),
                state.savedBy(),
                state.name().orElse(null),
                state.gaveWay());
    }
}
