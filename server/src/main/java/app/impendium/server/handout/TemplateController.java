package app.impendium.server.handout;

import app.impendium.server.account.OwnersOnly;
import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.HandoutTemplateDocument;
import app.impendium.server.practicedata.DeletedItem;
import app.impendium.server.practicedata.KeptItems;
import app.impendium.server.problem.EntityTag;
import app.impendium.server.recorded.Action;
import app.impendium.server.recorded.Kind;
import app.impendium.server.recorded.Recorded;
import app.impendium.server.recorded.RecordedNote;
import java.net.URI;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The practice's templates over HTTP. */
@RestController
class TemplateController {
    private final KeptItems<HandoutTemplateDocument> templates;

    TemplateController(KeptItems<HandoutTemplateDocument> templates) {
        this.templates = templates;
    }

    @GetMapping("/api/hand-out-templates")
    List<TemplateView> templates(@AuthenticationPrincipal SignedInAdvisor advisor) {
        return templates.all(advisor).stream().map(TemplateView::of).toList();
    }

    @OwnersOnly
    @Recorded(value = Action.CREATED, of = Kind.HAND_OUT_TEMPLATE)
    @PostMapping("/api/hand-out-templates")
    ResponseEntity<TemplateView> createTemplate(
            @AuthenticationPrincipal SignedInAdvisor advisor, @RequestBody HandoutTemplateDocument template) {
        TemplateView created = TemplateView.of(templates.create(advisor, template));
        return ResponseEntity.created(URI.create("/api/hand-out-templates/" + created.id()))
                .eTag(EntityTag.of(created.revision()))
                .body(created);
    }

    @OwnersOnly
    @Recorded(value = Action.CHANGED, of = Kind.HAND_OUT_TEMPLATE)
    @PutMapping("/api/hand-out-templates/{id}")
    ResponseEntity<TemplateView> saveTemplate(
            @AuthenticationPrincipal SignedInAdvisor advisor,
            @PathVariable UUID id,
            @RequestHeader(name = "If-Match", required = false) String seenTag,
            @RequestBody HandoutTemplateDocument template) {
        TemplateView saved = TemplateView.of(templates.save(advisor, id, EntityTag.revision(seenTag), template));
        return ResponseEntity.ok().eTag(EntityTag.of(saved.revision())).body(saved);
    }

    @OwnersOnly
    @Recorded(value = Action.DELETED, of = Kind.HAND_OUT_TEMPLATE)
    @DeleteMapping("/api/hand-out-templates/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteTemplate(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id) {
        RecordedNote.say(templates.delete(advisor, id));
    }

    /** Every saved state of a template, the latest first. */
    @GetMapping("/api/hand-out-templates/{id}/states")
    List<TemplateView> states(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id) {
        return templates.history(advisor, id).stream().map(TemplateView::of).toList();
    }

    /** What the practice deleted within thirty days, the latest first. */
    @GetMapping("/api/hand-out-templates/bin")
    List<DeletedItem> bin(@AuthenticationPrincipal SignedInAdvisor advisor) {
        return templates.bin(advisor);
    }

    /** Restores a template that was deleted, with all its states. */
    @OwnersOnly
    @Recorded(value = Action.RESTORED, of = Kind.HAND_OUT_TEMPLATE)
    @PostMapping("/api/hand-out-templates/{id}/restoration")
    TemplateView restore(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id) {
        return TemplateView.of(templates.restore(advisor, id));
    }
}
