package app.impendium.server.privacy;

import app.impendium.server.account.OwnersOnly;
import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.LetterheadDocument;
import app.impendium.server.handout.Letterheads;
import app.impendium.server.handout.content.HandoutContent.LetterheadContent;
import app.impendium.server.handout.content.HandoutContent.Paper;
import app.impendium.server.handout.pdf.Printing;
import app.impendium.server.practice.PracticeSettings;
import app.impendium.server.privacy.ClientErasure.Extent;
import app.impendium.server.privacy.ClientRecord.Kept;
import app.impendium.server.recorded.Action;
import app.impendium.server.recorded.Kind;
import app.impendium.server.recorded.Recorded;
import app.impendium.server.spool.SpooledFile;
import app.impendium.server.words.FileName;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import org.springframework.core.io.InputStreamResource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What a client can ask of the practice: a copy of all that is kept of them, and that it is erased. */
@RestController
class PrivacyController {
    private final ClientRecord records;
    private final ClientErasure erasure;
    private final Letterheads letterheads;
    private final PracticeSettings practices;
    private final Printing printing;

    PrivacyController(
            ClientRecord records,
            ClientErasure erasure,
            Letterheads letterheads,
            PracticeSettings practices,
            Printing printing) {
        this.records = records;
        this.erasure = erasure;
        this.letterheads = letterheads;
        this.practices = practices;
        this.printing = printing;
    }

    /** All that is kept of a client, in full. */
    @Recorded(value = Action.EXPORTED, of = Kind.CLIENT)
    @GetMapping(path = "/api/clients/{id}/record", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<InputStreamResource> record(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id)
            throws IOException {
        AtomicReference<Kept> kept = new AtomicReference<>();
        SpooledFile file = SpooledFile.of(out -> kept.set(records.write(advisor, id, out)));
        return named(advisor, kept.get(), "json", MediaType.APPLICATION_JSON, file);
    }

    /** The same on paper, with the latest state of each case. */
    @Recorded(value = Action.EXPORTED, of = Kind.CLIENT)
    @GetMapping(path = "/api/clients/{id}/record/pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<InputStreamResource> recordOnPaper(
            @AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id) {
        Kept kept = records.of(advisor, id);
        LetterheadDocument letterhead = letterheads.of(advisor);
        SpooledFile printed = printing.print(RecordOnPaper.of(
                kept,
                new LetterheadContent(letterhead.name(), letterhead.address(), letterhead.logo()),
                Paper.of(practices.market(advisor)),
                practices.timeZone(advisor)));
        return named(advisor, kept, "pdf", MediaType.APPLICATION_PDF, printed);
    }

    /** What an erasure would take away. */
    @OwnersOnly
    @GetMapping("/api/clients/{id}/erasure")
    Extent extent(@AuthenticationPrincipal SignedInAdvisor owner, @PathVariable UUID id) {
        return erasure.extent(owner, id);
    }

    /** Erases a client for good, with the cases that are theirs alone. */
    @OwnersOnly
    @PostMapping("/api/clients/{id}/erasure")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void erase(@AuthenticationPrincipal SignedInAdvisor owner, @PathVariable UUID id) {
        erasure.erase(owner, id);
    }

    private ResponseEntity<InputStreamResource> named(
            SignedInAdvisor advisor, Kept kept, String ending, MediaType type, SpooledFile file) {
        LocalDate today = LocalDate.ofInstant(kept.collectedAt(), practices.timeZone(advisor));
        ContentDisposition disposition = ContentDisposition.attachment()
                .filename(FileName.of(kept.client().details().name(), today, ending), StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .contentType(type)
                .contentLength(file.bytes())
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString())
                .body(new InputStreamResource(file.contents()));
    }
}
