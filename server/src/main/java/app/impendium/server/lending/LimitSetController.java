package app.impendium.server.lending;

import app.impendium.server.account.OwnersOnly;
import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.document.Market;
import app.impendium.server.practicedata.DeletedItem;
import app.impendium.server.practicedata.KeptItem;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The practice's limit sets over HTTP. */
@RestController
class LimitSetController {
    private final KeptItems<LimitSetDocument> sets;
    private final StartingLimits starting;

    LimitSetController(KeptItems<LimitSetDocument> sets, StartingLimits starting) {
        this.sets = sets;
        this.starting = starting;
    }

    @GetMapping("/api/limit-sets")
    List<LimitSetView> limitSets(@AuthenticationPrincipal SignedInAdvisor advisor) {
        return sets.all(advisor).stream().map(this::view).toList();
    }

    /** Every saved state of a set, the latest first. */
    @GetMapping("/api/limit-sets/{id}/states")
    List<LimitSetView> states(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id) {
        return sets.history(advisor, id).stream().map(this::view).toList();
    }

    /** Adds the starting sets of a market, but for those whose name is taken. */
    @OwnersOnly
    @Recorded(value = Action.CREATED, of = Kind.RULE)
    @PostMapping("/api/limit-sets/starting")
    List<LimitSetView> start(@AuthenticationPrincipal SignedInAdvisor advisor, @RequestParam Market market) {
        return starting.add(advisor, market).stream().map(this::view).toList();
    }

    @OwnersOnly
    @Recorded(value = Action.CREATED, of = Kind.RULE)
    @PostMapping("/api/limit-sets")
    ResponseEntity<LimitSetView> createLimitSet(
            @AuthenticationPrincipal SignedInAdvisor advisor, @RequestBody LimitSetDocument set) {
        LimitSetView created = view(sets.create(advisor, set));
        return ResponseEntity.created(URI.create("/api/limit-sets/" + created.id()))
                .eTag(EntityTag.of(created.revision()))
                .body(created);
    }

    @OwnersOnly
    @Recorded(value = Action.CHANGED, of = Kind.RULE)
    @PutMapping("/api/limit-sets/{id}")
    ResponseEntity<LimitSetView> saveLimitSet(
            @AuthenticationPrincipal SignedInAdvisor advisor,
            @PathVariable UUID id,
            @RequestHeader(name = "If-Match", required = false) String seenTag,
            @RequestBody LimitSetDocument set) {
        LimitSetView saved = view(sets.save(advisor, id, EntityTag.revision(seenTag), set));
        return ResponseEntity.ok().eTag(EntityTag.of(saved.revision())).body(saved);
    }

    @OwnersOnly
    @Recorded(value = Action.DELETED, of = Kind.RULE)
    @DeleteMapping("/api/limit-sets/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteLimitSet(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id) {
        RecordedNote.say(sets.delete(advisor, id));
    }

    /** What the practice deleted within thirty days, the latest first. */
    @GetMapping("/api/limit-sets/bin")
    List<DeletedItem> bin(@AuthenticationPrincipal SignedInAdvisor advisor) {
        return sets.bin(advisor);
    }

    /** Restores a limit set that was deleted, with all its states. */
    @OwnersOnly
    @Recorded(value = Action.RESTORED, of = Kind.RULE)
    @PostMapping("/api/limit-sets/{id}/restoration")
    LimitSetView restore(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id) {
        return view(sets.restore(advisor, id));
    }

    private LimitSetView view(KeptItem<LimitSetDocument> kept) {
        return LimitSetView.of(kept, starting.hold(kept.value()));
    }
}
