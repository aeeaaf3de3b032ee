package app.impendium.server.practicedata;

import java.time.Instant;
import java.util.UUID;

/**
 * Something that a practice deleted and can restore.
 *
 * @param name what it was called
 * @param goesAt when it is deleted for good
 */
public record DeletedItem(UUID id, String name, Instant deletedAt, String deletedBy, Instant goesAt) {}
