package app.impendium.server.clientpage;

import java.time.Instant;
import java.util.UUID;

/**
 * Notes of a case's clients that nobody of the practice has seen.
 *
 * @param title what the case is called
 * @param notes how many
 * @param lastSentAt when the latest came
 */
record UnseenNotesView(UUID caseId, String title, long notes, Instant lastSentAt) {}
