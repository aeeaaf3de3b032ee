package app.impendium.server.jobs;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;

/**
 * A job, as owners see it. What it failed by is in the log of the installation, for it may speak of other practices.
 *
 * @param nextAt when it is due again
 * @param lastAt when it began last; null where it never did
 * @param tookMs how long it took then, in milliseconds; null where it was never done
 * @param hasFailed whether it failed then, and is tried again
 */
public record JobView(
        JobName name,
        Instant nextAt,
        @Schema(nullable = true) Instant lastAt,
        @Schema(nullable = true) Long tookMs,
        boolean hasFailed) {}
