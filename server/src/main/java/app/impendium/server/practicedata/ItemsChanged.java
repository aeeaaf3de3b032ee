package app.impendium.server.practicedata;

import java.util.UUID;

/** Told within the transaction that makes what a practice keeps of a kind other than before. */
public record ItemsChanged(UUID practiceId, ItemKind kind) {}
