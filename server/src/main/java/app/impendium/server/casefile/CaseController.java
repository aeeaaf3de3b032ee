package app.impendium.server.casefile;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.audit.AuditLog;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.Market;
import app.impendium.server.practice.PracticeSettings;
import app.impendium.server.problem.EntityTag;
import app.impendium.server.problem.RefusedException;
import app.impendium.server.recorded.Action;
import app.impendium.server.recorded.Kind;
import app.impendium.server.recorded.Recorded;
import app.impendium.server.search.ListStart;
import app.impendium.server.search.SearchWords;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.net.URI;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Cases over HTTP. A state is named by its entity tag: what changes one says which it has seen. */
@RestController
class CaseController {
    private static final int MOST_AT_ONCE = 500;

    private final CaseStore store;
    private final CaseChanges changes;
    private final AuditLog log;
    private final StartingCases startingCases;
    private final PracticeSettings settings;
    private final Clock clock;

    CaseController(
            CaseStore store,
            CaseChanges changes,
            AuditLog log,
            StartingCases startingCases,
            PracticeSettings settings,
            Clock clock) {
        this.store = store;
        this.changes = changes;
        this.log = log;
        this.startingCases = startingCases;
        this.settings = settings;
        this.clock = clock;
    }

    /**
     * Fifty of the practice's cases.
     *
     * @param filter which of them, and in which order
     * @param from how many are left out before, from 0
     */
    @GetMapping("/api/cases")
    CaseList search(
            @AuthenticationPrincipal SignedInAdvisor advisor,
            @ParameterObject @ModelAttribute CaseFilter filter,
            @RequestParam(defaultValue = "0") int from) {
        ListStart.check(from);
        filter.check();
        return SearchWords.isUnlikeAnything(filter.search())
                ? new CaseList(0, List.of())
                : store.search(advisor, filter, from);
    }

    /**
     * The figures a new case starts from; the title is the advisor's to give.
     *
     * @param market whose usual terms; without it, the practice's
     */
    @GetMapping("/api/starting-case")
    CaseDocument startingCase(
            @AuthenticationPrincipal SignedInAdvisor advisor, @RequestParam(required = false) Market market) {
        Market chosen = market == null ? settings.market(advisor) : market;
        return startingCases.of(chosen, LocalDate.now(clock.withZone(settings.timeZone(advisor))));
    }

    @Recorded(value = Action.CREATED, of = Kind.CASE)
    @PostMapping("/api/cases")
    ResponseEntity<CaseView> create(
            @AuthenticationPrincipal SignedInAdvisor advisor, @RequestBody CaseDocument document) {
        CaseView created = store.create(advisor, document);
        return ResponseEntity.created(URI.create("/api/cases/" + created.id()))
                .eTag(created.eTag())
                .body(created);
    }

    @Recorded(value = Action.READ, of = Kind.CASE)
    @GetMapping("/api/cases/{id}")
    ResponseEntity<CaseView> read(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id) {
        return answer(store.read(advisor, id));
    }

    @ApiResponse(
            responseCode = "409",
            description = "Saved from elsewhere in the meantime",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_PROBLEM_JSON_VALUE,
                            schema = @Schema(implementation = ConflictView.class)))
    @Recorded(value = Action.CHANGED, of = Kind.CASE)
    @PutMapping("/api/cases/{id}")
    ResponseEntity<CaseView> save(
            @AuthenticationPrincipal SignedInAdvisor advisor,
            @PathVariable UUID id,
            @RequestHeader(name = "If-Match", required = false) String seenTag,
            @RequestBody CaseDocument document) {
        int seen = EntityTag.revision(seenTag);
        try {
            return answer(store.save(advisor, id, seen, document));
        } catch (OptimisticLockingFailureException e) {
            // Someone saved between our look and our save: a second look finds theirs and answers with both states.
            return answer(store.save(advisor, id, seen, document));
        }
    }

    @Recorded(value = Action.DELETED, of = Kind.CASE)
    @DeleteMapping("/api/cases/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id) {
        changes.change(advisor, Set.of(id), CaseChange.DELETE, null);
    }

    /** Brings a deleted case back. */
    @Recorded(value = Action.RESTORED, of = Kind.CASE)
    @PostMapping("/api/cases/{id}/restoration")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id) {
        changes.change(advisor, Set.of(id), CaseChange.RESTORE, null);
    }

    /**
     * What is done to many cases.
     *
     * @param cases their ids, from 1 to 500
     * @param advisor the id of who looks after them from now on; read where they are handed over
     */
    record ManyChanged(
            Set<UUID> cases,
            CaseChange change,
            @Schema(nullable = true) UUID advisor) {}

    /** Changes many cases, all of them or none. */
    @PostMapping("/api/cases/changes")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(@AuthenticationPrincipal SignedInAdvisor advisor, @RequestBody ManyChanged wanted) {
        Set<UUID> cases = wanted.cases() == null ? Set.of() : wanted.cases();
        if (cases.isEmpty() || cases.size() > MOST_AT_ONCE || cases.contains(null)) {
            throw RefusedException.atField(
                    "/cases",
                    cases.size() + " cases",
                    "from 1 to " + MOST_AT_ONCE + " cases",
                    "Choose from 1 to " + MOST_AT_ONCE + " cases.");
        }
        if (wanted.change() == null) {
            throw RefusedException.atField(
                    "/change", "nothing", Arrays.toString(CaseChange.values()), "Say what is done to the cases.");
        }
        String note = changes.change(advisor, cases, wanted.change(), wanted.advisor());
        cases.forEach(id -> log.record(advisor, wanted.change().recorded(), Kind.CASE, id, note));
    }

    private static ResponseEntity<CaseView> answer(CaseView view) {
        return ResponseEntity.ok().eTag(view.eTag()).body(view);
    }
}
