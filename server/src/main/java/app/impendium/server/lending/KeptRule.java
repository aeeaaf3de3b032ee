package app.impendium.server.lending;

import java.time.Instant;
import java.util.UUID;

/**
 * A state of one of a practice's rules.
 *
 * @param revision counts its saved states from 0
 * @param savedBy the name of whoever saved this state
 */
public record KeptRule<D>(UUID id, int revision, D rule, Instant savedAt, String savedBy) {}
