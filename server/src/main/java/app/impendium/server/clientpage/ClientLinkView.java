package app.impendium.server.clientpage;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * A link to a client's page, as its practice sees it.
 *
 * @param caseRevision the saved state of the case that it shows
 * @param endsOn the last day on which it can be opened
 * @param isOpen whether it can be opened today
 * @param asksForWord whether the client has to type a word
 * @param visits how often it was opened, half an hour apart
 * @param firstOpenedAt absent where it never was
 * @param lastOpenedAt absent where it never was
 * @param notes what came back, the latest first
 */
record ClientLinkView(
        UUID id,
        int caseRevision,
        LocalDate endsOn,
        boolean isOpen,
        boolean asksForWord,
        Instant madeAt,
        String madeBy,
        int visits,
        @Schema(nullable = true) Instant firstOpenedAt,
        @Schema(nullable = true) Instant lastOpenedAt,
        List<ClientNoteView> notes) {

    static ClientLinkView of(ClientLinkRow link, List<ClientNoteView> notes, LocalDate today) {
        return new ClientLinkView(
                link.id(),
                link.caseRevision(),
                link.endsOn(),
                link.isOpen(today),
                link.asksForWord(),
                link.madeAt(),
                link.madeBy(),
                link.visits(),
                link.firstOpenedAt(),
                link.lastOpenedAt(),
                notes);
    }
}
