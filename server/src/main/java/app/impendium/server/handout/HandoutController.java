package app.impendium.server.handout;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.handout.content.HandoutContent;
import app.impendium.server.handout.pdf.Printing;
import app.impendium.server.problem.EntityTag;
import app.impendium.server.recorded.Action;
import app.impendium.server.recorded.Kind;
import app.impendium.server.recorded.Recorded;
import app.impendium.server.spool.SpooledFile;
import app.impendium.server.words.FileName;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.springframework.core.io.InputStreamResource;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Hand-outs of a case: as they would be today, and as they were issued. */
@RestController
class HandoutController {
    private final Tellings tellings;
    private final IssuedHandouts issued;
    private final Printing printing;

    HandoutController(Tellings tellings, IssuedHandouts issued, Printing printing) {
        this.tellings = tellings;
        this.issued = issued;
        this.printing = printing;
    }

    /** What a hand-out of the case says, without keeping anything of it. */
    @PostMapping("/api/hand-outs/content")
    HandoutContent content(@AuthenticationPrincipal SignedInAdvisor advisor, @RequestBody HandoutQuestion question) {
        return tellings.composed(advisor, tellings.of(advisor, question));
    }

    /** The same as a PDF. */
    @Recorded(value = Action.EXPORTED, of = Kind.CASE)
    @PostMapping(path = "/api/hand-outs/pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<InputStreamResource> pdf(
            @AuthenticationPrincipal SignedInAdvisor advisor, @RequestBody HandoutQuestion question) {
        return printed(tellings.composed(advisor, tellings.of(advisor, question)));
    }

    /**
     * What is issued.
     *
     * @param titles what the options are called
     */
    record IssueQuestion(List<String> titles) {
        IssueQuestion {
            titles = titles == null ? List.of() : titles;
        }
    }

    /** Issues a hand-out of the case as it is saved, and keeps it. */
    @Recorded(value = Action.HANDED_OUT, of = Kind.CASE)
    @PostMapping("/api/cases/{id}/hand-outs")
    @ResponseStatus(HttpStatus.CREATED)
    IssuedView issue(
            @AuthenticationPrincipal SignedInAdvisor advisor,
            @PathVariable UUID id,
            @RequestHeader(name = "If-Match", required = false) String seenTag,
            @RequestBody IssueQuestion question) {
        return issued.issue(advisor, id, EntityTag.revision(seenTag), question.titles());
    }

    /** What was issued of a case, the latest first. */
    @GetMapping("/api/cases/{id}/hand-outs")
    List<IssuedView> issuedOf(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id) {
        return issued.of(advisor, id);
    }

    /** An issued hand-out as a PDF, made again from what was kept. */
    @Recorded(value = Action.EXPORTED, of = Kind.HAND_OUT)
    @GetMapping(path = "/api/hand-outs/{id}/pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<InputStreamResource> issuedPdf(
            @AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id) {
        return printed(issued.content(advisor, id));
    }

    private ResponseEntity<InputStreamResource> printed(HandoutContent content) {
        SpooledFile printed = printing.print(content);
        ContentDisposition name = ContentDisposition.attachment()
                .filename(FileName.of(content.title(), content.day(), "pdf"), StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .header(HttpHeaders.CONTENT_DISPOSITION, name.toString())
                .contentLength(printed.bytes())
                .body(new InputStreamResource(printed.contents()));
    }
}
