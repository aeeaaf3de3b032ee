package app.impendium.server.casefile;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.problem.RefusedException;
import app.impendium.server.recorded.Action;
import app.impendium.server.recorded.Kind;
import app.impendium.server.recorded.Recorded;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The history of a case. An earlier state is brought back by saving what it says as a new one. */
@RestController
class HistoryController {
    private final CaseHistory history;

    HistoryController(CaseHistory history) {
        this.history = history;
    }

    /**
     * Twenty-five saved states of a case, the latest first.
     *
     * @param from how many are left out before, from 0
     */
    @Recorded(value = Action.READ, of = Kind.CASE)
    @GetMapping("/api/cases/{id}/states")
    HistoryView states(
            @AuthenticationPrincipal SignedInAdvisor advisor,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "0") int from) {
        if (from < 0) {
            throw new RefusedException(
                    HttpStatus.BAD_REQUEST, "No such part", "from counts from 0, but was " + from + ".");
        }
        return history.of(advisor, id, from);
    }

    /** @param name null to take it away */
    record StateName(@Schema(nullable = true) String name) {}

    /** Calls a state by name, which keeps it for good. */
    @Recorded(value = Action.CHANGED, of = Kind.CASE)
    @PutMapping("/api/cases/{id}/states/{state}/name")
    StateView name(
            @AuthenticationPrincipal SignedInAdvisor advisor,
            @PathVariable UUID id,
            @PathVariable UUID state,
            @RequestBody StateName wanted) {
        return history.name(advisor, id, state, Optional.ofNullable(wanted.name()));
    }

    /** Keeps what gave way to a colleague's state. */
    @Recorded(value = Action.CHANGED, of = Kind.CASE)
    @PostMapping("/api/cases/{id}/states/given-way")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keepWhatGaveWay(
            @AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id, @RequestBody CaseDocument gone) {
        history.keepWhatGaveWay(advisor, id, gone);
    }
}
