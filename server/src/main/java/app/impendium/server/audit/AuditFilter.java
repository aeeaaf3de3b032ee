package app.impendium.server.audit;

import app.impendium.server.recorded.Action;
import app.impendium.server.recorded.Kind;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.format.annotation.DateTimeFormat.ISO;

/**
 * Which entries of the log are listed. What is not said leaves none out.
 *
 * @param advisor who did it
 * @param action what they did
 * @param kind what they did it to
 * @param subject the id of what they did it to
 * @param since the first day, where the practice works
 * @param until the last day
 */
record AuditFilter(
        UUID advisor,
        Action action,
        Kind kind,
        UUID subject,
        @DateTimeFormat(iso = ISO.DATE) LocalDate since,
        @DateTimeFormat(iso = ISO.DATE) LocalDate until) {}
