package app.impendium.server.handout;

import java.time.Instant;
import java.util.UUID;

/**
 * A hand-out that was issued.
 *
 * @param caseRevision the saved state of the case that it tells of
 * @param preparedFor who it was for; empty where nobody was named
 * @param programVersion the version of the program that made it
 */
public record IssuedView(
        UUID id, int caseRevision, String preparedFor, Instant issuedAt, String issuedBy, String programVersion) {}
