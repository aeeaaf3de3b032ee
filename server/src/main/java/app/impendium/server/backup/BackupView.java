package app.impendium.server.backup;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;

/**
 * What came of the backups of each day.
 *
 * @param isOn whether they are made at all
 * @param lastSuccessAt null where none was made yet
 * @param problem what was said of one that failed after the last success; null where none did
 */
record BackupView(
        boolean isOn,
        @Schema(nullable = true) Instant lastSuccessAt,
        @Schema(nullable = true) String problem) {}
