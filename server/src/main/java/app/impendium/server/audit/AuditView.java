package app.impendium.server.audit;

import app.impendium.server.recorded.Action;
import app.impendium.server.recorded.Kind;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * A part of the log, the latest first.
 *
 * @param total how many entries there are in all, of those that the filter leaves
 * @param entries a hundred at the most
 */
record AuditView(long total, List<Entry> entries) {

    /**
     * What somebody did.
     *
     * @param firstAt when they did it first
     * @param lastAt when they did it last, within the same quarter of an hour
     * @param times how often
     * @param who their name today
     * @param subjectId the id of what they did it to; absent where the kind says it all
     * @param subject what it is called today; absent where it is gone
     * @param note what else is to be known; empty for nothing
     */
    record Entry(
            Instant firstAt,
            Instant lastAt,
            int times,
            String who,
            Action action,
            Kind kind,
            @Schema(nullable = true) UUID subjectId,
            @Schema(nullable = true) String subject,
            String note) {}
}
