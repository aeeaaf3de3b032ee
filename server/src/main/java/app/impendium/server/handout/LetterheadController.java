package app.impendium.server.handout;

import app.impendium.server.account.OwnersOnly;
import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.LetterheadDocument;
import app.impendium.server.recorded.Action;
import app.impendium.server.recorded.Kind;
import app.impendium.server.recorded.Recorded;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The practice's letterhead over HTTP. */
@RestController
class LetterheadController {
    private final Letterheads letterheads;

    LetterheadController(Letterheads letterheads) {
        this.letterheads = letterheads;
    }

    @GetMapping("/api/letterhead")
    LetterheadDocument letterhead(@AuthenticationPrincipal SignedInAdvisor advisor) {
        return letterheads.of(advisor);
    }

    @OwnersOnly
    @Recorded(value = Action.CHANGED, of = Kind.PRACTICE)
    @PutMapping("/api/letterhead")
    LetterheadDocument saveLetterhead(
            @AuthenticationPrincipal SignedInAdvisor advisor, @RequestBody LetterheadDocument letterhead) {
        return letterheads.save(advisor, letterhead);
    }
}
