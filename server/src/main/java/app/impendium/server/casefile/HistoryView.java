package app.impendium.server.casefile;

import app.impendium.server.document.CaseDocument;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * Some of a case's saved states, the latest first.
 *
 * @param total how many states there are in all
 * @param before what the case said before the last of these; null where it began with it
 */
record HistoryView(
        long total,
        List<StateView> states,
        @Schema(nullable = true) CaseDocument before) {}
