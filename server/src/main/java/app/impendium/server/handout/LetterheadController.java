package app.impendium.server.handout;

import app.impendium.server.account.OwnersOnly;
import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.LetterheadDocument;
import app.impendium.server.practicedata.KeptItem;
import app.impendium.server.problem.EntityTag;
import app.impendium.server.recorded.Action;
import app.impendium.server.recorded.Kind;
import app.impendium.server.recorded.Recorded;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** The practice's letterhead over HTTP. */
@RestController
class LetterheadController {
    /** What whoever saves the first has seen: no state. */
    private static final int FIRST = -1;

    private final Letterheads letterheads;

    LetterheadController(Letterheads letterheads) {
        this.letterheads = letterheads;
    }

    /**
     * The practice's letterhead.
     *
     * @param revision counts its saved states from 0; absent before it has one
     */
    record LetterheadView(@Schema(nullable = true) Integer revision, LetterheadDocument letterhead) {}

    @GetMapping("/api/letterhead")
    LetterheadView letterhead(@AuthenticationPrincipal SignedInAdvisor advisor) {
        return new LetterheadView(
                letterheads.saved(advisor).map(KeptItem::revision).orElse(null), letterheads.of(advisor));
    }

    /**
     * A saved state of the letterhead.
     *
     * @param savedBy the name of whoever saved it
     */
    record LetterheadState(int revision, LetterheadDocument letterhead, Instant savedAt, String savedBy) {
        static LetterheadState of(KeptItem<LetterheadDocument> kept) {
            return new LetterheadState(kept.revision(), kept.value(), kept.savedAt(), kept.savedBy());
        }
    }

    /** Every saved state of the letterhead, the latest first; none before it has one. */
    @GetMapping("/api/letterhead/states")
    List<LetterheadState> states(@AuthenticationPrincipal SignedInAdvisor advisor) {
        return letterheads.history(advisor).stream().map(LetterheadState::of).toList();
    }

    /** Presents the practice so from now on. */
    @OwnersOnly
    @Recorded(value = Action.CHANGED, of = Kind.PRACTICE)
    @PutMapping("/api/letterhead")
    ResponseEntity<LetterheadView> saveLetterhead(
            @AuthenticationPrincipal SignedInAdvisor advisor,
            @RequestHeader(name = "If-Match", required = false) String seenTag,
            @RequestBody LetterheadDocument letterhead) {
        int seen = seenTag == null ? FIRST : EntityTag.revision(seenTag);
        KeptItem<LetterheadDocument> saved = letterheads.save(advisor, seen, letterhead);
        return ResponseEntity.ok()
                .eTag(EntityTag.of(saved.revision()))
                .body(new LetterheadView(saved.revision(), saved.value()));
    }
}
