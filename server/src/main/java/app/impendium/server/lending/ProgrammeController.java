package app.impendium.server.lending;

import app.impendium.server.account.OwnersOnly;
import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.ProgrammeDocument;
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

/** The practice's letting programmes over HTTP. */
@RestController
class ProgrammeController {
    private final KeptItems<ProgrammeDocument> programmes;

    ProgrammeController(KeptItems<ProgrammeDocument> programmes) {
        this.programmes = programmes;
    }

    @GetMapping("/api/programmes")
    List<ProgrammeView> programmes(@AuthenticationPrincipal SignedInAdvisor advisor) {
        return programmes.all(advisor).stream().map(ProgrammeView::of).toList();
    }

    /** Every saved state of a programme, the latest first. */
    @GetMapping("/api/programmes/{id}/states")
    List<ProgrammeView> states(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id) {
        return programmes.history(advisor, id).stream().map(ProgrammeView::of).toList();
    }

    @OwnersOnly
    @Recorded(value = Action.CREATED, of = Kind.RULE)
    @PostMapping("/api/programmes")
    ResponseEntity<ProgrammeView> createProgramme(
            @AuthenticationPrincipal SignedInAdvisor advisor, @RequestBody ProgrammeDocument programme) {
        ProgrammeView created = ProgrammeView.of(programmes.create(advisor, programme));
        return ResponseEntity.created(URI.create("/api/programmes/" + created.id()))
                .eTag(EntityTag.of(created.revision()))
                .body(created);
    }

    @OwnersOnly
    @Recorded(value = Action.CHANGED, of = Kind.RULE)
    @PutMapping("/api/programmes/{id}")
    ResponseEntity<ProgrammeView> saveProgramme(
            @AuthenticationPrincipal SignedInAdvisor advisor,
            @PathVariable UUID id,
            @RequestHeader(name = "If-Match", required = false) String seenTag,
            @RequestBody ProgrammeDocument programme) {
        ProgrammeView saved = ProgrammeView.of(programmes.save(advisor, id, EntityTag.revision(seenTag), programme));
        return ResponseEntity.ok().eTag(EntityTag.of(saved.revision())).body(saved);
    }

    @OwnersOnly
    @Recorded(value = Action.DELETED, of = Kind.RULE)
    @DeleteMapping("/api/programmes/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteProgramme(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id) {
        RecordedNote.say(programmes.delete(advisor, id));
    }

    /** What the practice deleted within thirty days, the latest first. */
    @GetMapping("/api/programmes/bin")
    List<DeletedItem> bin(@AuthenticationPrincipal SignedInAdvisor advisor) {
        return programmes.bin(advisor);
    }

    /** Restores a programme that was deleted, with all its states. */
    @OwnersOnly
    @Recorded(value = Action.RESTORED, of = Kind.RULE)
    @PostMapping("/api/programmes/{id}/restoration")
    ProgrammeView restore(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id) {
        return ProgrammeView.of(programmes.restore(advisor, id));
    }
}
