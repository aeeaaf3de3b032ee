package app.impendium.server.lending;

import java.util.UUID;

/** Told within the transaction that makes a practice's rules others than before. */
public record RulesChanged(UUID practiceId) {}
