package app.impendium.server.clientpage;

import java.time.Instant;

/**
 * What a client wrote back.
 *
 * @param changes what their page said differently when they wrote
 */
record ClientNoteView(String words, ClientChanges changes, Instant sentAt) {}
