package app.impendium.server.practicedata;

import java.time.Instant;
import java.util.UUID;

/**
 * A state of something that a practice keeps.
 *
 * @param revision counts its saved states from 0
 * @param savedBy the name of whoever saved this state
 */
public record KeptItem<D>(UUID id, int revision, D value, Instant savedAt, String savedBy) {}
