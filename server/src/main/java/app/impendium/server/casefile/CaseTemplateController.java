package app.impendium.server.casefile;

import app.impendium.server.account.OwnersOnly;
import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.practice.PracticeSettings;
import app.impendium.server.recorded.Action;
import app.impendium.server.recorded.Kind;
import app.impendium.server.recorded.Recorded;
import java.time.Clock;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The practice's own cases that others begin from. They are listed, opened and changed as cases are. */
@RestController
class CaseTemplateController {
    private final CaseStore store;
    private final PracticeSettings settings;
    private final Clock clock;

    CaseTemplateController(CaseStore store, PracticeSettings settings, Clock clock) {
        this.store = store;
        this.settings = settings;
        this.clock = clock;
    }

    /**
     * What a case that others begin from is called.
     *
     * @param title from 1 to 200 characters; the case's own would tell whom it was for
     */
    record TemplateQuestion(String title) {}

    /** Keeps what a case says as one that others begin from, without what it says of its clients. */
    @OwnersOnly
    @Recorded(value = Action.READ, of = Kind.CASE)
    @PostMapping("/api/cases/{id}/template")
    @ResponseStatus(HttpStatus.CREATED)
    CaseView keepAsTemplate(
            @AuthenticationPrincipal SignedInAdvisor owner,
            @PathVariable UUID id,
            @RequestBody TemplateQuestion question) {
        CaseDocument bare = BareCase.nobodys(store.read(owner, id).document());
        return store.createTemplate(owner, bare.named(question.title(), ""));
    }

    /** What a case that begins from another starts with today; the title is the advisor's to give. */
    @Recorded(value = Action.READ, of = Kind.CASE)
    @GetMapping("/api/cases/{id}/starting-case")
    CaseDocument startingCase(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id) {
        LocalDate today = LocalDate.now(clock.withZone(settings.timeZone(advisor)));
        CaseView from = store.read(advisor, id);
        CaseDocument bare = from.shelf() == Shelf.TEMPLATES
                ? BareCase.withoutClients(from.document())
                : BareCase.nobodys(from.document());
        return StartingCases.asOf(bare, today);
    }
}
